import type { CareClass } from '@/core/care';
import { bare } from './bare';
import { dryingOil } from './drying-oil';
import { dryingOilWax } from './drying-oil-wax';
import { film } from './film';
import { friction } from './friction';
import { hardWax } from './hard-wax';
import { neverDry } from './never-dry';
import { oilWax } from './oil-wax';
import type { CareClassWords } from './words';

export const CARE_CLASS_WORDS: Readonly<Record<CareClass, CareClassWords>> = {
  'never-dry': neverDry,
  'oil-wax': oilWax,
  'drying-oil': dryingOil,
  'drying-oil-wax': dryingOilWax,
  'hard-wax': hardWax,
  film,
  friction,
  bare,
};
