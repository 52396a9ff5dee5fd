import { type HandAction, type HandRisk, pressOf, riskOf } from '@/core/hands';
import { MS_PER_MINUTE, sayMinutes } from '@/core/quantity';
import { riskWords as wording } from '@/messages/screens/trade';

const RISK_WORDS: Readonly<Record<HandRisk, string>> = {
  'past-window': wording.theWindowIsPast,
  'coat-not-ready': wording.theCoatBeneathIs,
  'not-drunk': wording.itHasNotDrunk,
};

/** What an early or a late hand risks, in words. */
export function riskWords(action: HandAction, nowMs: number): string | null {
  const risk = riskOf(action, pressOf(action, nowMs));
  if (risk === null || risk === 'past-window') return risk && RISK_WORDS[risk];
  return wording.earlyRecordingItSays(sayMinutes(((action.earliestMs ?? nowMs) - nowMs) / MS_PER_MINUTE), RISK_WORDS[risk]);
}
