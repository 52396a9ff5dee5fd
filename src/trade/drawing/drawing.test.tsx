import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { CHECK_KINDS } from '@/core/cure';
import { SPECIES } from '@/core/material';
import type { Geometry } from '@/core/piece';
import { REGIMENS, STEP_KINDS } from '@/core/regimen';
import { CheckPicture } from '../checks';
import { lookOf } from './look';
import { PieceMark } from './piece-mark';
import { RegimenScore, ScoreLine } from './regimen-score';
import { GlyphSheet, GlyphUse, StepGlyph } from './step-glyph';
import { VESSELS, Vessel } from './vessel';
import { WOOD_LOOKS } from './woods';

const SHAPES: Readonly<Record<string, Geometry>> = {
  board: { shape: 'board', lengthMm: 400, widthMm: 250, thickMm: 24, grain: 'long' },
  'end board': {
    shape: 'board',
    lengthMm: 300,
    widthMm: 300,
    thickMm: 50,
    grain: 'end',
    groove: { widthMm: 10, depthMm: 5, insetMm: 20 },
    hole: { lengthMm: 90, widthMm: 28 },
  },
  spoon: {
    shape: 'spoon',
    bowlLengthMm: 80,
    bowlWidthMm: 55,
    bowlDepthMm: 15,
    handleLengthMm: 220,
    handleWidthMm: 16,
    handleThickMm: 10,
  },
  scoop: {
    shape: 'scoop',
    bowlLengthMm: 70,
    bowlWidthMm: 60,
    bowlDepthMm: 30,
    wallMm: 4,
    handleLengthMm: 60,
    handleWidthMm: 18,
    handleThickMm: 14,
  },
  box: { shape: 'box', lengthMm: 160, widthMm: 100, heightMm: 80, wallMm: 8, lid: true },
  bowl: {
    shape: 'turned',
    outer: [
      [40, 0],
      [110, 60],
      [125, 90],
    ],
    inner: [
      [0, 8],
      [118, 90],
    ],
  },
};

describe('a piece that is drawn small', () => {
  it.each(Object.entries(SHAPES))('%s fits its box, is more than nothing, and never says what is no number', (_, geometry) => {
    const look = lookOf(geometry, 'walnut');
    expect(look.width).toBeGreaterThan(8);
    expect(look.width).toBeLessThanOrEqual(77);
    expect(look.height).toBeGreaterThan(2);
    expect(look.height).toBeLessThanOrEqual(42);
    expect(JSON.stringify(look)).not.toMatch(/NaN|undefined|Infinity/);
  });
  it('is longer than it is high where it is so, and shows a hole only where one is', () => {
    expect(lookOf(SHAPES.spoon as Geometry, 'birch').width).toBeGreaterThan(4 * lookOf(SHAPES.spoon as Geometry, 'birch').height);
    expect(lookOf(SHAPES['end board'] as Geometry, 'birch').hole).not.toBe('');
    expect(lookOf(SHAPES.board as Geometry, 'birch').hole).toBe('');
  });
  it('stands as many behind each other as there are, three at most; spoons stand upright in the rack', () => {
    const outlines = (count: number): number =>
      renderToStaticMarkup(<PieceMark look={lookOf(SHAPES.board as Geometry, 'pear')} count={count} />).split('#cc9674').length -
      1;
    expect([outlines(1), outlines(2), outlines(30)]).toEqual([1, 2, 3]);
    const spoon = lookOf(SHAPES.spoon as Geometry, 'pear');
    expect(renderToStaticMarkup(<PieceMark look={spoon} standing />)).toContain('rotate(90)');
    expect(renderToStaticMarkup(<PieceMark look={spoon} />)).not.toContain('rotate');
  });
  it('has the colour of every wood that is known, no two alike, its grain darker or lighter than its ground', () => {
    expect(Object.keys(WOOD_LOOKS).sort()).toEqual(SPECIES.map((one) => one.id).sort());
    const looks = Object.values(WOOD_LOOKS);
    expect(
      looks.every(({ ground, grain }) => /^#[0-9a-f]{6}$/.test(ground) && /^#[0-9a-f]{6}$/.test(grain) && ground !== grain),
    ).toBe(true);
    expect(new Set(looks.map(({ ground }) => ground)).size).toBe(looks.length);
  });
});

describe('a regimen as a score', () => {
  it('has every step of every school, and says beside the line what the line says', () => {
    for (const { steps, name } of REGIMENS) {
      const html = renderToStaticMarkup(<RegimenScore steps={steps} name={name} />);
      expect(html.split('<li').length - 1).toBe(steps.length);
      expect(html).not.toMatch(/NaN|Infinity/);
      expect(renderToStaticMarkup(<ScoreLine steps={steps} name={name} />)).toContain(`${name}: ${steps.length} steps`);
    }
  });
  it('ends a wait with a bar only where something is harmed past it', () => {
    const wait = (max: number | null) => ({
      id: 'a',
      kind: 'wipe' as const,
      action: 'Wipe',
      lies: null,
      slot: null,
      optional: false,
      until: null,
      wait: { min: 10, ideal: 20, max },
    });
    expect(renderToStaticMarkup(<RegimenScore steps={[wait(null)]} name="x" />)).not.toContain('wait-ends');
    const ends = renderToStaticMarkup(<RegimenScore steps={[wait(40)]} name="x" />);
    expect(ends).toContain('at most');
    expect(ends).toContain('wait-ends');
  });
  it('has a sign for every kind of step, and a picture for every check both ways', () => {
    const glyphs = STEP_KINDS.map((kind) =>
      renderToStaticMarkup(<StepGlyph step={{ kind, lies: null, slot: null }} size={20} />),
    );
    expect(new Set(glyphs).size).toBe(STEP_KINDS.length);
    const sheet = renderToStaticMarkup(<GlyphSheet />);
    for (const lies of [null, 'flooded'] as const)
      for (const kind of STEP_KINDS) {
        const [, named] = /href="#([^"]+)"/.exec(renderToStaticMarkup(<GlyphUse step={{ kind, lies, slot: null }} />)) ?? [];
        expect(sheet).toContain(`id="${named}"`);
      }
    const checks = CHECK_KINDS.flatMap((kind) =>
      [true, false].map((pass) => renderToStaticMarkup(<CheckPicture kind={kind} pass={pass} />)),
    );
    expect(new Set(checks).size).toBe(2 * CHECK_KINDS.length);
  });
});

describe('what a lot is kept in', () => {
  it.each(VESSELS)('%s is empty at nothing, full at all, and no fuller than that', (kind) => {
    const fillOf = (level: number): number =>
      Number(/<rect x="0" y="([\d.]+)"/.exec(renderToStaticMarkup(<Vessel kind={kind} level={level} colour="#123456" />))?.[1]);
    expect(fillOf(0)).toBe(53);
    expect(fillOf(0.5)).toBeLessThan(53);
    expect(fillOf(1)).toBeLessThan(fillOf(0.5));
    expect([fillOf(2), fillOf(-1)]).toEqual([fillOf(1), fillOf(0)]);
  });
});
