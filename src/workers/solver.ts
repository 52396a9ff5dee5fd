import { cheapestToUse, type LinearSolver, products, type Wanted } from '@/core/blend';
import type { Catalogue } from '@/core/material';
import { loadSolver } from '@/solvers/highs';
import { serve } from './serve';

let loading: Promise<LinearSolver> | undefined;
const solver = (): Promise<LinearSolver> => {
  loading ??= loadSolver(new URL('highs/runtime', import.meta.url).href);
  return loading;
};

const face = {
  cheapest: async (input: unknown, wanted: Wanted, catalogue: Catalogue) =>
    cheapestToUse(input, wanted, await solver(), catalogue),
  products: async (input: unknown) => products(input, await solver()),
};
export type SolverFace = typeof face;

serve(face);
