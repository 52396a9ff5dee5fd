'use server';

import { z } from 'zod';
import { check } from '@/core/contract';
import { BASE_READS, ok, type Reads, withoutEnd } from '@/core/quantity';
import { now } from '@/data/clock';
import { command } from '@/data/command';
import { database } from '@/data/db';
import { loadDemo } from '@/data/demo/load';
import { setHandHours } from '@/data/plan/hands';
import { addPerson, changeRooms, changeShop, chooseReads, setUpShop } from '@/data/shop/commands';
import { findShop } from '@/data/shop/queries';
import { rowId } from '@/trade/shapes';
import { choosePerson } from '@/trade/shell/actions';
import { type Answer, act, answer, moneyOf, reader, refuse } from '@/web/act';
import { HandsFields, NewShopFields, PersonFields, ReadsFields, RoomFields, ShopFields } from './forms';

/** Scale, jug, thermometer and rule of most shops, in one choice; each can be told apart in the settings. */
const UNITS: Readonly<Record<'metric' | 'us' | 'imperial', Reads>> = {
  metric: BASE_READS,
  us: { mass: 'oz', volume: 'us', temperature: 'F', length: 'in' },
  imperial: { mass: 'oz', volume: 'imperial', temperature: 'C', length: 'in' },
};

/** Sets an empty file up as a shop; whoever does so is at this device from then on. */
export async function setUp(input: unknown): Promise<Answer> {
  const parsed = check(NewShopFields, input);
  if (!parsed.ok) return refuse(parsed.issues);
  const { units, ...shop } = parsed.value;
  const made = await answer(() => setUpShop(database(), shop, now()));
  if (!made.ok) return made;
  const read = await answer(() => chooseReads(database(), UNITS[units]));
  if (!read.ok) return read;
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

export async function saveShop(input: unknown): Promise<Answer> {
  return act(ShopFields.extend({ version: z.int() }), input, (db, { version, ambient, baseAddress, hour, slip, ...change }) => {
    const read = reader();
    const money = moneyOf(db);
    const [hourMinor, slipMinor] = [read.orNone('hour', hour, money), read.orNone('slip', slip, money)];
    if (hourMinor === undefined || slipMinor === undefined) return { ok: false, issues: read.issues };
    return changeShop(db, version, {
      ...change,
      ambientC: ambient,
      hourMinor,
      slipMinor,
      baseAddress: baseAddress === '' ? null : withoutEnd(baseAddress, '/'),
    });
  });
}

export async function saveReads(input: unknown): Promise<Answer> {
  return act(ReadsFields, input, (db, reads) => chooseReads(db, reads));
}

export async function savePerson(input: unknown): Promise<Answer> {
  return act(PersonFields, input, (db, person) => addPerson(db, person));
}

/** What fits where; empty for no limit. */
export async function savePlaces(input: unknown): Promise<Answer> {
  return act(RoomFields, input, (db, { places }) => changeRooms(db, places));
}

/** When one pair of hands is here; no hours of their own means the shop's. */
export async function saveHands(input: unknown): Promise<Answer> {
  return act(HandsFields.extend({ personId: rowId }), input, (db, hands) => setHandHours(db, hands));
}
