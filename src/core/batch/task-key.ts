/**
 * Where a task stands in the log and the plan, as a value: the step it does, how that came into the batch, and which time it is done.
 * Nothing else in the house reads or writes a key's text.
 */
export type TaskKey = {
  /** The step of the regimen, or of the way back. */
  readonly step: string;
  /** The changes of a batch that repeated its coat, the oldest first. */
  readonly added: readonly number[];
  /** The way back it belongs to, by its kind and its row. */
  readonly way: { readonly kind: string; readonly id: number } | null;
  /** It scuffs before the task it is named after. */
  readonly scuffs: boolean;
  /** Which round of pieces, and which time a repeated step is done; 1 the first. */
  readonly round: number;
  readonly turn: number;
};

/** `scuff^coat-2`, `gummed~7:wipe`, `coat-3*12#2+3`. */
const KEY = /^(scuff\^)?(?:([^~:*#+]+)~(\d+):)?([^*#+]*)((?:\*\d+)*)(?:#(\d+))?(?:\+(\d+))?$/;

/** A key as it stands in the log. What is no key is a step of that name. */
export function readTaskKey(text: string): TaskKey {
  const [, scuffs, way, id, step = text, added = '', round = '1', turn = '1'] = KEY.exec(text) ?? [];
  return {
    step,
    added: added.split('*').slice(1).map(Number),
    way: way === undefined ? null : { kind: way, id: Number(id) },
    scuffs: scuffs !== undefined,
    round: Number(round),
    turn: Number(turn),
  };
}

type Parts = Pick<TaskKey, 'step'> & Partial<TaskKey>;
export const writeTaskKey = ({ step, added = [], way = null, scuffs = false, round = 1, turn = 1 }: Parts): string =>
  [
    scuffs ? 'scuff^' : '',
    way ? `${way.kind}~${way.id}:` : '',
    step,
    ...added.map((id) => `*${id}`),
    round > 1 ? `#${round}` : '',
    turn > 1 ? `+${turn}` : '',
  ].join('');

/** The same task with something else about it. */
export const withKey = (text: string, change: Partial<TaskKey>): string => writeTaskKey({ ...readTaskKey(text), ...change });

/** The step a task stands for, whatever its round and its turn. */
export const stepOfTask = (text: string): string => withKey(text, { round: 1, turn: 1 });

/** Whether a task is a step of the batch's own regimen, coats more among them: no way back, and no scuff before it. */
export const isOfRegimen = (text: string): boolean => {
  const { way, scuffs } = readTaskKey(text);
  return way === null && !scuffs;
};

/** A step's name where it becomes one of a regimen of its own: how it came into its batch is no part of it. */
export function ownStepId(text: string): string {
  const { step, added, way, scuffs } = readTaskKey(text);
  return [...(scuffs ? ['scuff'] : []), ...(way ? [way.kind, way.id] : []), step, ...added].join('-');
}
