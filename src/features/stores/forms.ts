import { z } from 'zod';
import { densityOfBought, driesByNothing, type LabelUnsaid, RIGHTS, WENT } from '@/core/blend';
import { byName, chosenRowOrNone, typed, typedOrNone } from '@/core/contract';
import { ALLERGENS, CONTACTS, DRIES, OwnMaterialFacts, ROLES, type Unsaid } from '@/core/material';
import {
  fail,
  ok,
  parseDuration,
  parseMass,
  parseMassOrNone,
  parseNumber,
  parsePositive,
  parseTemperature,
  parseVolume,
  type Result,
} from '@/core/quantity';
import { storesStoresForms as wording } from '@/messages/screens/stores';
import { photoTaken, rowId } from '@/trade/shapes';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

/** The forms of the stores, field by field; their actions read the same. */

const text = z.string().trim().max(120);
const day = z.union([z.literal(''), z.iso.date()]);
const price = z.string().max(40);

/** How many jars there are: none is a fair answer. */
const JARS = { least: 0, most: 100_000 } as const;
const have = typed((typedIn): Result<number> => {
  const read = parseNumber(typedIn);
  if (!read.ok) return read;
  return Number.isInteger(read.value) && read.value >= JARS.least && read.value <= JARS.most ? read : fail('too-large', '', JARS);
});
/** A share of the brim in percent, as a fraction. */
const fill = typed((typedIn): Result<number> => {
  const read = parseNumber(typedIn.replace('%', ''));
  if (!read.ok) return read;
  return read.value > 0 && read.value <= 100 ? ok(read.value / 100) : fail('too-large', '', { least: 1, most: 100 });
});

/** A figure that must lie between two bounds. */
const between =
  (least: number, most: number) =>
  (read: Result<number>): Result<number> =>
    read.ok && (read.value < least || read.value > most) ? fail('too-large', '', { least, most }) : read;

export const LotFields = z.object({
  ingredientId: z.string().max(100),
  readyMadeId: rowId.nullable(),
  amount: z.string().max(120),
  ounce: z.enum(['weight', 'us-fluid', 'imperial-fluid']).nullable(),
  supplier: text,
  supplierCode: text,
  openedOn: day,
  bestBefore: day,
  within: typedOrNone((words) => {
    const read = between(1, 3650)(parsePositive(words.trim().replace(/(days?|d)$/i, '')));
    return read.ok && !Number.isInteger(read.value) ? fail('invalid', '', { detail: wording.aWholeNumberOf }) : read;
  }),
  place: chosenRowOrNone,
  price,
  note: text,
  /** Perfumed, coloured or doubtful: for tools, never on a piece. */
  forTools: z.boolean(),
});
export const CountFields = z.object({ found: typed((one) => parseMassOrNone(one, reads())), went: z.enum(WENT) });
export const JarFields = z.object({
  name: text.min(1),
  capacity: typed((one) => parseVolume(one, reads())),
  fill,
  have,
  tare: typedOrNone((one) => parseMass(one, reads())),
  price,
});
export const JarCountFields = z.object({ have });

/** No shelf holds more lots than this. */
const MOST_LOTS = 500;
/** What was found of each lot, by its row; what stays empty was not weighed. */
export const StockFields = z.object({
  found: z
    .record(
      z
        .string()
        .max(9)
        .regex(/^[1-9]\d{0,8}$/),
      typedOrNone((one) => parseMassOrNone(one, reads())),
    )
    .refine((found) => Object.keys(found).length <= MOST_LOTS, { params: { code: 'too-many', with: { most: MOST_LOTS } } })
    .meta({ most: MOST_LOTS }),
});

/** How a made lot is put right; which fields count follows from the way. */
export const RightFields = z.object({
  mode: z.enum(RIGHTS),
  other: z.int(),
  purpose: z.string().max(40),
  gross: z.string().max(40),
  tare: z.string().max(40),
  target: z.string().max(40),
});

/** `15`, `15 min` or `15 to 20 min`: what a label says of leaving it on. */
function dwellOf(words: string): Result<{ readonly min: number; readonly max: number | null }> {
  const [first = '', second] = words.split(/–|-|to/).map((one) => one.trim());
  const most = second === undefined ? null : parseDuration(second);
  const unit = second?.replace(/[\d.,\s]/g, '') ?? '';
  const least = parseDuration(/[a-z]/i.test(first) ? first : `${first} ${unit}`);
  if (!least.ok) return least;
  if (most && !most.ok) return most;
  if (least.value <= 0) return fail('must-be-positive', '');
  return most && most.value < least.value ? fail('wait-order', '') : ok({ min: least.value, max: most ? most.value : null });
}

/** A share of a declared content, typed in percent; as a fraction. */
function shareOf(words: string): Result<number> {
  const read = parsePositive(words.replace('%', ''));
  if (!read.ok) return read;
  return read.value > 100 ? fail('too-large', '', { least: 0, most: 100, unit: '%' }) : ok(read.value / 100);
}

const DENSITY = between(0.5, 2);
const COATS = between(1, 12);

/** Shares of the declared contents add up to no more than all of it. */
const SUM_SLACK = 1e-6;

/** What a sheet may say of food, and that it says nothing. */
export const FOOD_WORDS = [...CONTACTS, 'unsaid'] as const;

/** A bought finish by its label; what the label does not say stays empty, and null. */
export const ReadyFields = z
  .object({
    name: text.min(1),
    declared: z.array(z.string().max(100)).max(20),
    isAllDeclared: z.boolean(),
    drying: z.enum(['drying', 'never', 'unsaid']),
    film: z.enum(['yes', 'no', 'unsaid']),
    isPaste: z.boolean(),
    contact: z.enum(FOOD_WORDS),
    density: typedOrNone((words) => DENSITY(parsePositive(words))),
    coverage: typedOrNone(parsePositive),
    labelRule: z.string().trim().max(500),
    role: z.union([z.literal(''), z.enum(ROLES)]),
    photo: photoTaken,
    shares: byName(typedOrNone(shareOf)),
    dwell: typedOrNone(dwellOf),
    gap: typedOrNone(parseDuration),
    coats: typedOrNone((words) => {
      const read = COATS(parsePositive(words));
      return read.ok && !Number.isInteger(read.value) ? fail('invalid', '', { detail: wording.aWholeNumber }) : read;
    }),
    food: typedOrNone((words) => {
      const read = parseDuration(words);
      return read.ok && read.value <= 0 ? fail('must-be-positive', '') : read;
    }),
  })
  .transform(({ density, coverage, dwell, gap, coats, food, shares, role, film, ...rest }, ctx) => {
    const given = Object.fromEntries(
      Object.entries(shares).flatMap(([which, share]) =>
        share !== null && rest.declared.includes(which) ? [[which, share]] : [],
      ),
    );
    const sum = Object.values(given).reduce((all, one) => all + one, 0);
    if (sum > 1 + SUM_SLACK)
      ctx.addIssue({ code: 'custom', path: ['declared'], params: { code: 'fractions-sum', with: { sum } } });
    // What the label does not say is taken on the safe side: it dries, and is not for food.
    const drying = rest.drying === 'unsaid' ? 'drying' : rest.drying;
    if (rest.drying === 'drying' && driesByNothing({ ...rest, drying }, catalogue()))
      ctx.addIssue({ code: 'custom', path: ['drying'], params: { code: 'dries-by-nothing' } });
    const unsaid: LabelUnsaid[] = [
      ...(rest.drying === 'unsaid' ? (['drying'] as const) : []),
      ...(rest.contact === 'unsaid' ? (['contact'] as const) : []),
      ...(density === null ? (['density'] as const) : []),
    ];
    return {
      ...rest,
      drying,
      contact: rest.contact === 'unsaid' ? ('not-for-food' as const) : rest.contact,
      role: role === '' ? null : role,
      buildsFilm: film === 'unsaid' ? null : film === 'yes',
      unsaid,
      shares: given,
      densityGPerMl: density ?? densityOfBought({ ...rest, shares: given }, catalogue()),
      coverageM2PerL: coverage,
      labelDwellMin: dwell?.min ?? null,
      labelDwellMaxMin: dwell?.max ?? null,
      labelGapMin: gap,
      labelCoats: coats,
      labelFoodHours: food === null ? null : food / 60,
    };
  });

const DENSITIES = between(0.5, 3);
const MONTHS = between(1, 120);
const IODINE = between(0, 400);
const listed = z
  .string()
  .max(600)
  .transform((words) =>
    words
      .split(/[,;]/)
      .map((one) => one.trim())
      .filter(Boolean),
  );

/** An ingredient of the shop's own as its sheet has it; what is left empty the sheet does not say, and is taken on the safe side. */
export const OwnFields = z
  .object({
    likeId: z.string().max(100).min(1),
    name: z.string().trim().min(1).max(80),
    alsoCalled: listed,
    density: typed((words) => DENSITIES(parsePositive(words))),
    melts: typedOrNone((one) => parseTemperature(one, reads())),
    ceiling: typedOrNone((one) => parseTemperature(one, reads())),
    flash: typedOrNone((one) => parseTemperature(one, reads())),
    iodine: typedOrNone((words) => IODINE(parseNumber(words))),
    leaves: typed((words) => between(0, 100)(parseNumber(words.replace('%', '')))),
    contact: z.enum(FOOD_WORDS),
    dries: z.enum(DRIES),
    keeps: typed((words) => {
      const read = MONTHS(parsePositive(words));
      return read.ok && !Number.isInteger(read.value) ? fail('invalid', '', { detail: wording.aWholeNumber }) : read;
    }),
    /** What the sheet says of allergens: nothing, that there are none, or these. */
    allergenWord: z.enum(['unsaid', 'none', 'these']),
    allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length),
    otherAllergens: listed,
    note: z.string().trim().max(400),
    photo: photoTaken,
  })
  .transform(
    (
      {
        likeId,
        photo,
        density,
        melts,
        ceiling,
        flash,
        iodine,
        leaves,
        contact,
        keeps,
        allergenWord,
        allergens,
        otherAllergens,
        ...rest
      },
      ctx,
    ) => {
      if (allergenWord === 'these' && allergens.length + otherAllergens.length === 0)
        ctx.addIssue({ code: 'custom', path: ['allergenWord'], params: { code: 'required' } });
      const unsaid: Unsaid[] = [
        ...(contact === 'unsaid' ? ['contact' as const] : []),
        ...(flash === null ? ['flash' as const] : []),
        ...(iodine === null ? ['iodine' as const] : []),
        ...(allergenWord === 'unsaid' ? ['allergens' as const] : []),
        ...(ceiling === null ? ['ceiling' as const] : []),
      ];
      const facts = OwnMaterialFacts.safeParse({
        ...rest,
        densityGPerMl: density,
        meltC: melts,
        maxC: ceiling,
        flashC: flash,
        iodineValue: iodine,
        volatileFraction: leaves / 100,
        contact: contact === 'unsaid' ? 'not-for-food' : contact,
        shelfMonths: keeps,
        allergens: allergenWord === 'these' ? [...new Set([...allergens, ...otherAllergens])] : [],
        unsaid,
      });
      if (facts.success) return { likeId, photo, facts: facts.data };
      // A figure past what a sheet can say: it stands at the field it was typed into.
      const FIELD: Readonly<Record<string, string>> = { meltC: 'melts', maxC: 'ceiling', flashC: 'flash' };
      for (const issue of facts.error.issues) {
        const bound = { melts: [0, 200], ceiling: [30, 300], flash: [-40, 400] }[FIELD[String(issue.path[0])] ?? ''] ?? [0, 0];
        ctx.addIssue({
          code: 'custom',
          path: [FIELD[String(issue.path[0])] ?? String(issue.path[0])],
          params: { code: 'too-large', with: { least: bound[0], most: bound[1], unit: '°C' } },
        });
      }
      return z.NEVER;
    },
  );

/** A piece that is kept as the known one: how it is known, and how it looks. */
export const ReferenceFields = z.object({ says: z.string().trim().min(1).max(200), photo: photoTaken });
