import type { RingFacts } from '@/core/batch';
import type { CareClass, Language } from '@/core/care';
import type { Species } from '@/core/material';
import { gramsPer, type Reads } from '@/core/quantity';
import { slip as wording } from '@/messages/screens/print';
import {
  allergensIn,
  dateIn,
  finishIn,
  gramsIn,
  ingredientIn,
  type LabelCaution,
  type NamedWood,
  SLIP_WORDS,
  shippedIn,
  titleIn,
  woodIn,
} from '@/messages/slip';
import type { Pictogram } from '@/ui/pictograms';

/** Everything a slip is made from, once: the screen, the PDF, the calendar, letters and the owner's page all read it from here. */
export type Slip = {
  readonly code: string;
  readonly ring: RingFacts;
  readonly seed: number;
  readonly pieceNumber: string;
  readonly design: string;
  readonly speciesId: string;
  /** What its maker wrote of its care in place of the house's sentence; empty: the house's. */
  readonly ownWords?: string;
  /** Its woods by name, where the shop has its own or there are several. */
  readonly woods?: readonly NamedWood[];
  readonly botanical: string;
  readonly porosity: Species['porosity'];
  readonly shop: string;
  readonly careClass: CareClass;
  readonly ingredients: readonly string[];
  readonly allergens: readonly string[];
  /** Bought finishes whose makers do not declare all that is in them. */
  readonly undeclared: readonly string[];
  readonly soldOn: string;
  readonly intervalDays: number | null;
  readonly nextDates: readonly string[];
  readonly grams: number;
  /** Weeks after a treatment in which it meets no food, where it cures by air; null where it does not. */
  readonly cureWeeks: number | null;
  /** Said first, where the piece is not for food. */
  readonly notForFood: boolean;
  /** What it is renewed with, as it stands on its lot; null where nothing renews it. */
  readonly renewWith: string | null;
  /** What is to be heeded when it is renewed, the gravest first. */
  readonly cautions: readonly LabelCaution[];
  /** Treatments left in the bottle that came with it; null where none did. */
  readonly inBottle: number | null;
  readonly language: Language;
  /** The owner's page, where the shop has a public address. */
  readonly address: string | null;
};

/** A part of a slip under its heading, with its sign. */
export type SlipPart = {
  readonly sign: Pictogram;
  readonly heading: string;
  readonly lines: readonly string[];
  readonly strong?: boolean;
};
export type SlipText = {
  readonly language: Language;
  readonly title: string;
  readonly wood: string;
  readonly look: string;
  readonly parts: readonly SlipPart[];
  /** What its code holds: the owner's page, or the care text itself while the shop has no public address. */
  readonly codeText: string;
};

/** Sizes of slips: the full card, and the small one that says the same in fewer words. */
export const SLIP_SIZES = ['A6', 'A7'] as const;
export type SlipSize = (typeof SLIP_SIZES)[number];

/** What is read as one is never broken over two lines. */
const together = (text: string): string => text.replaceAll(' ', '\u00a0');

/** How much a treatment takes, as a language writes it. */
const amountIn = (language: Language, grams: number, reads: Reads): string =>
  grams < 1
    ? SLIP_WORDS[language].drops
    : reads.mass === 'oz'
      ? `${gramsIn(language, grams / gramsPer('oz'))} oz`
      : `${gramsIn(language, grams)} g`;

/** A slip in one language: what this wood and this finish want, allergens, what never to do, when to send it back. */
export function slipIn(slip: Slip, language: Language, reads: Reads, size: SlipSize = 'A6'): SlipText {
  const words = SLIP_WORDS[language];
  const { headings } = words;
  const full = size === 'A6';
  const allergens = allergensIn(language, slip.allergens, slip.undeclared);
  const title = titleIn(language, slip);
  const renewing =
    slip.intervalDays === null || !full
      ? []
      : [
          slip.grams > 0 ? words.every(slip.intervalDays, together(amountIn(language, slip.grams, reads))) : '',
          slip.nextDates.length > 0 ? words.first(slip.nextDates.map((date) => together(dateIn(language, date))).join(', ')) : '',
        ];
  const shipped = shippedIn(language, slip.ownWords ?? '');
  const on = [
    shipped?.finish ?? words.finish[slip.careClass],
    ...(full && slip.ingredients.length > 0 ? [finishIn(language, slip.ingredients)] : []),
  ];
  const parts: SlipPart[] = [
    ...(slip.notForFood ? [{ sign: 'soak' as const, heading: words.notForFood, lines: [], strong: true }] : []),
    { sign: 'wash', heading: headings.keep, lines: [[words.wash, words.wood[slip.porosity]].filter(Boolean).join(' ')] },
    { sign: 'soak', heading: headings.never, lines: [words.never] },
    {
      sign: 'renew',
      heading: headings.renew,
      lines: [
        shipped?.treat || slip.ownWords || words.treat[slip.careClass],
        slip.cureWeeks === null || slip.ownWords ? '' : words.cures(slip.cureWeeks),
        slip.renewWith ? words.same(ingredientIn(language, slip.renewWith)) : '',
        renewing.filter(Boolean).join(' '),
        full && slip.inBottle !== null && slip.inBottle > 0 ? words.inBottle(slip.inBottle) : '',
        full && slip.renewWith ? words.scars : '',
      ].filter(Boolean),
    },
    ...(slip.cautions.length > 0
      ? [
          {
            sign: 'cloths' as const,
            heading: '',
            lines: [slip.cautions.map((one) => (one === 'rags-self-heat' ? words.cloths : words.cautions[one])).join(' ')],
            strong: true,
          },
        ]
      : []),
    {
      sign: 'on',
      heading: headings.on,
      lines: [`${on.join('. ')}.`, allergens],
    },
    { sign: 'back', heading: headings.back, lines: [full ? `${words.back} ${words.workshop}` : words.back] },
  ];
  const short = `${slip.notForFood ? `${words.notForFood}! ` : ''}${title} ${slip.pieceNumber}. ${words.wash} ${words.never} ${allergens}`;
  return {
    language,
    title,
    wood: `${woodIn(language, slip.speciesId, slip.woods)}${slip.botanical ? ` (${slip.botanical})` : ''}`,
    look: slip.intervalDays === null ? words.lookBare : slip.careClass === 'film' ? words.lookFilm : words.look,
    parts,
    codeText: slip.address ?? short,
  };
}

/** Said where even the least type does not fit. */
export const tooLong = ({ pieceNumber }: Pick<Slip, 'pieceNumber'>, { size }: { readonly size: SlipSize }): string =>
  wording.theSlipOfSays(pieceNumber, size);
