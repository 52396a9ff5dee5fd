import { type Catalogue, SHIPPED } from '@/core/material';
import { BASE_READS, type Reads } from '@/core/quantity';

/** What a page, a worker or a thread is told of the shop: how it reads numbers, and what it reckons with. */
export type ShopWays = { readonly reads: Reads; readonly catalogue: Catalogue };

// What this process or tab was told of its one shop: a server by its file, a page by the page. Named in docs/state.md.
const told = globalThis as { rendleWays?: ShopWays };

/** The units the shop of this process or tab reads, for what a page says and what is typed into it. */
export const reads = (): Reads => told.rendleWays?.reads ?? BASE_READS;

/** What the shop of this process or tab reckons with. */
export const catalogue = (): Catalogue => told.rendleWays?.catalogue ?? SHIPPED;

/** From now on this process or tab says and understands quantities so, and reckons with these. */
export function learnHere(ways: ShopWays): void {
  told.rendleWays = ways;
}
