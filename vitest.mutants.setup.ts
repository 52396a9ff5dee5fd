import { vi } from 'vitest';

/** Mutants are tried by the thousand: twenty runs of a property find what a few hundred do, nearly always. */
const RUNS = 20;

vi.mock('fast-check', async (original) => {
  const real = await original<typeof import('fast-check')>();
  const assert = ((property, how) =>
    real.assert(property, { ...how, numRuns: Math.min(how?.numRuns ?? 100, RUNS) })) as typeof real.assert;
  return { ...real, assert, default: { ...real.default, assert } };
});
