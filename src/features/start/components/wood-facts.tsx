import type { Species } from '@/core/material';
import { USE_WORDS, VERDICT_WORDS } from '@/messages';
import { woodFacts as wording } from '@/messages/screens/start';
import { ChoiceField } from '@/ui/choice';

export type SpeciesChoice = Pick<
  Species,
  | 'id'
  | 'name'
  | 'food'
  | 'note'
  | 'porosity'
  | 'disputed'
  | 'ask'
  | 'sides'
  | 'keepOff'
  | 'dust'
  | 'slowsCure'
  | 'densityKgPerM3'
>;

const BORDERS: Readonly<Partial<Record<Species['food'], string>>> = { good: 'border-fit', caution: 'border-cure' };
const ANSWERS = [
  { value: 'yes', name: wording.yesIAmSure },
  { value: 'no', name: wording.iCannotSay },
] as const;

/** How a wood stands to food, and what is known for and against it. */
export function WoodFacts({ timber }: { readonly timber: SpeciesChoice }) {
  return (
    <p className={`mb-3 border-l-4 pl-3 text-sm ${BORDERS[timber.food] ?? 'border-late'}`}>
      <strong>{VERDICT_WORDS[timber.food]}</strong>
      {timber.disputed && timber.food !== 'caution' ? wording.makersDisagree : ''}. {timber.note}
      {timber.keepOff.length > 0 ? wording.keptOff(timber.keepOff.map((use) => USE_WORDS[use]).join(', ')) : ''}
      {timber.dust === null ? '' : timber.dust === 'poison' ? wording.itsDustIsPoisonous : wording.itsDustMakesMany}
      {timber.slowsCure ? wording.itHoldsBackWhat : ''}
      {timber.sides ? <span className="block">{wording.forItAgainstIt(timber.sides.for, timber.sides.against)}</span> : null}
    </p>
  );
}

type AskProps = {
  readonly asks: readonly (string | undefined)[];
  /** Whether the maker is sure which tree it is; null while that was not said. */
  readonly known: boolean | null;
  readonly onSay: (known: boolean) => void;
};

/** Which tree it is, where its name stands on several. */
export function WhichTree({ asks, known, onSay }: AskProps) {
  if (asks.length === 0) return null;
  return (
    <ChoiceField
      asks={<span className="font-semibold text-ink">{asks.join(' ')}</span>}
      value={known === null ? null : known ? 'yes' : 'no'}
      options={ANSWERS}
      onChange={(answer) => onSay(answer === 'yes')}
      lies="beside"
    />
  );
}
