import { bare } from './bare';
import type { CareTraits } from './care-class';
import { dryingOil } from './drying-oil';
import { dryingOilWax } from './drying-oil-wax';
import { film } from './film';
import { friction } from './friction';
import { hardWax } from './hard-wax';
import { neverDry } from './never-dry';
import { oilWax } from './oil-wax';

export const CARE_TRAITS = {
  'never-dry': neverDry,
  'oil-wax': oilWax,
  'drying-oil': dryingOil,
  'drying-oil-wax': dryingOilWax,
  'hard-wax': hardWax,
  film,
  friction,
  bare,
} as const;

/** Finishes as their owner meets them. */
export type CareClass = keyof typeof CARE_TRAITS;
export const CARE_CLASSES = Object.keys(CARE_TRAITS) as [CareClass, ...CareClass[]];
export const careTraits = (careClass: CareClass): CareTraits<CareClass> => CARE_TRAITS[careClass];
