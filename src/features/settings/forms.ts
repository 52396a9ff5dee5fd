import { z } from 'zod';
import { typed, typedOrNone } from '@/core/contract';
import { readHours } from '@/core/plan';
import { fail, ok, parsePositive, parseTemperature, READS, type Result } from '@/core/quantity';
import { rowId } from '@/trade/shapes';
import { reads } from '@/web/here';

/** The forms of the shop's settings, field by field; their actions read the same. */

const text = z.string().max(200).trim();

/** Hours as typed, one text a day; a day that cannot be read has its fault at itself. */
const hours = z
  .array(z.string().max(200))
  .length(7)
  .transform((days, ctx) => {
    const read = readHours(days);
    for (const day of read.bad) ctx.addIssue({ code: 'custom', path: [day], params: { code: 'bad-hours' } });
    return read.hours;
  });

/** Calendar dates in one line: `2031-12-24, 2031-12-25`. */
const dates = typed((line): Result<string[]> => {
  const all = line.split(/[,\s]+/).filter(Boolean);
  const bad = all.find((one) => !z.iso.date().safeParse(one).success);
  return bad === undefined ? ok(all) : fail('bad-date', '', { text: bad });
});

export const PersonFields = z.object({ initials: text.min(1).max(4), name: text.min(1).max(80) });
export const NewShopFields = z.object({
  name: text.min(1).max(80),
  zone: text.min(1),
  currency: text.toUpperCase().regex(/^[A-Z]{3}$/),
  // A row that was added and left empty is nobody.
  people: z
    .array(z.object({ initials: z.string().max(100), name: z.string().max(100) }))
    .max(60)
    .transform((rows) => rows.filter((one, i) => i === 0 || one.initials.trim() !== '' || one.name.trim() !== ''))
    .pipe(z.array(PersonFields).min(1).max(60)),
  hours,
  /** What its scale, jug, thermometer and rule show. */
  units: z.enum(['metric', 'us', 'imperial']),
});
export const ShopFields = z.object({
  name: text.min(1).max(80),
  zone: text.min(1),
  baseAddress: z.union([z.literal(''), z.url({ protocol: /^https?$/ }).max(200)]),
  ambient: typed((one) => parseTemperature(one, reads())),
  hour: z.string().max(40),
  slip: z.string().max(40),
  hours,
  closed: dates,
});
/** The units the shop reads. */
export const ReadsFields = z.object({
  mass: z.enum(READS.mass),
  volume: z.enum(READS.volume),
  temperature: z.enum(READS.temperature),
  length: z.enum(READS.length),
});
export const HandsFields = z.object({ hours, away: dates });
/** What fits at each place; empty for no limit. */
export const RoomFields = z.object({
  places: z
    .array(z.object({ id: rowId, capacity: typedOrNone(parsePositive) }))
    .min(1)
    .max(60),
});
export const PasscodeFields = z.object({ passcode: z.string().max(200), again: z.string().max(200) });
