import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const src = fileURLToPath(new URL('./src', import.meta.url));

export default defineConfig({
  resolve: { alias: { '@': src, 'server-only': fileURLToPath(new URL('./node_modules/server-only/empty.js', import.meta.url)) } },
  test: {
    // One for each core; left to itself the runner keeps one core free.
    maxWorkers: availableParallelism(),
    // A test that hangs ends at last; none that runs is cut off, on a machine that is busy with other things either.
    testTimeout: 600_000,
    hookTimeout: 600_000,
    // Modules are read once a worker, not once a file: most of the time went there. No test leaves anything in them.
    isolate: false,
    include: ['src/**/*.test.ts', 'src/**/*.test.tsx'],
    environment: 'node',
    globalSetup: 'vitest.sheds.ts',
  },
});
