import 'server-only';
import { type FinishLayer, layerOfBlend } from '@/core/use';
import type { KnownLot } from './queries';

/** One lot as a layer on a piece; what is not known of it counts against it. */
export const layerOf = ({ nature, undeclared, statements }: KnownLot): FinishLayer =>
  layerOfBlend(nature ?? NOTHING_KNOWN, undeclared.length > 0 || nature === null, statements);

const NOTHING_KNOWN = { contact: 'not-for-food', film: 'unknown', drying: 'mixed', waxEquivalent: 0, allergens: [] } as const;
