import { deltaE, type Lab } from '@/core/colour';
import { groupBy, type Result } from '@/core/quantity';
import { kindTraits, type TrialKind } from './kinds';
import { type TrialAnswer, trial } from './trial';

/** A treatment of a trial and the places its fields lie at. */
export type Lies = { readonly board: number; readonly place: number; readonly treatment: string };
/** A score as somebody gave it. */
export type GivenScore = {
  readonly board: number;
  readonly place: number;
  readonly cycle: number;
  readonly kind: TrialKind;
  readonly value: number;
  readonly who: string;
};
/** What a picture of a board was read as, field by field. */
export type ReadPicture = {
  readonly board: number;
  readonly cycle: number;
  readonly lamp: 'even' | 'low';
  readonly fields: readonly { readonly place: number; readonly lab: Lab; readonly bright: number }[];
};
/** One value of one field. */
export type Value = {
  readonly block: string;
  readonly treatment: string;
  readonly cycle: number;
  readonly kind: TrialKind;
  readonly value: number;
};

/** Of one person's scores of a field the last stands; of several people's the mean. */
function saidValues(scores: readonly GivenScore[], lies: readonly Lies[]): Value[] {
  const cells = groupBy(scores, ({ board, place, cycle, kind }) => JSON.stringify([board, place, cycle, kind]));
  return [...cells.values()].flatMap((cell) => {
    const [first] = cell;
    const field = lies.find((one) => one.board === first?.board && one.place === first.place);
    if (!first || !field) return [];
    const last = [...new Map(cell.map((one) => [one.who, one.value])).values()];
    const value = last.reduce((sum, one) => sum + one, 0) / last.length;
    return [{ block: String(first.board), treatment: field.treatment, cycle: first.cycle, kind: first.kind, value }];
  });
}

/** What pictures say: how far a field is from the bare one beside it, how far from itself at the first picture, and how it glares. */
function pictureValues(pictures: readonly ReadPicture[], lies: readonly Lies[], bare: string): Value[] {
  // Of two pictures of one board in one light at one cycle the later stands.
  const standing = [...new Map(pictures.map((one) => [JSON.stringify([one.board, one.cycle, one.lamp]), one])).values()];
  return standing.flatMap((picture) => {
    const at = (place: number): string | undefined =>
      lies.find((one) => one.board === picture.board && one.place === place)?.treatment;
    const base = { block: String(picture.board), cycle: picture.cycle };
    if (picture.lamp === 'low')
      return picture.fields.flatMap(({ place, bright }): Value[] => {
        const treatment = at(place);
        return treatment === undefined ? [] : [{ ...base, treatment, kind: 'shine', value: bright }];
      });
    const bareField = picture.fields.find(({ place }) => at(place) === bare);
    const first = standing
      .filter((one) => one.lamp === 'even' && one.board === picture.board)
      .reduce((least, one) => (one.cycle < least.cycle ? one : least), picture);
    return picture.fields.flatMap(({ place, lab }): Value[] => {
      const treatment = at(place);
      const before = first.fields.find((one) => one.place === place);
      if (treatment === undefined) return [];
      return [
        ...(bareField ? [{ ...base, treatment, kind: 'darkened' as const, value: deltaE(lab, bareField.lab) }] : []),
        ...(before ? [{ ...base, treatment, kind: 'shift-since' as const, value: deltaE(lab, before.lab) }] : []),
      ];
    });
  });
}

export type TrialFacts = {
  readonly lies: readonly Lies[];
  /** Treatments in their order, the bare one by its id. */
  readonly treatments: readonly string[];
  readonly bare: string;
  readonly scores: readonly GivenScore[];
  readonly pictures: readonly ReadPicture[];
};

/** Every value of a trial, of every kind that was scored or read. */
export const valuesOf = ({ lies, bare, scores, pictures }: TrialFacts): readonly Value[] => [
  ...saidValues(scores, lies),
  ...pictureValues(pictures, lies, bare),
];

/** What a trial answers to one question: against the bare field, or against the best. */
export function answerOf(
  facts: Pick<TrialFacts, 'treatments'>,
  values: readonly Value[],
  { kind, against, threshold }: { readonly kind: TrialKind; readonly against?: string; readonly threshold?: number },
): Result<TrialAnswer> {
  const traits = kindTraits(kind);
  return trial({
    treatments: [...facts.treatments],
    ...(against === undefined ? {} : { control: against }),
    kind,
    better: traits.better,
    scores: values.filter((one) => one.kind === kind),
    threshold: threshold ?? traits.threshold,
    ...(traits.unit === 'grade' ? { step: 1 } : {}),
  });
}

/** The mean of a kind per treatment and cycle, for a look at how it wears; null where nothing was scored then. */
export function meansOver(values: readonly Value[], kind: TrialKind, treatments: readonly string[]) {
  const of = values.filter((one) => one.kind === kind);
  const cycles = [...new Set(of.map((one) => one.cycle))].sort((a, b) => a - b);
  return cycles.map((cycle) => ({
    cycle,
    means: Object.fromEntries(
      treatments.map((treatment) => {
        const here = of.filter((one) => one.cycle === cycle && one.treatment === treatment).map((one) => one.value);
        return [treatment, here.length > 0 ? here.reduce((sum, one) => sum + one, 0) / here.length : null];
      }),
    ) as Readonly<Record<string, number | null>>,
  }));
}
