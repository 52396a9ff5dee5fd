/**
 * Bad input by the hundred thousand over every boundary: nothing may throw, hang, or give back a number that is none.
 * `node --conditions=react-server --import tsx bench/fuzz.ts [inputs] [seed] [untimed]`; ends with status 1 where something did, but for time
 * where it is `untimed`, as in the tests.
 */

import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { CALCULATIONS } from '@/cli/calc';
import { check } from '@/core/contract';
import { readLogger } from '@/core/cure';
import { identify } from '@/core/material';
import {
  BASE_READS,
  instantOf,
  isZone,
  parseAmount,
  parseDuration,
  parseHumidity,
  parseLength,
  parseMass,
  parseMassOrNone,
  parseMoney,
  parseNumber,
  parsePositive,
  parseSizes,
  parseTemperature,
} from '@/core/quantity';
import { ReleaseRecord } from '@/core/release';
import { readLine } from '@/devices/line';
import { readFormulas } from '@/features/blends/formula-file';
import { readStores } from '@/features/stores/stores-file';
import { Record as LogRecord } from '@/trade/hands/log-record';
import { MOST_LIST, readCells } from '@/web/csv';
import { isOpen } from '@/web/open-routes';
import { mayWriteFrom } from '@/web/origin';
import { photoOf } from '@/web/photo';
import { smallPicture } from '@/web/small-picture';

const INPUTS = Number(process.argv[2] ?? 100_000);
let seed = Number(process.argv[3] ?? 11);
const random = (): number => {
  seed = (seed * 1_664_525 + 1_013_904_223) % 4_294_967_296;
  return seed / 4_294_967_296;
};
const below = (most: number): number => Math.floor(random() * most);
const oneOf = <T>(list: readonly T[]): T => list[below(list.length)] as T;

// The reader of tables tells of headings that stand twice; here that is no news.
console.warn = () => undefined;

/** What is read on the server's own thread may hold the others up for so long; a logger's file is read in a thread of its own. */
const SLOWEST_MS = 100;
const IN_A_THREAD: Readonly<Record<string, number>> = { 'room logger': 1000 };
const PIECES = [
  ...'0123456789.,:;/-+*x×()[]{}<>%°"\'`\\|&=?#@!~^_$ \t\n\r',
  ...['9', ' ', '\t', ',', '.', '\u00a0', '\u2009', 'é', '½', '⅞', '𝟗', '\u202e', '\0', '\ufeff', '🪵', 'ß', 'İ', 'ǆ'],
  ...[
    'g',
    'kg',
    'oz',
    'lb',
    'ml',
    'cup',
    'mm',
    'in',
    '°C',
    'f',
    'h',
    'min',
    'd',
    'to',
    ' x ',
    '1/2',
    '1,000',
    '1e9',
    '-0',
    'NaN',
    'Infinity',
  ],
  ...[
    '2031-03-04',
    'T08:30',
    '04/03/2031',
    '8:30 pm',
    'linseed oil',
    'beeswax',
    '=cmd()',
    '<script>',
    '$',
    '{x}',
    '%00',
    '../',
    '__proto__',
    'null',
  ],
  ...[
    'date;temp;rh\n',
    'ingredient,amount\n',
    'name,holds_ml\n',
    'formula,basis,ingredient,parts\n',
    '{"format":"rendle-formulas","version":1,"formulas":[',
  ],
];
/** A bad text: a few pieces, one of them often very many times. */
function badText(): string {
  const length = oneOf([0, 1, 2, 4, 8, 20, 60]);
  let text = '';
  for (let i = 0; i < length; i++) text += oneOf(PIECES);
  const times = oneOf([0, 0, 0, 0, 40, 200, 3000, random() < 0.1 ? 60_000 : 500]);
  const many = oneOf(PIECES).repeat(times);
  return oneOf([text, text + many, many + text, many + text + many]);
}

const BAD = [
  null,
  true,
  '',
  'x',
  -1,
  0,
  -0,
  1e308,
  -1e308,
  5e-324,
  1e21,
  0.1,
  2 ** 53,
  [],
  {},
  [[]],
  [null],
  { length: 1e9 },
] as const;
const badValue = (): unknown =>
  random() < 0.5
    ? oneOf(BAD)
    : random() < 0.5
      ? badText()
      : random() < 0.5
        ? random() * 10 ** below(30)
        : Array.from({ length: below(400) }, () => oneOf(BAD));

/** A good value with some of it spoilt. */
function spoilt(value: unknown, share: number): unknown {
  if (random() < share) return badValue();
  if (Array.isArray(value)) {
    const list = value.map((one) => spoilt(one, share));
    return random() < 0.05 ? list.flatMap((one) => Array.from({ length: below(60) }, () => one)) : list;
  }
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).flatMap(([key, one]) =>
    random() < share / 2 ? [] : [[random() < share / 4 ? badText() : key, spoilt(one, share)]],
  );
  if (random() < share / 2) entries.push([oneOf(['__proto__', 'constructor', 'shape', 'mode']), badValue()]);
  return Object.fromEntries(entries);
}

const GOLDEN = path.resolve(import.meta.dirname, '../golden');
const cases = readdirSync(GOLDEN)
  .filter((file) => file.endsWith('.json'))
  .flatMap((file) => {
    const all = JSON.parse(readFileSync(path.join(GOLDEN, file), 'utf8')) as unknown;
    const list = Array.isArray(all) ? all : ((all as { readonly cases?: unknown[] }).cases ?? []);
    return list.map((one) => ({ name: path.basename(file, '.json'), input: (one as { readonly input?: unknown }).input }));
  })
  .filter(({ name }) => Object.hasOwn(CALCULATIONS, name));

const isSayable = (value: unknown): boolean =>
  typeof value === 'number'
    ? Number.isFinite(value)
    : typeof value !== 'object' || value === null || Object.values(value).every(isSayable);

const log = {
  clientId: 'aaaaaaaa',
  batchId: 1,
  task: 'wipe-1',
  at: 5,
  device: 'tablet-1',
  deviceSequence: 1,
  faults: [{ fault: 'dust', surface: 'top' }],
};
const text = (read: (text: string) => unknown) => (): readonly [unknown, () => unknown] => {
  const bad = badText();
  return [bad, () => read(bad)];
};

/** Every boundary: makes a bad input, and what reads it. */
const BOUNDARIES: Readonly<Record<string, () => readonly [unknown, () => unknown]>> = {
  parseMass: text((one) => parseMass(one, BASE_READS)),
  parseMassOrNone: text((one) => parseMassOrNone(one, BASE_READS)),
  parseLength: text((one) => parseLength(one, BASE_READS)),
  parseSizes: text((one) => parseSizes(one, BASE_READS)),
  parseTemperature: text((one) => parseTemperature(one, BASE_READS)),
  parseHumidity: text(parseHumidity),
  parseDuration: text(parseDuration),
  parseNumber: text(parseNumber),
  parsePositive: text(parsePositive),
  parseMoney: text((bad) => parseMoney(bad, 'EUR')),
  parseAmount: text((bad) => parseAmount(bad, { densityGPerMl: 0.93, liquid: random() < 0.5 }, BASE_READS)),
  instantOf: text((bad) => instantOf(bad, 'Europe/Lisbon')),
  zone: text(isZone),
  identify: text((bad) => identify({ name: bad })),
  'room logger': text((bad) => readLogger(readCells(bad), 'Europe/Lisbon')),
  'stores file': text((bad) => readStores(bad.slice(0, MOST_LIST), { lots: [], jars: [], currency: 'EUR' })),
  'formula file': text((bad) => readFormulas(bad.slice(0, MOST_LIST))),
  'photo of a record': text(photoOf),
  'scale and thermometer': text((bad) => readLine(bad, oneOf(['mass', 'temp']))),
  'open routes': text((bad) => isOpen(`/${bad}`)),
  origin: text((bad) => mayWriteFrom({ method: 'POST', headers: { get: () => bad } })),
  record: () => {
    const bad = spoilt(log, 0.3);
    return [bad, () => check(LogRecord, bad)];
  },
  'release record': () => {
    const bad = spoilt({ format: 'rendle-release', version: 1, batch: { pieces: [] } }, 0.3);
    return [bad, () => ReleaseRecord.safeParse(bad)];
  },
  calc: () => {
    const { name, input } = oneOf(cases);
    const bad = spoilt(input, oneOf([0.02, 0.1, 0.4]));
    return [{ name, bad }, () => CALCULATIONS[name]?.(bad)];
  },
  'picture from outside': () => {
    const head = oneOf([[0xff, 0xd8, 0xff], [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a], [0x52, 0x49, 0x46, 0x46], []]);
    const bytes = Uint8Array.from([...head, ...Array.from({ length: below(400) }, () => below(256))]);
    return [[...bytes], () => smallPicture(bytes)];
  },
};

const names = Object.keys(BOUNDARIES);
/** Half of all goes to what reckons and what reads files: they have most to break. */
const HEAVY = ['calc', 'calc', 'calc', 'room logger', 'stores file', 'formula file', 'record'];
let [crashes, slow, slowest, unsayable] = [0, 0, 0, 0];
let slowestAt = '';
let [inOrder, longest] = [0, 0];
const tell = (what: string, name: string, input: unknown, more: unknown): void =>
  console.log(`${what} ${name}: ${String(more).slice(0, 160)}\n  ${JSON.stringify(input)?.slice(0, 300)}`);

for (let i = 0; i < INPUTS; i++) {
  const name = random() < 0.5 ? oneOf(HEAVY) : oneOf(names);
  const [input, run] = (BOUNDARIES[name] as (typeof BOUNDARIES)[string])();
  const from = performance.now();
  let isGood = false;
  try {
    const result = await run();
    // What was spoilt so little that it is in order after all is reckoned, and takes as long as that does.
    isGood = name === 'calc' && (result as { readonly ok?: boolean }).ok === true;
    if (name === 'calc' && !isSayable(result)) {
      unsayable++;
      tell('no number', name, input, JSON.stringify(result));
    }
  } catch (fault) {
    crashes++;
    tell('threw', name, input, fault instanceof Error ? `${fault.message} ${fault.stack?.split('\n')[1]}` : fault);
  }
  const took = performance.now() - from;
  if (isGood) {
    inOrder++;
    longest = Math.max(longest, took);
    continue;
  }
  if (took > slowest) [slowest, slowestAt] = [took, name];
  // The machine's own pauses (memory tidied, a picture's thread begun) are told apart by a second try.
  const most = IN_A_THREAD[name] ?? SLOWEST_MS;
  if (took > most) {
    const again = performance.now();
    await Promise.resolve(run()).catch(() => undefined);
    if (performance.now() - again > most) {
      slow++;
      tell(`took ${took.toFixed(0)} ms`, name, input, '');
    }
  }
}
console.log(
  `fuzz   ${INPUTS} bad inputs over ${names.length} boundaries: ${crashes} crashes, ${slow} over ${SLOWEST_MS} ms, ${unsayable} numbers that are none; the slowest ${slowest.toFixed(0)} ms (${slowestAt}); ${inOrder} were in order after all, reckoned in ${longest.toFixed(0)} ms at most`,
);
process.exitCode = crashes + unsayable + (process.argv[4] === 'untimed' ? 0 : slow) > 0 ? 1 : 0;
