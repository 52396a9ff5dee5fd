import { type Choice, type FinishWish, type Reason, type ReasonCode, usesOf } from '@/core/choose';
import { USE_WORDS } from './words';

const signed = (about: string, words: string): string => (about === 'sign' ? `${words} (a maker may sign for it)` : words);

const REASON_WORDS: Readonly<Record<ReasonCode, (about: string) => string>> = {
  'no-such-surface': () => 'it parts surfaces: name a piece above that has them',
  'gate-wood': (about) => signed(about, 'this wood is not for that use'),
  'gate-origin': (about) => signed(about, 'wood of that origin is not for food'),
  'gate-contact': (about) => signed(about, 'it is not fit where food lies'),
  'gate-film': (about) =>
    signed(about, 'a film lies on it, or nobody says that none does: it does not belong under a knife or in a mouth'),
  'gate-heat': (about) => signed(about, 'it does not stand hot food'),
  'gate-cures': (about) => signed(about, 'it never becomes dry'),
  'gate-declared': (about) => signed(about, 'its contents are not all declared'),
  'gate-nut': () => 'it holds tree nut: not for a toy',
  'none-in-stock': () => 'nothing is in the stores',
  'all-held': (about) => `every lot that suits “${about}” is held`,
  'wrong-role': (about) => `no lot in the stores is “${about}”`,
  'wrong-kind': (about) => `no lot for “${about}” dries, feels or sets as it must`,
  'not-for-food': () => 'what it would carry is not for food',
  'turns-rancid': (about) => `every lot for “${about}” turns rancid in wood`,
  'sets-in-hour': (about) => `what there is for “${about}” is mixed with its hardener and sets within the hour`,
  allergen: (about) => `every lot that fits holds what is to be avoided (${about})`,
  'too-late': (about) => `not fit before about ${about} days`,
  'renewed-by-owner': () => 'renewed in a minute by an owner who does re-oil',
  'washes-out': () => 'washes out, and wants oil again and again',
  'lasts-without-care': () => 'lasts longest where nobody re-oils',
  'owner-unknown-safe': () => 'the house’s choice where the owner is not known',
  'bare-greys': () => 'greys and stains unless someone washes and dries it every time',
  'bare-soaks': () => 'soaks up what a mouth leaves on it',
  'stands-heat': () => 'takes hot food',
  'marks-with-heat': () => 'softens or marks with heat',
  'smell-stays': () => 'its smell stays long under a lid',
  'no-smell': () => 'leaves no smell under a lid',
  'easy-dry-food': () => 'dry food asks little of it',
  'wears-well': () => 'wears well in the hand',
  weathers: () => 'weathers evenly and can be oiled over',
  'greys-outdoors': () => 'greys within a season: a thin oil keeps neither sun nor rain off',
  'flakes-outdoors': () => 'flakes outdoors',
  shines: () => 'can be brought to a shine',
  'stays-dull': () => 'will not shine',
  'stays-matt': () => 'stays quiet, no shine',
  'keeps-colour': () => 'darkens the wood least',
  darkens: () => 'darkens and yellows the wood',
  'warms-colour': () => 'warms and deepens the colour',
  quick: () => 'ready within days',
  'own-rule-for': (about) => `by your own rule: ${about}`,
  'house-rule-against': (about) => `against what the guide’s house says: ${about}`,
  'own-rule-against': (about) => `against your own rule: ${about}`,
};
/** Why a finish was refused, or what it gains or costs. */
export const sayReason = ({ code, with: about = '' }: Reason): string => REASON_WORDS[code](about);

export const OWNER_WORDS: Readonly<Record<FinishWish['owner'], string>> = {
  're-oils': 're-oils it',
  'will-not': 'will not look after it',
  unknown: 'is not known',
};

const listed = (words: readonly string[]): string =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');

/** Reasons that are no words after “it”: each as a clause of its own. */
const CLAUSES: Readonly<Partial<Record<ReasonCode, (about: string) => string>>> = {
  'renewed-by-owner': () => 'an owner who re-oils renews it in a minute',
  'owner-unknown-safe': () => 'it is the house’s choice where the owner is not known',
  'easy-dry-food': () => 'dry food asks little of it',
  'smell-stays': () => 'its smell stays long under a lid',
  quick: () => 'it is ready within days',
  'own-rule-for': (about) => `it follows your own rule (${about})`,
  'own-rule-against': (about) => `it goes against your own rule (${about})`,
  'house-rule-against': (about) => `it goes against what the guide’s house says (${about})`,
};
const clause = (reason: Reason): string =>
  CLAUSES[reason.code]?.(reason.with ?? '') ?? (reason.code.startsWith('gate-') ? sayReason(reason) : `it ${sayReason(reason)}`);
const sentence = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;

/** The answer in whole sentences, to be said aloud to who asked. */
export function sayChoice({ regimen, lots, readyDays, gains, costs }: Choice, wish: FinishWish): string {
  const uses = listed(usesOf(wish).map((use) => USE_WORDS[use]));
  const owner = wish.owner === 'unknown' ? 'whoever owns it' : `an owner who ${OWNER_WORDS[wish.owner]}`;
  const from = lots.length > 0 ? `, with ${listed(lots.map(({ lot }) => `${lot.title} (${lot.number})`))}` : '';
  const when = readyDays < 1 ? 'Fit the same day' : `Fit in about ${Math.ceil(readyDays)} days`;
  const [gain, cost] = [gains[0], costs[0]];
  const why = [...(gain ? [clause(gain)] : []), ...(cost ? [clause(cost)] : [])].join(', but ');
  return [
    `For ${uses}, ${owner}: “${regimen.name}” (${regimen.school})${from}.`,
    `${when}.`,
    ...(why === '' ? [] : [sentence(why)]),
  ].join(' ');
}
