import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { INGREDIENTS } from '@/core/material';
import { findInGuide, findQuestion, findSymptom, GUIDE_TO_FIND, QUESTIONS, Question, STOPS, SYMPTOMS, Symptom } from '.';
import { Stop } from './schema';

describe('the guide', () => {
  it('is whole: every question, symptom and line has all its parts, under one name each', () => {
    expect(z.array(Question).safeParse(QUESTIONS).success).toBe(true);
    expect(z.array(Symptom).safeParse(SYMPTOMS).success).toBe(true);
    expect(z.array(Stop).safeParse(STOPS).success).toBe(true);
    const ids = [...QUESTIONS, ...SYMPTOMS].map((one) => one.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect([QUESTIONS.length, SYMPTOMS.length, STOPS.length]).toEqual([29, 41, 4]);
  });
  it('names a source for the chemistry of each, by its kind', () => {
    for (const { id, source } of QUESTIONS)
      expect(source, id).toMatch(/ISO|ISPM|EN |CFR|FPL-GTR|Regulation|Directive|textbook|Textbook|guidance|standard|Food Code/);
  });
  it.each([
    ['sticky after a week', 'sticky-after-a-week'],
    ['grey fuzz after washing', 'grey-fuzz'],
    ['white ring', 'white-ring'],
    ['smells', 'smells-rancid'],
    ['oil comes out', 'warm-oil'],
    ['grainy paste', 'grainy-paste'],
    ['is oak fit for food', 'oak'],
    ['overnight', 'overnight-dwell'],
    ['raising grain', 'raising-grain'],
    ['metal driers', 'driers'],
    ['how deep does tung oil go', 'tung-depth'],
    // Every school of the practice is found in a maker's own words.
    ['measure by volume', 'weight-or-volume'],
    ['which oil for boards', 'drying-on-boards'],
    ['flood or sparing', 'flooding'],
    ['how long between coats', 'gap'],
    ['how many coats', 'coats'],
    ['last grit', 'sanding-grit'],
    ['seal before oiling', 'sealing-first'],
    ['film on food', 'film'],
    ['boiled linseed', 'boiled-and-bodied'],
    ['heat-bodied', 'boiled-and-bodied'],
    ['does wax do anything', 'wax'],
    ['walnut oil', 'nut-oils'],
    ['hickory', 'oak'],
    ['mineral oil dry', 'mineral-oil'],
    ['food safe', 'food-safe-words'],
    ['re-oil by date', 'calendar-or-looks'],
    ['cure in the sun', 'sun'],
    ['warm cabinet', 'heat'],
    ['oil bath', 'bath'],
    ['olive oil', 'kitchen-oils'],
    ['bare wood', 'bare'],
    ['fair test', 'fair-test'],
  ])('finds “%s”', (asked, id) => expect(findInGuide(asked).slice(0, 4)).toContain(id));
  it('shows all where nothing is asked, nothing where nothing answers, and knows a page by its name alone', () => {
    expect(findInGuide('')).toHaveLength(GUIDE_TO_FIND.length);
    expect(findInGuide('qwertz')).toEqual([]);
    expect(findQuestion('oak')?.asks).toContain('oak');
    expect([findQuestion('white-ring'), findSymptom('oak')]).toEqual([undefined, undefined]);
  });
  it('speaks of every kind of finish the house sells', () => {
    const text = JSON.stringify([QUESTIONS, SYMPTOMS]).toLowerCase();
    for (const word of ['mineral oil', 'tung', 'walnut', 'linseed', 'wax', 'shellac', 'varnish', 'soap', 'drier'])
      expect(text, word).toContain(word);
    expect(INGREDIENTS.length).toBeGreaterThan(20);
  });
});
