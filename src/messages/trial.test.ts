import { describe, expect, it } from 'vitest';
import { BASE_READS } from '@/core/quantity';
import { kindTraits, TRIAL_KINDS, type TrialAnswer, WEARS } from '@/core/trial';
import {
  BEARER_WORDS,
  sayAnswer,
  sayBoards,
  sayCycles,
  sayCyclesTo,
  sayTreatment,
  sayValue,
  TRIAL_KIND_WORDS,
  WEAR_WORDS,
} from '.';

const treatment = (id: string, verdict: TrialAnswer['treatments'][number]['verdict'], difference = 1) => ({
  id,
  mean: 3,
  difference,
  low: verdict === 'reference' || verdict === 'too-few' ? null : difference - 0.5,
  high: verdict === 'reference' || verdict === 'too-few' ? null : difference + 0.5,
  probBetter: verdict === 'reference' || verdict === 'too-few' ? null : 0.999,
  verdict,
  wearPerCycle: null,
});
const answer = (...treatments: TrialAnswer['treatments']): TrialAnswer => ({
  atCycle: 16,
  blocks: 4,
  df: 6,
  against: 'a',
  treatments,
});
const of = { wear: 'wash', bearer: 'boards' } as const;
const name = (id: string): string => ({ a: 'Tung', b: 'Bare', c: 'Paste' })[id] ?? id;

describe('a trial in words', () => {
  it('names the best, what is worse and what is not shown, or that there are too few', () => {
    expect(
      sayAnswer('gloss', of, answer(treatment('a', 'reference'), treatment('b', 'worse'), treatment('c', 'worse')), name),
    ).toBe('Tung comes out best in gloss kept; worse: Bare and Paste. 4 boards, after 16 washes.');
    expect(
      sayAnswer(
        'gloss',
        of,
        answer(treatment('a', 'reference'), treatment('b', 'worse'), treatment('c', 'no-difference-shown')),
        name,
      ),
    ).toContain('no difference shown to Paste');
    expect(sayAnswer('gloss', of, answer(treatment('a', 'reference'), treatment('c', 'no-difference-shown')), name)).toBe(
      'No difference in gloss kept shown. 4 boards, after 16 washes.',
    );
    expect(sayAnswer('feel', of, answer(treatment('a', 'reference'), treatment('b', 'too-few')), name)).toContain(
      'Too few to say',
    );
    // Darker is neither better nor worse.
    expect(sayAnswer('darkened', of, answer(treatment('a', 'reference'), treatment('b', 'worse')), name)).toContain(
      'Tung is the lightest; darker: Bare',
    );
  });
  it('gives a difference with its span and its chance, never surer than 99 in 100', () => {
    expect(sayTreatment('gloss', 'Tung', 'Bare', treatment('a', 'better'), BASE_READS)).toBe(
      'Tung: better than Bare, by +1.0 (+0.5 to +1.5, four times in five); 99 in 100 that it is better.',
    );
    expect(sayTreatment('gloss', 'Bare', 'Bare', treatment('a', 'reference', 0), BASE_READS)).toContain('compared against it');
    expect(sayTreatment('gloss', 'Tung', 'Bare', treatment('a', 'too-few'), BASE_READS)).toContain('Too few boards');
  });
  it('counts what was done in its own words', () => {
    expect([sayBoards(1, 'spoon'), sayBoards(5, 'spoon'), sayCycles(1, 'sun'), sayCycles(3, 'heat')]).toEqual([
      '1 spoon',
      '5 spoons',
      '1 day of sun',
      '3 hot cups',
    ]);
    expect([sayCyclesTo(null, 'wash'), sayCyclesTo(16.4, 'wash')]).toEqual(['not worn yet', 'about 16 washes']);
    expect(sayCyclesTo(null, 'wash', true)).toBe('worn from the beginning');
    expect([
      sayValue('drop', 41.6, BASE_READS),
      sayValue('darkened', 3.14, BASE_READS),
      sayValue('shine', 0.12, BASE_READS),
    ]).toEqual(['42 s', 'ΔE 3.1', '12 %']);
  });
  it('has words for every kind, wear and bearer; five grades where a person grades', () => {
    for (const kind of TRIAL_KINDS)
      expect(TRIAL_KIND_WORDS[kind].grades?.length ?? 0, kind).toBe(
        kindTraits(kind).unit === 'grade' && kindTraits(kind).from === null ? 5 : 0,
      );
    for (const wear of WEARS) expect(WEAR_WORDS[wear].protocol.length).toBeGreaterThan(40);
    expect(Object.keys(BEARER_WORDS)).toHaveLength(4);
  });
});
