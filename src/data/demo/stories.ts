import type { CheckKind } from '@/core/cure';
import type { addDesign } from '../work/commands';

/** How one batch of the shed went. Hours and days are counted back from the day the demo is loaded. */
export type Story = {
  readonly design: string;
  readonly species: string;
  readonly pieces: number;
  readonly regimen: string;
  /** The lot for each slot: by the name of what was poured, of the trough, or of the ingredient it was bought as. */
  readonly materials: Readonly<Record<string, string>>;
  /** What was done, each by how many hours ago; a check step says how it went, and some are left out. */
  readonly done: readonly Done[];
  readonly startsInHours?: number;
  readonly dueInDays?: number;
  readonly checks?: readonly (readonly [kind: CheckKind, hoursAgo: number, pass: boolean])[];
  readonly stands?: string;
  readonly released?: { readonly daysAgo: number; readonly sales: readonly Sale[] };
  /** These pieces go on apart, for a reason. */
  readonly split?: { readonly pieces: string; readonly why: string };
};

export type Done = readonly [task: string, hoursAgo: number, outcome?: boolean | 'left-out' | null, grams?: number];

type Sale = {
  readonly daysAgo: number;
  readonly pieces: number;
  readonly buyer: string;
  readonly email?: string;
  readonly use: 'daily' | 'weekly' | 'occasional';
  readonly wash: 'hand' | 'wipe';
  readonly upkeep: 're-oils' | 'unknown';
};

/** What the shed makes. */
export const DESIGNS: readonly Parameters<typeof addDesign>[1][] = [
  {
    name: 'Bread board',
    uses: ['food-wet', 'knife'],
    geometry: { shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' },
  },
  {
    name: 'Stirring spoon',
    uses: ['food-wet', 'mouth'],
    geometry: {
      shape: 'spoon',
      bowlLengthMm: 80,
      bowlWidthMm: 55,
      bowlDepthMm: 14,
      handleLengthMm: 230,
      handleWidthMm: 18,
      handleThickMm: 12,
    },
  },
  {
    name: 'Lantern bowl',
    uses: ['food-dry', 'hands'],
    geometry: {
      shape: 'turned',
      outer: [
        [45, 0],
        [80, 25],
        [110, 60],
        [115, 85],
      ],
      inner: [
        [35, 8],
        [72, 30],
        [102, 62],
        [109, 85],
      ],
    },
  },
];

const soakWax = (endHoursAgo: number): readonly Done[] => [
  ['sand-120', endHoursAgo + 30],
  ['wet', endHoursAgo + 29.5],
  ['knock-back-220', endHoursAgo + 27],
  ['flood-1', endHoursAgo + 26.6],
  ['wipe-1', endHoursAgo + 26],
  ['flood-2', endHoursAgo + 24.8],
  ['wipe-2', endHoursAgo + 24.2],
  ['flood-3', endHoursAgo + 23],
  ['wipe-3', endHoursAgo + 22.4],
  ['wax', endHoursAgo + 0.6],
  ['buff', endHoursAgo],
];

/** The steps of the hurried regimen up to its rest in the warm, ending so many hours ago. */
const warmCure = (endHoursAgo: number): readonly Done[] => [
  ['sand-120', endHoursAgo + 5],
  ['wet', endHoursAgo + 4.6],
  ['knock-back-220', endHoursAgo + 2],
  ['coat-1', endHoursAgo + 0.5],
  ['wipe-1', endHoursAgo],
  ['turn', endHoursAgo - 13],
];

/** The batches of the shed: some sold, some curing, some wet, one not begun. */
export const STORIES: readonly Story[] = [
  {
    design: 'Bread board',
    species: 'pear',
    pieces: 6,
    regimen: 'soak-wax',
    materials: { oil: 'mineral-oil', paste: 'Lantern paste' },
    done: [...soakWax(21 * 24), ['check', 19 * 24, true]],
    released: {
      daysAgo: 19,
      sales: [
        {
          daysAgo: 16,
          pieces: 2,
          buyer: 'Odalys Fennimore-Brackenridge of the Upper Ferry House',
          email: 'odalys@ferryhouse.example',
          use: 'daily',
          wash: 'hand',
          upkeep: 're-oils',
        },
        { daysAgo: 9, pieces: 1, buyer: '', use: 'occasional', wash: 'wipe', upkeep: 'unknown' },
      ],
    },
  },
  {
    design: 'Lantern bowl',
    species: 'hornbeam',
    pieces: 4,
    regimen: 'thin-drying',
    materials: { oil: 'Tideline tung' },
    done: [
      ['sand-120', 270],
      ['wet', 269],
      ['knock-back-220', 266],
      ['soak', 265.5],
      ['wipe-1', 265.2],
      ['coat-2', 240],
      ['wipe-2', 239.8],
      ['coat-3', 214],
      ['wipe-3', 213.7],
    ],
    checks: [
      ['towel', 96, false],
      ['smell', 40, false],
      ['water-bead', 20, true],
    ],
    stands: 'sill',
    dueInDays: 9,
  },
  {
    design: 'Stirring spoon',
    species: 'plum',
    pieces: 9,
    regimen: 'soak-wax',
    materials: { oil: 'mineral-oil', paste: 'Lantern paste' },
    done: soakWax(31),
    stands: 'rack',
    dueInDays: 6,
  },
  {
    design: 'Stirring spoon',
    species: 'birch',
    pieces: 24,
    regimen: 'long-soak',
    materials: { oil: 'mineral-oil', paste: 'Lantern paste' },
    done: [
      ['sand-120', 25],
      ['wet', 24.6],
      ['knock-back-220', 21],
      ['flood', 19.2],
    ],
    dueInDays: 8,
  },
  {
    design: 'Lantern bowl',
    species: 'olive',
    pieces: 3,
    regimen: 'one-can',
    materials: { oilwax: 'Heron oil-wax' },
    done: [
      ['sand-120', 6.2],
      ['wet', 5.9],
      ['knock-back-220', 3.6],
      ['rub-1', 3.1],
      ['buff-1', 2.2],
    ],
    dueInDays: 12,
  },
  {
    design: 'Bread board',
    species: 'sycamore',
    pieces: 8,
    regimen: 'soak-wax',
    materials: { oil: 'mineral-oil', paste: 'Lantern paste' },
    done: [
      ['sand-120', 5.2],
      ['wet', 4.9],
      ['knock-back-220', 2.6],
      ['flood-1', 2.2],
      ['wipe-1', 1.6],
      ['flood-2', 0.4],
    ],
    dueInDays: 10,
  },
  {
    design: 'Bread board',
    species: 'sycamore',
    pieces: 12,
    regimen: 'soak-wax',
    materials: { oil: 'mineral-oil', paste: 'Lantern paste' },
    done: [],
    startsInHours: 20,
    dueInDays: 14,
  },
];

/** The rest of a full shop: pieces in the bath and in the warm cabinet, a wipe that is late, spoons that stay bare. */
export const MORE_STORIES: readonly Story[] = [
  {
    design: 'Stirring spoon',
    species: 'hornbeam',
    pieces: 12,
    regimen: 'bath',
    materials: { oil: 'Long trough', paste: 'Lantern paste' },
    done: [
      ['sand-120', 9],
      ['wet', 8.6],
      ['knock-back-220', 6],
      ['submerge', 5.2],
    ],
    dueInDays: 9,
  },
  /* Neat oil only goes into the warm: what holds solvent gives off vapour. */
  {
    design: 'Lantern bowl',
    species: 'plum',
    pieces: 2,
    regimen: 'warm-cure',
    materials: { oil: 'tung-oil' },
    done: warmCure(14.5),
    stands: 'warm cabinet',
    dueInDays: 16,
  },
  {
    design: 'Bread board',
    species: 'cherry',
    pieces: 5,
    regimen: 'thin-drying',
    materials: { oil: 'Tideline tung' },
    done: [
      ['sand-120', 30],
      ['wet', 29],
      ['knock-back-220', 26],
      ['soak', 25.6, null, 41],
      ['wipe-1', 25.3],
      ['coat-2', 1.7, null, 17],
    ],
    dueInDays: 20,
  },
  {
    design: 'Stirring spoon',
    species: 'birch',
    pieces: 6,
    regimen: 'bare',
    materials: {},
    done: [['sand-120', 1.4]],
    dueInDays: 7,
    split: { pieces: '5, 6', why: 'promised for Saturday' },
  },
];
