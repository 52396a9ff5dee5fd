'use server';

import { z } from 'zod';
import { LAST_REASONS } from '@/core/batch';
import { CLOTH_WAYS } from '@/core/cloths';
import { typedOrNone } from '@/core/contract';
import { LIGHTS } from '@/core/cure';
import { ok, parseHumidity, parseTemperature } from '@/core/quantity';
import { PLACE_HAZARDS } from '@/core/regimen';
import { lidJars } from '@/data/pour/commands';
import { checkRags, layRags } from '@/data/rags/commands';
import { addPlace } from '@/data/shop/commands';
import { anotherCoat, changeLot, takeChangeBack, thatWasTheLast } from '@/data/work/changes';
import { moveBatch } from '@/data/work/commands';
import { strikeWaiting, undoLast } from '@/data/work/strike';
import { type Answer, act } from '@/web/act';
import { reads } from '@/web/here';
import { clientId, rowId } from '../shapes';

const Back = z.object({ clientId, batchId: rowId, device: clientId, deviceSequence: z.int().min(0), entry: clientId });

/** Takes a record back that is the last of its batch; says what it was. */
export async function undo(input: unknown): Promise<Answer<{ readonly undone: string }>> {
  return act(Back, input, (db, back, by) => undoLast(db, back, by));
}

const Rags = z.object({
  lines: z
    .array(z.object({ id: rowId, version: z.int() }))
    .min(1)
    .max(200),
});

/** The cloths of some lines lie one way. */
export async function layCloths(input: unknown): Promise<Answer<unknown>> {
  return act(Rags.extend({ way: z.enum(CLOTH_WAYS) }), input, (db, { lines, way }, by) => layRags(db, lines, way, by));
}

/** The cloths of some lines were looked at. */
export async function checkCloths(input: unknown): Promise<Answer<unknown>> {
  return act(Rags, input, (db, { lines }, by) => checkRags(db, lines, by));
}

const words = z.string().trim().max(300);

const OfSlot = z.object({ batchId: rowId, slot: z.string().max(100).min(1) });

/** Another coat of a material, from the same lot or from another. */
export async function another(input: unknown): Promise<Answer> {
  return act(OfSlot.extend({ clientId, lotId: z.int().nullable(), note: words }), input, (db, more, by) =>
    anotherCoat(db, more, by),
  );
}

/** That was the last coat of a material, and why. */
export async function lastOne(input: unknown): Promise<Answer> {
  return act(OfSlot.extend({ clientId, reason: z.enum(LAST_REASONS), note: words }), input, (db, last, by) =>
    thatWasTheLast(db, last, by),
  );
}

/** Takes a coat more, or that it was the last, back. */
export async function changeBack(input: unknown): Promise<Answer> {
  return act(z.object({ clientId, batchId: rowId, id: rowId }), input, (db, back, by) => takeChangeBack(db, back, by));
}

/** The next coats of a material come from another lot. */
export async function otherLot(input: unknown): Promise<Answer> {
  return act(OfSlot.extend({ lotId: rowId }), input, (db, change, by) => changeLot(db, change, by));
}

const Move = z.object({ batchId: rowId, placeId: rowId });

export async function moveTo(input: unknown): Promise<Answer> {
  return act(Move, input, (db, { batchId, placeId }, by) => moveBatch(db, batchId, placeId, by));
}

const PlaceTyped = z.object({
  name: z.string().trim().min(1).max(80),
  light: z.enum(LIGHTS),
  temp: typedOrNone((one) => parseTemperature(one, reads())),
  rh: typedOrNone(parseHumidity),
  hazard: z.union([z.enum(PLACE_HAZARDS), z.literal('')]),
  alsoHazard: z.union([z.enum(PLACE_HAZARDS), z.literal('')]),
  batchId: rowId.nullable(),
});

/** A place of the shop's own, and the pieces carried there where a batch is named. */
export async function newPlace(input: unknown): Promise<Answer> {
  return act(PlaceTyped, input, (db, { name, light, temp, rh, hazard, alsoHazard, batchId }, by) => {
    const hazards = PLACE_HAZARDS.filter((one) => one === hazard || one === alsoHazard);
    const made = addPlace(db, { name, light, hazards, usualTempC: temp, usualRhFraction: rh });
    if (!made.ok || batchId === null) return made.ok ? ok(undefined) : made;
    return moveBatch(db, batchId, made.value.id, by);
  });
}

/** Strikes a record that another device had made already. */
export async function strike(input: unknown): Promise<Answer> {
  return act(Back, input, (db, back, by) => strikeWaiting(db, back, by));
}

export async function lidded(input: unknown): Promise<Answer> {
  return act(z.object({ pourId: rowId }), input, (db, { pourId }, by) => lidJars(db, pourId, by));
}
