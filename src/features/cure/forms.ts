import { z } from 'zod';
import { typed } from '@/core/contract';
import { type Celsius, fail, parseHumidity, parseMass, parseTemperature, type Result } from '@/core/quantity';
import { rowId } from '@/trade/shapes';
import { reads } from '@/web/here';

/** The forms of the cure station, field by field; their actions read the same. */

/** Air that a workshop can have, °C. */
const AIR = { least: -40, most: 60 } as const;

export const ReadingFields = z.object({
  placeId: rowId,
  temp: typed((text): Result<Celsius> => {
    const read = parseTemperature(text, reads());
    return read.ok && (read.value < AIR.least || read.value > AIR.most) ? fail('too-large', '', AIR) : read;
  }),
  rh: typed(parseHumidity),
});
export const WeighingFields = z.object({ mass: typed((one) => parseMass(one, reads())) });
/** What was seen before a check is judged; the judgement is the button that is pressed. */
export const CheckFields = z.object({ note: z.string().max(2000) });
