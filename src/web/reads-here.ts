import { BASE_READS, type Reads } from '@/core/quantity';

// What this process or tab was told of its one shop: a server by its file, a page by the page. Named in docs/state.md.
const told = globalThis as { rendleReads?: Reads };

/** The units the shop of this process or tab reads, for what a page says and what is typed into it. */
export const reads = (): Reads => told.rendleReads ?? BASE_READS;

/** From now on this process or tab says and understands quantities in these units. */
export function readHere(units: Reads): void {
  told.rendleReads = units;
}
