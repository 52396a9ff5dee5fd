import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const src = fileURLToPath(new URL('./src', import.meta.url));

export default defineConfig({
  resolve: { alias: { '@': src, 'server-only': fileURLToPath(new URL('./node_modules/server-only/empty.js', import.meta.url)) } },
  test: {
    // One for each core; left to itself the runner keeps one core free.
    maxWorkers: availableParallelism(),
    // The demo shed is told anew in many tests; a busy machine takes seconds for it.
    testTimeout: 20_000,
    hookTimeout: 30_000,
    include: ['src/**/*.test.ts', 'src/**/*.test.tsx'],
    environment: 'node',
    globalSetup: 'vitest.sheds.ts',
  },
});
