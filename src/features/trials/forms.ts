import { z } from 'zod';
import { byName, typed, typedCount } from '@/core/contract';
import { parseLength, parsePositive } from '@/core/quantity';
import { BEARERS, TRIAL_KINDS, WEARS } from '@/core/trial';
import { rowId } from '@/trade/shapes';
import { reads } from '@/web/here';

/** One finish that is to be tried: a regimen with a lot for each of its materials. */
const TreatmentTyped = z.object({
  key: z.string().max(100),
  name: z.string().trim().max(60),
  regimenRevisionId: rowId,
  materials: byName(z.int()),
});

/** The plan of a trial, field by field; its action reads the same. */
export const TrialFields = z.object({
  name: z.string().trim().min(1).max(80),
  question: z.enum(TRIAL_KINDS),
  kinds: z.array(z.enum(TRIAL_KINDS)).max(TRIAL_KINDS.length),
  wear: z.enum(WEARS),
  protocol: z.string().trim().min(1).max(600),
  threshold: typed(parsePositive),
  bearer: z.enum(BEARERS),
  speciesId: z.string().max(100).min(1),
  boards: typedCount('boards'),
  length: typed((one) => parseLength(one, reads())),
  width: typed((one) => parseLength(one, reads())),
  seed: z.int(),
  treatments: z.array(TreatmentTyped).min(1).max(11),
});
export type TrialTyped = z.input<typeof TrialFields>;

/** Corners of a board in a picture, in parts of its width and height. */
export const CornersShape = z.tuple([
  z.tuple([z.number(), z.number()]),
  z.tuple([z.number(), z.number()]),
  z.tuple([z.number(), z.number()]),
  z.tuple([z.number(), z.number()]),
]);
