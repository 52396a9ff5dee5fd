import 'server-only';
import { type MilestoneId, weepingNow } from '@/core/cure';
import { MS_PER_DAY, say } from '@/core/quantity';
import type { Batch } from '@/data/work/batch';
import type { BatchStanding, CureStanding } from '@/data/work/standing';
import { clockTime, dayAndDate } from '@/ui/when';
import { reads } from '@/web/reads-here';
import type { Reached } from './fan';

export const percent = (share: number): string => say(share, 'fraction', reads());
export const verb = (cure: CureStanding): string => (cure.settles ? 'settled' : 'cured');

/** What is still missing before a batch is fit, in words. */
export function missing({ fitness, progress }: BatchStanding): string {
  const left = [
    progress.rest.length > 1 ? `${progress.rest.length} steps` : progress.rest.length === 1 ? 'its last step' : '',
    fitness.estimate ? '' : 'the estimate at nine in ten',
    fitness.check ? '' : 'a check that opens it, passed in the last 48 h, and none of another kind failed since',
    fitness.leastTime ? '' : 'the regimen’s least time',
  ].filter(Boolean);
  return left.length === 0 ? 'Fit: it can go to release.' : `Still wants ${left.join(', ')}.`;
}

const DRYING_WORDS: Readonly<Record<MilestoneId, string>> = {
  touch: 'Dry to the touch',
  recoat: 'May be recoated',
  handle: 'May be handled',
  buff: 'May be buffed',
  food: 'Fit for food',
  sale: 'May be sold',
};
const SETTLING_WORDS: Readonly<Record<MilestoneId, string>> = {
  touch: 'Not greasy to the touch',
  recoat: 'May be oiled again',
  handle: 'May be handled',
  buff: 'May be buffed',
  food: 'Settled, fit for food',
  sale: 'May be sold',
};
export const milestoneWords = (id: MilestoneId, { settles }: Pick<CureStanding, 'settles'>): string =>
  (settles ? SETTLING_WORDS : DRYING_WORDS)[id];

/** By the hour while early and late lie within this of each other, by the day else: no finer than it is known. */
const BY_THE_HOUR_MS = 2 * MS_PER_DAY;

/** Said where too much speaks for never: a coat too thick, an oily wood, a spoiled oil. */
export const UNSAYABLE = 'no date can be said';

/** The likely moment with the early and the late one; what cannot be said is said to be so. */
export function spanWords({ p10, p50, p90 }: CureStanding['readyAtMs'], zone: string, nowMs: number): string {
  if (p10 === null || p50 === null) return UNSAYABLE;
  if (p90 === null) return `${dayAndDate(p50, zone)} (${dayAndDate(p10, zone)} at the earliest, and perhaps never)`;
  const say = p90 - p10 < BY_THE_HOUR_MS ? (ms: number) => clockTime(ms, zone, nowMs) : (ms: number) => dayAndDate(ms, zone);
  return `${say(p50)} (${say(p10)} to ${say(p90)})`;
}

/** When a milestone is reached: “now” is only said of what is almost sure, so that it never reads as more than release asks. */
export function reachedWords({ likelyMs, surelyMs }: Omit<Reached, 'id'>, nowMs: number, zone: string): string {
  if (likelyMs === null) return UNSAYABLE;
  if (surelyMs !== null && surelyMs <= nowMs) return 'now';
  const isFine = surelyMs !== null && surelyMs - Math.max(likelyMs, nowMs) < BY_THE_HOUR_MS;
  const say = (ms: number): string => (isFine ? clockTime(ms, zone, nowMs) : dayAndDate(ms, zone));
  const surely = surelyMs === null ? `${UNSAYABLE} for sure` : `surely ${say(surelyMs)}`;
  return likelyMs <= nowMs ? `likely; ${surely}` : `likely ${say(likelyMs)}, ${surely}`;
}

/** How a never-drying finish comes to rest: what the last paper said, and when it is to be wiped again. */
export function weepWords({ checks, regimen }: Batch, { progress }: BatchStanding, nowMs: number, zone: string): string {
  const ofTowel = progress.done.filter(({ task }) => task.step.until === 'towel');
  const wiped = progress.done.filter(({ task }) => task.step.kind === 'wipe' || task.step.until === 'towel').at(-1)?.fact;
  const weeping = weepingNow(
    [
      ...checks.filter((check) => check.kind === 'towel').map((check) => ({ atMs: check.at, pass: check.pass })),
      ...ofTowel.flatMap(({ fact }) => (fact.pass === null ? [] : [{ atMs: fact.atMs, pass: fact.pass === true }])),
    ],
    wiped?.atMs ?? null,
  );
  const at = (ms: number): string => clockTime(ms, zone, nowMs);
  if (weeping.state === 'clean') return `Clean paper stayed clean ${at(weeping.sinceMs)}.`;
  if (weeping.state === 'weeps')
    return `It weeps: paper took oil ${at(weeping.sinceMs)}. Wipe it again ${weeping.wipeByMs < nowMs ? 'now' : `by ${at(weeping.wipeByMs)}`}.`;
  const from = regimen.steps.some((step) => step.place === 'bath') ? 'From the bath it leaches for hours to days' : 'It may weep';
  return `${from}: wipe it in the warm until clean paper stays clean.`;
}
