import { defineConfig, mergeConfig } from 'vitest/config';
import whole from './vitest.config';

/** The core's own tests, those of the solver it is given, and the worked cases: what the mutants of the core's rooms are tried against. */
export default mergeConfig(
  { ...whole, test: { ...whole.test, include: [], globalSetup: undefined } },
  // Instrumented code is several times slower.
  defineConfig({
    test: {
      include: ['src/core/**/*.test.ts', 'src/solvers/**/*.test.ts', 'src/cli/calc.test.ts'],
      setupFiles: ['vitest.mutants.setup.ts'],
      env: { MUTANTS: '1' },
      testTimeout: 180_000,
    },
  }),
);
