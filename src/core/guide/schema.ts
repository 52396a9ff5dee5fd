import { z } from 'zod';

const id = z.string().regex(/^[a-z0-9-]+$/);
const says = z.string().min(1);

/** One side: what it says, gains and costs, and for whom it is right. */
const School = z.object({ id, says, gains: says, costs: says, right: says });
export type School = z.output<typeof School>;

/** A question makers disagree on: the sides, the chemistry behind with the kind of source it can be looked up in, the house's choice and why. */
export const Question = z
  .object({
    id,
    asks: says,
    sides: says,
    chemistry: says,
    source: says,
    house: says,
    houseSchool: id,
    schools: z.array(School).min(1),
  })
  .refine((one) => one.schools.some((school) => school.id === one.houseSchool));
export type Question = z.output<typeof Question>;

/** Where a symptom is met. */
export const WHERES = ['bench', 'tin', 'owner'] as const;

/** One look at a symptom: what tells it apart, its cause, the way back, and what to do otherwise next time. */
export const SymptomLook = z.object({ tells: says, cause: says, back: says, next: says });
export const Symptom = z.object({ id, says, where: z.enum(WHERES), looks: z.array(SymptomLook).min(1) });
export type Symptom = z.output<typeof Symptom>;

/** What is done before anything else. */
export const Stop = z.object({ see: says, act: says });
export type Stop = z.output<typeof Stop>;
