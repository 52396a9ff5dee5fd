import { describe, expect, it } from 'vitest';
import { waysBackFor } from '@/core/batch';
import { SHIPPED } from '@/core/material';
import { lastGrit, REGIMENS } from '@/core/regimen';
import {
  faultOfSymptom,
  findSymptom,
  type GuideFacts,
  houseSchoolOf,
  isLookedAt,
  keepsTo,
  keptBy,
  QUESTIONS,
  questionOfWood,
  warningsOf,
} from '.';
import { leastGap } from './rules';
import { SYMPTOMS_IN_BOOK } from './ways-back';

const regimenOf = (id: string) => {
  const found = REGIMENS.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};
const lot = (ingredient: string, drying: 'drying' | 'never' = 'drying', allergens: readonly string[] = []) => ({
  slot: 'oil',
  ingredients: [ingredient],
  drying,
  allergens,
});
const facts = (more: Partial<GuideFacts> = {}): GuideFacts => ({
  catalogue: SHIPPED,
  uses: ['food-wet', 'knife'],
  wood: 'sycamore',
  regimen: regimenOf('thin-drying'),
  lots: [lot('tung-oil')],
  upkeep: null,
  ...more,
});
const rule = (question: string, school: string) => ({ question, school, reason: 'we saw it', at: 0 });
const asked = (f: GuideFacts, own: readonly ReturnType<typeof rule>[] = []) =>
  warningsOf(f, own, houseSchoolOf).map((one) => `${one.question} ${one.school}${one.own ? ' own' : ''}`);

describe('symptoms of the guide', () => {
  it('that are in the coat book lead to a fault that has a way back there', () => {
    for (const id of SYMPTOMS_IN_BOOK) {
      expect(findSymptom(id), id).toBeDefined();
      const fault = faultOfSymptom(id);
      // A split and a rancid piece have no way back: the book says what becomes of them.
      if (fault !== 'split' && fault !== 'rancid') expect(fault && waysBackFor(fault, 0).length, id).toBeGreaterThan(0);
    }
    expect(faultOfSymptom('grainy-paste')).toBeUndefined();
  });
});

describe('rules of the guide', () => {
  it('name only questions and schools that are there, and never leave a looked-at school out', () => {
    for (const { id, schools, houseSchool } of QUESTIONS) {
      expect(schools.map((one) => one.id)).toContain(houseSchool);
      if (!isLookedAt(id)) continue;
      // A school without a rule answers nothing whatever the piece is; one that is mistyped would too, and be found here.
      for (const regimen of REGIMENS)
        for (const school of schools) expect([true, false, null]).toContain(keepsTo(id, school.id, facts({ regimen })));
    }
    expect(QUESTIONS.filter((one) => !isLookedAt(one.id)).map((one) => one.id)).toEqual([
      'food-safe-words',
      'weight-or-volume',
      'calendar-or-looks',
      'thicken-at-home',
      'fair-test',
    ]);
    expect(keepsTo('no-such', 'thing', facts())).toBeNull();
  });
  it.each([
    ['oak', 'caution', { wood: 'red-oak' }, false],
    ['oak', 'caution', { wood: 'red-oak', uses: ['food-dry'] }, true],
    ['oak', 'caution', {}, null],
    ['oak', 'no', { wood: 'hickory', uses: ['food-dry'] }, false],
    ['nut-oils', 'never', { lots: [lot('walnut-oil-raw', 'drying', ['tree nut'])] }, false],
    ['nut-oils', 'named', { lots: [lot('walnut-oil-raw', 'drying', ['tree nut'])], uses: ['toy'] }, false],
    ['driers', 'not-on-food', { lots: [lot('linseed-boiled-driers')] }, false],
    ['driers', 'not-on-food', { lots: [lot('linseed-boiled-driers')], uses: ['hands'] }, true],
    ['film', 'never', { regimen: regimenOf('wiping-build') }, false],
    ['mineral-oil', 'none', { lots: [lot('mineral-oil', 'never')] }, false],
    ['drying-on-boards', 'by-owner', { upkeep: 're-oils' }, false],
    ['drying-on-boards', 'by-owner', { upkeep: 'unknown' }, true],
    ['drying-on-boards', 'by-owner', {}, null],
    ['wax', 'last-thin', { regimen: regimenOf('paste-only'), uses: ['hot-food'] }, false],
    ['bath', 'no', { regimen: regimenOf('bath') }, false],
    ['gap', 'two-days', {}, false],
    ['gap', 'day', {}, true],
    ['coats', 'two', {}, false],
    ['sealing-first', 'no-seal', { regimen: regimenOf('seal-oil') }, false],
    ['raising-grain', 'never', {}, false],
    ['overnight-dwell', 'by-oil', { regimen: regimenOf('long-soak'), lots: [lot('mineral-oil', 'never')] }, true],
    ['kitchen-oils', 'no', { lots: [lot('olive-oil', 'never')] }, false],
    ['bare', 'never', { regimen: regimenOf('bare'), lots: [] }, false],
    ['spalted', 'dry-only', { wood: 'spalted', uses: ['toy'] }, false],
    ['shellac-under-food', 'never', { lots: [lot('shellac-flake')] }, false],
    ['tung-depth', 'thin-first', {}, false],
    ['heat', 'none', { regimen: regimenOf('warm-cure') }, false],
  ] as const)('%s, %s of %j: %s', (question, school, more, kept) => {
    expect(keepsTo(question, school, facts(more as unknown as Partial<GuideFacts>))).toBe(kept);
  });
  it('know which question is asked of a wood', () => {
    expect(['hickory', 'spalted', 'sycamore'].map(questionOfWood)).toEqual(['oak', 'spalted', null]);
  });
  it('read the last grit and the shortest rest off a regimen', () => {
    expect(lastGrit(regimenOf('thin-drying'))).toBeGreaterThanOrEqual(180);
    expect(leastGap(regimenOf('thin-drying'))).toBe(24 * 60);
    expect(leastGap(regimenOf('bare'))).toBeNull();
    expect(lastGrit({ steps: [] })).toBeNull();
  });
  it('warn by the house where the shop has no rule, and by the shop’s own where it has', () => {
    const oak = facts({ wood: 'white-oak' });
    expect(asked(oak)).toContain('oak caution');
    expect(asked(oak, [rule('oak', 'yes')]).some((one) => one.startsWith('oak'))).toBe(false);
    expect(asked(facts(), [rule('sanding-grit', '320')])).toContain('sanding-grit 320 own');
    // What gates and regimens keep already is not said a second time.
    expect(asked(facts({ lots: [lot('linseed-boiled-driers')] })).some((one) => one.startsWith('driers'))).toBe(false);
    expect(keptBy(facts(), [rule('gap', 'day'), rule('coats', 'two'), rule('bath', 'no')]).map((one) => one.question)).toEqual([
      'gap',
      'bath',
    ]);
  });
});
