import type { Catalogue } from '@/core/material';
import { BASE_READS, type Reads } from '@/core/quantity';

/** What a screen needs to know of the shop it belongs to, wherever it is drawn: how it reads numbers, and what it works with. */
export type Here = { readonly reads: Reads; readonly catalogue: Catalogue };

// The server looks it up once a request, the page in the browser was given it. Named in docs/state.md.
const asked = globalThis as { rendleHere?: () => Here };

/** What is known of the shop of this request or tab; undefined before a page was told. */
export const here = (): Here | undefined => asked.rendleHere?.();

/** The units the shop of this request or tab reads, for what a page says and what is typed into it. */
export const reads = (): Reads => here()?.reads ?? BASE_READS;

/** Sets where this process or tab looks it up. */
export function lookUpHere(look: () => Here): void {
  asked.rendleHere = look;
}
