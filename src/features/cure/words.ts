import 'server-only';
import { type MilestoneId, weepingNow } from '@/core/cure';
import { MS_PER_DAY, say } from '@/core/quantity';
import type { Batch } from '@/data/work/batch';
import type { BatchStanding, CureStanding } from '@/data/work/standing';
import { words as wording } from '@/messages/screens/cure';
import { clockTime, dayAndDate } from '@/ui/when';
import { reads } from '@/web/here';
import type { ReachedMilestone } from './fan';

export const percent = (share: number): string => say(share, 'fraction', reads());
export const verb = (cure: CureStanding): string => (cure.settles ? 'settled' : 'cured');

/** What is still missing before a batch is fit, in words. */
export function missing({ fitness, progress }: BatchStanding): string {
  const left = [
    progress.rest.length > 1 ? wording.steps(progress.rest.length) : progress.rest.length === 1 ? wording.itsLastStep : '',
    fitness.estimate ? '' : wording.theEstimateAtNine,
    fitness.check ? '' : wording.aCheckThatOpens,
    fitness.leastTime ? '' : wording.theRegimensLeastTime,
  ].filter(Boolean);
  return left.length === 0 ? wording.fitItCanGo : wording.stillWants(left.join(', '));
}

const DRYING_WORDS: Readonly<Record<MilestoneId, string>> = {
  touch: wording.dryToTheTouch,
  recoat: wording.mayBeRecoated,
  handle: wording.mayBeHandled,
  buff: wording.mayBeBuffed,
  food: wording.fitForFood,
  sale: wording.mayBeSold,
};
const SETTLING_WORDS: Readonly<Record<MilestoneId, string>> = {
  touch: wording.notGreasyToThe,
  recoat: wording.mayBeOiledAgain,
  handle: wording.mayBeHandled,
  buff: wording.mayBeBuffed,
  food: wording.settledFitForFood,
  sale: wording.mayBeSold,
};
export const milestoneWords = (id: MilestoneId, { settles }: Pick<CureStanding, 'settles'>): string =>
  (settles ? SETTLING_WORDS : DRYING_WORDS)[id];

/** By the hour while early and late lie within this of each other, by the day else: no finer than it is known. */
const BY_THE_HOUR_MS = 2 * MS_PER_DAY;

/** Said where too much speaks for never: a coat too thick, an oily wood, a spoiled oil. */
export const UNSAYABLE = wording.noDateCanBe;

/** The likely moment with the early and the late one; what cannot be said is said to be so. */
export function spanWords({ p10, p50, p90 }: CureStanding['readyAtMs'], zone: string, nowMs: number): string {
  if (p10 === null || p50 === null) return UNSAYABLE;
  if (p90 === null) return wording.atTheEarliestAnd(dayAndDate(p50, zone), dayAndDate(p10, zone));
  const say = p90 - p10 < BY_THE_HOUR_MS ? (ms: number) => clockTime(ms, zone, nowMs) : (ms: number) => dayAndDate(ms, zone);
  return `${say(p50)} (${say(p10)} to ${say(p90)})`;
}

/** When a milestone is reached: “now” is only said of what is almost sure, so that it never reads as more than release asks. */
export function reachedWords({ likelyMs, surelyMs }: Omit<ReachedMilestone, 'id'>, nowMs: number, zone: string): string {
  if (likelyMs === null) return UNSAYABLE;
  if (surelyMs !== null && surelyMs <= nowMs) return 'now';
  const isFine = surelyMs !== null && surelyMs - Math.max(likelyMs, nowMs) < BY_THE_HOUR_MS;
  const say = (ms: number): string => (isFine ? clockTime(ms, zone, nowMs) : dayAndDate(ms, zone));
  const surely = surelyMs === null ? wording.forSure(UNSAYABLE) : wording.surely(say(surelyMs));
  return likelyMs <= nowMs ? wording.likely(surely) : wording.likely2(say(likelyMs), surely);
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
  if (weeping.state === 'clean') return wording.cleanPaperStayedClean(at(weeping.sinceMs));
  if (weeping.state === 'weeps')
    return wording.itWeepsPaperTook(at(weeping.sinceMs), weeping.wipeByMs < nowMs ? 'now' : `by ${at(weeping.wipeByMs)}`);
  const from = regimen.steps.some((step) => step.place === 'bath') ? wording.fromTheBathIt : wording.itMayWeep;
  return wording.wipeItInThe(from);
}
