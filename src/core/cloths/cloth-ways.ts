import type { RagHazard } from '@/core/blend';

/** Ways oily cloths may lie until they are harmless. */
export const CLOTH_WAYS = ['flat', 'under-water', 'burnt', 'none-left'] as const;
export type ClothWay = (typeof CLOTH_WAYS)[number];

/** Cloths wet with solvent are never burnt: the vapour takes fire first. */
export const clothWaysFor = (hazard: RagHazard, vapour: boolean): readonly ClothWay[] =>
  CLOTH_WAYS.filter((way) => way !== 'burnt' || !(vapour || hazard === 'flammable'));
