import { z } from 'zod';
import { typed, typedOrNone } from '@/core/contract';
import { fail, ok, parseMass, parseMassOrNone, parseTemperature, type Result } from '@/core/quantity';
import { pourPourForms as wording } from '@/messages/screens/pour';
import { rowId } from '@/trade/shapes';
import { reads } from '@/web/here';

/** The forms of the pour, field by field; their actions read the same. */

/** The most jars of one size that a pot fills. */
const MOST_JARS = 9999;
const count = typed((text): Result<number> => {
  if (text.trim() === '') return ok(0);
  return /^\d+$/.test(text.trim()) && Number(text) <= MOST_JARS
    ? ok(Number(text))
    : fail('invalid', '', { detail: wording.aWholeNumber });
});

/** Jars filled, what they weigh net (typed, or weighed jar and all), and what stays in the pot. */
export const FillFields = z.object({
  residue: typed((text) => (text.trim() === '' ? ok(0) : parseMassOrNone(text, reads()))),
  /** What became of what stayed in the pot. */
  residueIs: z.enum(['lost', 'tool-wax']),
  noLumps: z.boolean(),
  jars: z.array(z.object({ containerId: rowId, count, net: z.string().max(40), weighed: z.string().max(400) })).max(60),
});
/** What the scale says, typed as it shows it; empty where it is read from the scale. Its lot is chosen beside it. */
export const WeighFields = z.object({ reading: typedOrNone((one) => parseMass(one, reads())), lotId: z.string().max(100) });
export const TemperatureFields = z.object({ temp: typed((one) => parseTemperature(one, reads())) });
