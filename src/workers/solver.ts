import { expose } from 'comlink';
import { cheapestToUse, type LinearSolver, products } from '@/core/blend';
import { loadSolver } from '@/solvers/highs';

let loading: Promise<LinearSolver> | undefined;
const solver = (): Promise<LinearSolver> => {
  loading ??= loadSolver(new URL('highs/runtime', import.meta.url).href);
  return loading;
};

const face = {
  cheapest: async (input: unknown, mayBeShaken: boolean) => cheapestToUse(input, mayBeShaken, await solver()),
  products: async (input: unknown) => products(input, await solver()),
};
export type SolverFace = typeof face;

expose(face);
