import type { Climate } from '@/core/cure';
import { mean } from '@/core/numeric';
import { MS_PER_MINUTE } from '@/core/quantity';
import type { PlaceKind, RegimenStep, RoomOf } from '../regimen';

/** The mean air of a kind of place between two moments, UTC ms; of where the work stands now for null. Null where nothing was ever read. */
export type AirAhead = (place: PlaceKind | null, fromMs: number, untilMs: number) => Climate | null;

/** A forecast is not good to more than this: finer steps would only make plans jitter. Source: working choice. */
export const AIR_STEP = { tempC: 0.5, rh: 0.02 } as const;

const stepped = (value: number, by: number): number => Math.round(value / by) * by;
const coarse = ({ tempC, rh, light }: Climate): Climate => ({
  tempC: stepped(tempC, AIR_STEP.tempC),
  rh: Math.min(1, stepped(rh, AIR_STEP.rh)),
  light,
});

type Along = {
  readonly air: AirAhead;
  readonly nowMs: number;
  /** When the first step may begin. */
  readonly startMs: number;
  /** When each step was done that is done, by id. */
  readonly doneAt: ReadonlyMap<string, number>;
};

/**
 * The air each wait of a regimen will lie in: of the place its step leads to, from when the step was done, or will be if hands are always
 * there. A wait that is over has none: it is never judged again.
 */
export function roomAlong(steps: readonly RegimenStep[], { air, nowMs, startMs, doneAt }: Along): RoomOf {
  const last = steps.findLastIndex((step) => doneAt.has(step.id));
  let clock = Math.max(nowMs, startMs);
  let place: PlaceKind | null = null;
  const lies = new Map<string, { readonly fromMs: number; readonly place: PlaceKind | null } | null>();
  steps.forEach((step, i) => {
    const doneMs = doneAt.get(step.id);
    if (i < last) {
      lies.set(step.id, null);
      return;
    }
    // What is done stands where it stands; what is to come goes where its step says.
    place = i === last ? null : (step.place ?? place);
    const fromMs = i === last ? (doneMs ?? nowMs) : clock + step.setupMin * MS_PER_MINUTE;
    lies.set(step.id, { fromMs, place });
    clock = Math.max(nowMs, fromMs + step.wait.ideal * MS_PER_MINUTE);
  });
  return ({ id }, wait) => {
    const at = lies.has(id) ? lies.get(id) : { fromMs: nowMs, place: null };
    if (!at) return null;
    const found = air(at.place, at.fromMs, at.fromMs + Math.max(1, wait.ideal) * MS_PER_MINUTE);
    return found && coarse(found);
  };
}

/** The air of a place to come in even steps, as it crosses to a browser; °C and rh 0–1. */
export type AirRows = {
  readonly fromMs: number;
  readonly stepMs: number;
  readonly light: Climate['light'];
  readonly rows: readonly (readonly [number, number])[];
};

/** The mean of some rows between two moments; the last row holds after its end. */
export function meanOfRows({ fromMs, stepMs, light, rows }: AirRows, from: number, until: number): Climate | null {
  if (rows.length === 0) return null;
  const at = (ms: number): number => Math.min(rows.length - 1, Math.max(0, Math.floor((ms - fromMs) / stepMs)));
  const some = rows.slice(at(from), at(until) + 1);
  return { tempC: mean(some.map(([tempC]) => tempC)), rh: mean(some.map(([, rh]) => rh)), light };
}
