import type { Catalogue, Ingredient, Species } from '@/core/material';
import { BASE_READS, type Reads } from '@/core/quantity';

/** What a screen needs to know of the shop it belongs to, wherever it is drawn: how it reads numbers, and what it calls its own. */
export type Here = {
  readonly reads: Reads;
  readonly own: readonly Ingredient[];
  readonly ownWoods: readonly Species[];
  /** Both with what ships, where it is made already; a page makes it when it first needs it. */
  readonly catalogue?: Catalogue;
};

// The server looks it up once a request, the page in the browser was given it. Named in docs/state.md.
const asked = globalThis as { rendleHere?: () => Here | null };

/** What is known of the shop of this request or tab; null before one is set up. */
export const here = (): Here | null => asked.rendleHere?.() ?? null;

/** The units the shop of this request or tab reads, for what a page says and what is typed into it. */
export const reads = (): Reads => here()?.reads ?? BASE_READS;

/** Sets where this process or tab looks it up. */
export function lookUpHere(look: () => Here | null): void {
  asked.rendleHere = look;
}
