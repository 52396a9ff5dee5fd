import { type HandAction, type HandRisk, pressOf, riskOf } from '@/core/hands';
import { MS_PER_MINUTE, sayMinutes } from '@/core/quantity';

const RISK_WORDS: Readonly<Record<HandRisk, string>> = {
  'past-window': 'The window is past: look it over before you go on.',
  'coat-not-ready': 'the coat beneath is not ready for another',
  'not-drunk': 'it has not drunk its fill, or is not dry enough',
};

/** What an early or a late hand risks, in words. */
export function riskWords(action: HandAction, nowMs: number): string | null {
  const risk = riskOf(action, pressOf(action, nowMs));
  if (risk === null || risk === 'past-window') return risk && RISK_WORDS[risk];
  return `${sayMinutes(((action.earliestMs ?? nowMs) - nowMs) / MS_PER_MINUTE)} early: ${RISK_WORDS[risk]}. Recording it says so in the book.`;
}
