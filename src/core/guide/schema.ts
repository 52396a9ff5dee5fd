import { z } from 'zod';

const id = z.string().regex(/^[a-z0-9-]+$/);
const says = z.string().min(1);

/** A question makers disagree on: what the sides say, the chemistry behind with the kind of source it can be looked up in, the house's choice. */
export const Question = z.object({ id, asks: says, sides: says, chemistry: says, source: says, house: says });
export type Question = z.output<typeof Question>;

/** A smaller one, answered in a line. */
export const Line = z.object({ id, says });
export type Line = z.output<typeof Line>;

/** Where a symptom is met. */
export const WHERES = ['bench', 'tin', 'owner'] as const;

/** One look at a symptom: what tells it apart, its cause, the way back, and what to do otherwise next time. */
export const Look = z.object({ tells: says, cause: says, back: says, next: says });
export const Symptom = z.object({ id, says, where: z.enum(WHERES), looks: z.array(Look).min(1) });
export type Symptom = z.output<typeof Symptom>;

/** What is done before anything else. */
export const Stop = z.object({ see: says, act: says });
export type Stop = z.output<typeof Stop>;
