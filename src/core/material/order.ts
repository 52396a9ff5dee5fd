import { MS_PER_DAY } from '@/core/quantity';
import { daysLeft, LEAST_USE_DAYS } from './run-out';

/** What is used up: poured, filled, laid or sold, each in what it is counted in (`g`, `pieces` …); `firstAt` the first use of the window, UTC ms. */
export type UsedUp = {
  readonly id: string;
  readonly name: string;
  readonly kind: 'material' | 'jar' | 'supply' | 'tin';
  readonly counted: string;
  readonly left: number;
  readonly used: number;
  readonly firstAt: number;
  /** On how many days it was drawn; null of what is counted, where each count says what went since the last. */
  readonly draws: number | null;
  /** How it is usually bought; null where it never was. */
  readonly pack: { readonly amount: number; readonly supplier: string } | null;
  /** Days a new lot keeps; null where it does not go off. */
  readonly keepsDays: number | null;
};

/** One that runs out: what is used of it a day, how many days that lasts, and what to order (of `tin`: to pour). An estimate. */
export type RunsOut = UsedUp & {
  readonly perDay: number;
  readonly days: number;
  readonly order: number;
  readonly packs: number | null;
};

/** Drawn on fewer days than this, nobody knows how fast it goes. Working estimate: one pot is no rate. */
export const LEAST_DRAWS = 3;
/** Whether it was used long and often enough to say how fast it goes. */
const isRate = ({ firstAt, draws, kind }: UsedUp, nowMs: number): boolean =>
  kind === 'supply' || ((draws ?? 0) >= LEAST_DRAWS && nowMs - firstAt >= LEAST_USE_DAYS * MS_PER_DAY);

/** What was used too seldom or too lately to say when it runs out. */
export const tooEarlyToSay = (kept: readonly UsedUp[], nowMs: number): UsedUp[] =>
  kept.filter((one) => one.used > 0 && !isRate(one, nowMs));

/** What runs out within this many days is said above the shelves. Source: working choice; a supplier takes weeks. */
export const SOON_DAYS = 75;
/** So many days' use is ordered, if it keeps that long. Source: working choice. */
export const COVER_DAYS = 120;

/** Up to two figures that count: nobody orders 1 237 g. */
const roundUp = (amount: number): number => {
  if (amount <= 0) return 0;
  const unit = 10 ** Math.max(0, Math.floor(Math.log10(amount)) - 1);
  return Math.ceil(amount / unit - 1e-9) * unit;
};

/** What runs out at the rate it was used, where two weeks and three draws tell a rate, soonest first, and how much to order: for the cover, less what is there, in whole packs, and never more than is used before it goes off. */
export function runningOut(kept: readonly UsedUp[], nowMs: number): RunsOut[] {
  return kept
    .filter((one) => isRate(one, nowMs))
    .flatMap((one) => {
      const over = Math.max(LEAST_USE_DAYS, (nowMs - one.firstAt) / MS_PER_DAY);
      const days = daysLeft(one.used, over, one.left);
      if (days === null || days > SOON_DAYS) return [];
      const perDay = one.used / over;
      const wanted = Math.max(0, perDay * Math.min(COVER_DAYS, one.keepsDays ?? COVER_DAYS) - one.left);
      const packs = one.pack && one.pack.amount > 0 ? Math.max(1, Math.ceil(wanted / one.pack.amount - 1e-9)) : null;
      return [{ ...one, perDay, days, packs, order: packs === null || !one.pack ? roundUp(wanted) : packs * one.pack.amount }];
    })
    .sort((a, b) => a.days - b.days || a.name.localeCompare(b.name));
}
