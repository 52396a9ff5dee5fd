import { type Catalogue, SHIPPED } from '@/core/material';

// What this process or tab was told of its one shop: a server by its file, a page by the page. Named in docs/state.md.
const told = globalThis as { rendleCatalogue?: Catalogue };

/** What the shop of this process or tab reckons with. */
export const catalogue = (): Catalogue => told.rendleCatalogue ?? SHIPPED;

/** From now on this process or tab reckons with these. */
export function reckonHere(known: Catalogue): void {
  told.rendleCatalogue = known;
}
