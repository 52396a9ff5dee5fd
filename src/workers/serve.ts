import { expose } from 'comlink';
import { type Ingredient, knowOwn } from '@/core/material';
import { type Reads, readIn } from '@/core/quantity';

/** The ways of the shop, as a page hands them to its workers: a worker has none of its own. */
export type WorkerWays = { readonly reads: Reads; readonly own: readonly Ingredient[] };
/** A worker's face, with the way to tell it the shop's ways before it is asked anything. */
export type Taught<Face> = Face & { readonly learn: (ways: WorkerWays) => void };

/** Offers a worker's face to its page. */
export const serve = <Face extends object>(face: Face): void =>
  expose({
    ...face,
    learn: ({ reads, own }: WorkerWays) => {
      readIn(reads);
      knowOwn(own);
    },
  });
