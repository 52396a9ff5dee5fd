import { describe, expect, it } from 'vitest';
import { blend } from '@/core/blend';
import { SHIPPED } from '@/core/material';
import { type Caution, type Doing, noticesOfBlend } from '.';
import { cautionsFor } from './caution';
import { type CautionsInput, DOINGS } from './cautions/moment';

type Situation = Omit<Partial<CautionsInput>, 'doing'>;

/** In which doings a caution bites in a situation. */
const bitesIn = (caution: Caution, situation: Situation): readonly Doing[] =>
  DOINGS.filter((doing) => {
    const found = cautionsFor({ doing, ingredients: [], drying: 'drying', ...situation }, SHIPPED);
    if (!found.ok) throw new Error(JSON.stringify(found.issues));
    return found.value.includes(caution);
  });

const HANDS: readonly Doing[] = ['weighing', 'heating', 'filling', 'coating', 'wiping', 'buffing', 'leaching'];
const CLOTHS: readonly Doing[] = [...HANDS, 'reading', 'labelling'];
const ON_PIECE: readonly Doing[] = ['coating', 'wiping', 'buffing', 'curing'];
const VAPOUR: readonly Doing[] = ['weighing', 'filling', 'leaching', ...ON_PIECE, 'reading', 'labelling'];
const RANCID: readonly Doing[] = ['weighing', 'coating', 'reading', 'labelling', 'releasing'];
const white = ['mineral-oil'];

/** Where each caution bites, and a situation much like it in which it never does. */
const ROWS: readonly (readonly [Caution, Situation, readonly Doing[], Situation])[] = [
  ['rags-self-heat', { ingredients: ['tung-oil'] }, CLOTHS, { ingredients: white, drying: 'never' }],
  // What comes off an old piece may be oil that has not cured.
  [
    'rags-self-heat',
    { ingredients: white, drying: 'never', restoring: true },
    ['wiping', 'buffing', 'leaching'],
    { ingredients: white },
  ],
  ['rags-self-heat', { unknownFinish: true }, ['wiping', 'buffing', 'leaching'], {}],
  [
    'rags-flammable',
    { ingredients: ['mineral-spirits', ...white], drying: 'never' },
    CLOTHS,
    { ingredients: white, drying: 'never' },
  ],
  ['hot-wax', { ingredients: ['beeswax'], drying: 'never' }, ['heating', 'filling'], { ingredients: ['ethanol-pure'] }],
  ['hot-wax', { ingredients: white, drying: 'never' }, ['heating'], { ingredients: ['water'] }],
  ['hot-wax', { ingredients: [...white, 'water'] }, ['heating'], { ingredients: [...white, 'turpentine'] }],
  ['hot-heater', { ingredients: white, heater: 'hob' }, ['heating', ...ON_PIECE], { ingredients: white, heater: 'water-bath' }],
  ['hot-heater', { ingredients: white, heater: 'microwave' }, ['heating', ...ON_PIECE], { ingredients: white }],
  [
    'two-stage',
    { ingredients: ['beeswax', 'turpentine'] },
    ['heating'],
    { ingredients: ['beeswax', 'turpentine', 'ethanol-pure'] },
  ],
  [
    'never-heat',
    { ingredients: ['beeswax', 'turpentine', 'ethanol-pure'] },
    ['heating'],
    { ingredients: ['beeswax', 'turpentine'] },
  ],
  [
    'never-heat',
    { ingredients: ['ethanol-pure'], heater: 'heat-gun' },
    ['heating', ...ON_PIECE],
    { ingredients: white, heater: 'heat-gun' },
  ],
  [
    'never-heat',
    { ingredients: ['tung-oil', 'citrus-solvent'], place: 'Warm-Cabinet' },
    ['heating', ...ON_PIECE],
    { place: 'warm cabinet' },
  ],
  ['never-heat', { undeclared: true, place: 'warm cabinet' }, ['heating', ...ON_PIECE], { ingredients: ['water'] }],
  ['never-heat', { ingredients: [], undeclared: true }, ['heating'], { ingredients: ['water', 'beeswax'] }],
  ['spatter', { ingredients: ['water', 'beeswax'] }, ['heating'], { ingredients: ['water', 'milk-paint-powder'] }],
  ['solvent', { ingredients: ['tung-oil', 'citrus-solvent'] }, VAPOUR, { ingredients: ['tung-oil'] }],
  ['solvent', { ingredients: ['beeswax', 'citrus-solvent'] }, ['heating', ...VAPOUR], { ingredients: ['beeswax', 'tung-oil'] }],
  [
    'aspiration',
    { ingredients: [...white, 'turpentine'] },
    ['weighing', 'filling', 'coating', 'wiping', 'reading', 'labelling'],
    { ingredients: ['tung-oil', 'ethanol-pure'] },
  ],
  ['aspiration', { ingredients: white }, ['weighing', 'filling', 'labelling'], { ingredients: ['mct-oil'] }],
  // A paste of it does not run into lungs; what thins it does.
  ['aspiration', { ingredients: [...white, 'beeswax'], consistency: 'soft-paste' }, ['weighing'], { ingredients: ['beeswax'] }],
  [
    'aspiration',
    { ingredients: white, consistency: 'cream' },
    ['weighing', 'filling', 'labelling'],
    { ingredients: ['beeswax'] },
  ],
  ['aspiration', { ingredients: ['ethanol-pure'], undeclared: true }, ['filling', 'labelling'], { undeclared: true }],
  ['mist', {}, ['spraying'], {}],
  ['rancid', { ingredients: ['tung-oil', 'olive-oil'] }, RANCID, { ingredients: ['tung-oil', ...white] }],
  ['rancid', { ingredients: ['tung-oil', 'sunflower-oil'] }, RANCID, { ingredients: ['mct-oil', 'jojoba-oil'] }],
  ['antioxidant', { ingredients: ['vitamin-e', 'tung-oil'] }, ['weighing', 'reading'], { ingredients: ['vitamin-e', ...white] }],
  ['antioxidant', { ingredients: ['vitamin-e', 'tung-oil'] }, ['weighing', 'reading'], { ingredients: ['tung-oil'] }],
  [
    'isocyanate',
    { ingredients: ['isocyanate-hardener', 'tung-oil'] },
    [...CLOTHS, 'sanding', 'turning', 'curing'],
    { ingredients: ['tung-oil'] },
  ],
  [
    'gas-in-tin',
    { ingredients: ['isocyanate-hardener'] },
    ['weighing', 'filling', 'reading', 'labelling'],
    { ingredients: ['water'] },
  ],
  [
    'driers',
    { ingredients: ['tung-oil', 'linseed-boiled-driers'] },
    [
      'weighing',
      'filling',
      'coating',
      'wiping',
      'buffing',
      'leaching',
      'sanding',
      'turning',
      'reading',
      'labelling',
      'releasing',
    ],
    { ingredients: ['tung-oil', 'flaxseed-oil'] },
  ],
  [
    'allergen',
    { ingredients: [...white, 'beeswax'] },
    ['weighing', 'filling', 'coating', 'labelling', 'releasing'],
    { ingredients: white },
  ],
  ['undeclared', { undeclared: true }, [...CLOTHS, 'releasing'], {}],
  ['lathe', { place: ' Lathe' }, ['coating', 'wiping', 'buffing', 'sanding', 'turning'], {}],
  ['dust', {}, ['sanding', 'turning'], {}],
  ['oily-dust', { ingredients: ['tung-oil'], oiledBefore: true }, ['sanding', 'turning'], { ingredients: ['tung-oil'] }],
  ['oily-dust', { restoring: true }, ['sanding', 'turning'], { ingredients: white, drying: 'never', oiledBefore: true }],
  [
    'old-paint',
    { restoring: true, unknownFinish: true },
    ['sanding', 'turning', 'wiping', 'buffing', 'leaching'],
    { restoring: true },
  ],
  [
    'old-paint',
    { restoring: true, unknownFinish: true, heater: 'heat-gun' },
    DOINGS.filter((one) => one !== 'spraying'),
    { unknownFinish: true },
  ],
  ['unknown-wood', { wood: 'unknown' }, ['sanding', 'turning'], { wood: 'avoid' }],
  ['sensitising-dust', { woodSensitises: true }, ['sanding', 'turning'], {}],
  [
    'lime-dust',
    { ingredients: ['milk-paint-powder'] },
    ['weighing', 'filling', 'coating', 'wiping', 'sanding', 'reading', 'labelling'],
    { ingredients: ['tung-oil'] },
  ],
  ['toxic-wood', { wood: 'toxic' }, ['sanding', 'turning', 'releasing'], { wood: 'avoid' }],
  ['warm-cabinet', { place: 'warm cabinet' }, ['coating', 'wiping', 'curing'], { place: 'rack' }],
  [
    'mould-water',
    { ingredients: ['water', 'beeswax'] },
    ['weighing', 'filling', 'labelling', 'reading'],
    { ingredients: ['water'] },
  ],
  ['tacky', { drying: 'mixed' }, ['weighing', 'coating', 'reading'], { drying: 'drying' }],
  [
    'separates',
    { ingredients: ['tung-oil', 'ethanol-pure'] },
    ['coating', 'filling', 'labelling'],
    { ingredients: ['tung-oil', 'turpentine'] },
  ],
];

describe('each caution', () => {
  it.each(ROWS)('%s bites where it should, and nowhere else: %j', (caution, situation, doings, other) => {
    // What is sprayed is laid on: all that bites at a coat bites then too.
    const expected = doings.includes('coating') ? [...doings, 'spraying' as const] : doings;
    expect([...bitesIn(caution, situation)].sort()).toEqual([...expected].sort());
    // Sanding is dusty and spraying a mist whatever is in hand; all else leaves its caution alone.
    if (caution === 'dust' || caution === 'mist') return;
    expect(bitesIn(caution, other).filter((doing) => !(caution === 'lathe' && doing === 'turning'))).toEqual([]);
  });
  it('refuses a moment that is none', () => {
    expect(
      cautionsFor({ doing: 'coating', ingredients: Array.from({ length: 101 }, () => 'tung-oil'), drying: 'drying' }, SHIPPED).ok,
    ).toBe(false);
  });
});

describe('each notice of a blend', () => {
  const notices = (lines: Readonly<Record<string, number>>) => {
    const made = blend(
      {
        lines: Object.entries(lines).map(([ingredient, parts]) => ({ ingredient, parts })),
        make: { massG: 100 },
      },
      SHIPPED,
    );
    if (!made.ok) throw new Error('no blend');
    return noticesOfBlend(made.value, SHIPPED);
  };
  it('stands by what it is about, and by nothing else', () => {
    expect(notices({ 'mineral-oil': 4, beeswax: 1 })).toEqual([]);
    expect(notices({ 'tung-oil': 1, 'wiping-varnish': 1 })).toContain('film-under-knife');
    expect(notices({ 'tung-oil': 1, turpentine: 2 })).toEqual(['more-solvent-than-oil']);
  });
});
