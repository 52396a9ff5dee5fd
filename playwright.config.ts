import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'e2e',
  globalTeardown: './e2e/tear-down.ts',
  // A test that hangs ends at last; none that runs is cut off, on a machine that is busy with other things either.
  timeout: 600_000,
  expect: { timeout: 90_000 },
  workers: 2,
  fullyParallel: true,
  maxFailures: process.env.CI ? 0 : 10,
  // What passes at the second try is printed as flaky and counted as neither.
  retries: 1,
  forbidOnly: true,
  // Long stories of what the core's own tests hold already are walked by `npm run walks`.
  ...(process.env.RENDLE_WALKS ? {} : { grepInvert: /@walk/ }),
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  outputDir: 'test-results/traces',
  use: {
    // A touch on what is not there is over sooner than its test.
    actionTimeout: 120_000,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Lisbon',
    trace: 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
      ],
    },
  },
});
