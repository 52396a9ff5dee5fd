'use server';

import { z } from 'zod';
import { CHOICES, readRegimen, Slot } from '@/core/regimen';
import { saveRegimen } from '@/data/catalogue/regimens';
import { rowId } from '@/trade/shapes';
import { type Answer, act } from '@/web/act';
import { reads } from '@/web/here';

const text = z.string().max(400);

const StepTyped = z.object({
  key: text,
  id: z.string().max(100).min(1).max(60),
  kind: z.enum(CHOICES.kinds),
  action: text,
  done: text,
  setup: text,
  perPiece: text,
  min: text,
  ideal: text,
  max: text,
  slot: text,
  lies: text,
  coatClass: text,
  coat: text,
  until: text,
  expect: text,
  again: text,
  place: text,
  optional: z.boolean(),
  note: text,
  labelRule: text,
  governsMin: text,
  governsMax: text,
  below: text,
  surfaces: z.array(z.enum(CHOICES.surfaces)).max(CHOICES.surfaces.length),
  looksBy: text,
  grit: text,
  houseMin: text,
  houseMax: text,
  houseWhy: text,
});

const SlotTyped = z.object({
  slot: z.string().max(100).min(1).max(60),
  name: text,
  wants: Slot.shape.wants,
  feel: z.enum(CHOICES.feels),
  roles: z.array(z.enum(CHOICES.roles)).max(CHOICES.roles.length),
  quickHours: z.number().positive().nullable(),
  adds: z.array(z.string().max(60)).max(5),
  hint: text,
  from: text,
  to: text,
  until: text,
});

const Written = z.object({
  base: rowId,
  why: text,
  asOwn: z.boolean(),
  draft: z.object({
    id: z.string().max(100).min(1).max(80),
    name: text,
    school: text,
    gains: text,
    costs: text,
    careClass: z.enum(CHOICES.care),
    knifeSurface: z.boolean(),
    ownWay: text,
    careDays: text,
    careWords: text,
    slots: z.array(SlotTyped).max(12),
    steps: z.array(StepTyped).min(1).max(80),
  }),
});

/** Keeps a regimen as it was typed: the next revision, or one of the shop's own. */
export async function keepRegimen(input: unknown): Promise<Answer<{ readonly id: string }>> {
  return act(Written, input, (db, { draft, ...how }, by) => {
    const regimen = readRegimen(draft, reads());
    return regimen.ok ? saveRegimen(db, { regimen: regimen.value, ...how }, by) : regimen;
  });
}
