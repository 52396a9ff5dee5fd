'use server';

import { z } from 'zod';
import { rowId } from '@/web/shapes';
import { check } from '@/core/contract';
import { Opening } from '@/core/plan';
import { ok, parsePositive, parseTemperature } from '@/core/quantity';
import { now } from '@/data/clock';
import { command } from '@/data/command';
import { database } from '@/data/db';
import { loadDemo } from '@/data/demo/load';
import { setHandHours } from '@/data/plan/hands';
import { addPerson, changeRooms, changeShop, setUpShop } from '@/data/shop/commands';
import { findShop } from '@/data/shop/queries';
import { act, type Answer, answer, moneyOf, reader, refuse } from '@/web/act';
import { choosePerson } from '@/web/shell/actions';

const text = z.string().trim();
const Person = z.object({ initials: text.min(1).max(4), name: text.min(1).max(80) });
const NewShop = z.object({
  name: text.min(1).max(80),
  zone: text.min(1),
  currency: text.regex(/^[A-Z]{3}$/),
  people: z.array(Person).min(1),
  hours: z.array(Opening),
});

/** Sets an empty file up as a shop; whoever does so is at this device from then on. */
export async function setUp(input: unknown): Promise<Answer> {
  const parsed = check(NewShop, input);
  if (!parsed.ok) return refuse(parsed.issues);
  const made = await answer(() => setUpShop(database(), parsed.value, now()));
  if (!made.ok) return made;
  await choosePerson(1);
  return { ok: true, value: undefined };
}

/** Fills an empty file with the demo shed. */
export async function openDemo(): Promise<Answer> {
  const db = database();
  if (findShop(db)) return refuse([{ code: 'already-decided', path: '' }]);
  // In one go or not at all: what is cut off leaves an empty file, not half a shed.
  const loaded = await answer(() =>
    command(db, (tx) => {
      loadDemo(tx, now());
      return ok(undefined);
    }),
  );
  if (!loaded.ok) return loaded;
  await choosePerson(1);
  return { ok: true, value: undefined };
}

const httpAddress = z.union([z.literal(''), z.url({ protocol: /^https?$/ })]);
const Change = z.object({
  version: z.int(),
  name: text.min(1).max(80),
  zone: text.min(1),
  baseAddress: httpAddress,
  ambient: z.string(),
  hour: z.string().default(''),
  slip: z.string().default(''),
  hours: z.array(Opening),
  closed: z.array(z.iso.date()),
});

export async function saveShop(input: unknown): Promise<Answer> {
  return act(Change, input, (db, { version, ambient, baseAddress, hour, slip, ...change }) => {
    const read = reader();
    const ambientC = read.take('ambient', parseTemperature(ambient));
    const money = moneyOf(db);
    const [hourMinor, slipMinor] = [read.orNone('hour', hour, money), read.orNone('slip', slip, money)];
    if (ambientC === undefined || hourMinor === undefined || slipMinor === undefined) return { ok: false, issues: read.issues };
    return changeShop(db, version, {
      ...change,
      ambientC,
      hourMinor,
      slipMinor,
      baseAddress: baseAddress === '' ? null : baseAddress.replace(/\/+$/, ''),
    });
  });
}

export async function savePerson(input: unknown): Promise<Answer> {
  return act(Person, input, (db, person) => addPerson(db, person));
}

const Rooms = z.object({ places: z.array(z.object({ id: rowId, capacity: z.string() })).min(1) });

/** What fits where; empty for no limit. */
export async function savePlaces(input: unknown): Promise<Answer> {
  return act(Rooms, input, (db, { places }) => {
    const read = reader();
    const rows = places.map(({ id, capacity }) => ({
      id,
      capacity: capacity.trim() === '' ? null : (read.take(`places.${id}`, parsePositive(capacity)) ?? null),
    }));
    return read.issues.length > 0 ? { ok: false, issues: read.issues } : changeRooms(db, rows);
  });
}

const Hands = z.object({ personId: rowId, hours: z.array(Opening), away: z.array(z.iso.date()) });

/** When one pair of hands is here; no hours of their own means the shop's. */
export async function saveHands(input: unknown): Promise<Answer> {
  return act(Hands, input, (db, hands) => setHandHours(db, hands));
}
