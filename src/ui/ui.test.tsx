import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import type { RingFacts } from '@/core/batch';
import { Button, linkLook } from './button';
import { Cautions } from './cautions';
import { classes } from './classes';
import { FamilySwatch, familyFill } from './family';
import { Faults, TextField } from './field';
import { freshId } from './id';
import { Plank } from './plank';
import { logOf, Ring, ringShare, ringWords } from './ring';
import { clockTime } from './when';
import { WindowBar } from './window-bar';

const facts: RingFacts = { coats: 2, coatsPlanned: 4, state: 'resting', travel: 0.5, overdue: false, cured: 0 };
const ring = (change: Partial<RingFacts>, seed = 7) =>
  renderToStaticMarkup(<Ring facts={{ ...facts, ...change }} seed={seed} size={28} title="31-001" />);
const count = (text: string, part: string | RegExp) => text.split(part).length - 1;

describe('the ring', () => {
  it('is drawn the same for one batch every time, and otherwise for another', () => {
    expect(ring({})).toBe(ring({}));
    expect(ring({}, 7)).not.toBe(ring({}, 8));
    expect(logOf(3).path(1)).toBe(logOf(3).path(1));
  });
  it('says in words what it shows', () => {
    expect(ringWords(facts)).toBe('resting, 2 of 4 coats');
    expect(ringWords({ ...facts, state: 'wet', overdue: true })).toBe('wet, 2 of 4 coats, overdue');
    expect(ringWords({ ...facts, coatsPlanned: 0, coats: 0, state: 'prep' })).toBe('in preparation, no coats planned');
    expect(ring({})).toContain('aria-label="31-001: resting, 2 of 4 coats"');
  });
  it('has a darker growth ring for each coat done and a faint one for each to come', () => {
    const rings = (change: Partial<RingFacts>, width: string) =>
      count(new RegExp(`d="([^"]*)"[^>]*stroke-width="${width}"`).exec(ring(change))?.[1] ?? '', 'Z');
    expect([rings({}, '6.5'), rings({}, '1.8')]).toEqual([2, 2]);
    expect([rings({ coats: 4 }, '6.5'), rings({ coats: 4 }, '1.8')]).toEqual([4, 0]);
    expect([rings({ coats: 0 }, '6.5'), rings({ coats: 0 }, '1.8')]).toEqual([0, 4]);
  });
  it('shows notches while something is waited for, dashes when resting, splinters when overdue, whole bark when released', () => {
    expect(count(ring({}), '<line')).toBe(2);
    expect(count(ring({ travel: null }), '<line')).toBe(0);
    expect(ring({})).toContain('stroke-dasharray');
    expect(ring({ state: 'wet' })).not.toContain('stroke-dasharray');
    expect(ring({ overdue: true, travel: 2.2 })).toContain('var(--late)');
    expect(ring({ state: 'released', travel: null })).toContain('stroke-width="8"');
  });
  it('keeps every growth ring inside the bark, in order', () => {
    const shares = [1, 2, 3, 4].map((coat) => ringShare(coat, 4));
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(Math.max(...shares)).toBeLessThan(0.9);
    for (let seed = 1; seed < 60; seed++) {
      for (let angle = 0; angle < 6.28; angle += 0.3) {
        const [x, y] = logOf(seed).at(angle, 1);
        expect(Math.hypot(x, y)).toBeLessThan(52);
        expect(Math.hypot(x, y)).toBeGreaterThan(30);
      }
    }
  });
});

describe('the window bar', () => {
  const MIN = 60_000;
  const bar = (nowMs: number, latestMs: number | null) =>
    renderToStaticMarkup(
      <WindowBar fromMs={0} earliestMs={20 * MIN} idealMs={30 * MIN} latestMs={latestMs} slackUntilMs={null} nowMs={nowMs} />,
    );
  it('ends where harm begins, and is broken where nothing spoils', () => {
    expect(bar(0, 40 * MIN)).toContain('left:50%;right:calc(100% - 100%)');
    expect(bar(0, 40 * MIN)).not.toContain('repeating-linear-gradient');
    expect(bar(0, null)).toContain('repeating-linear-gradient');
  });
  it('turns late past its end, and keeps now on the bar', () => {
    expect(bar(39 * MIN, 40 * MIN)).not.toContain('bg-late');
    expect(bar(90 * MIN, 40 * MIN)).toContain('bg-late');
    expect(bar(90 * MIN, 40 * MIN)).toContain('left:100%;border-top-color:var(--late)');
  });
});

describe('the plank', () => {
  const boards = [
    { id: 'a', name: 'Beeswax', family: 'wax', share: 0.2, under: ['180 g', '187 ml'] },
    { id: 'b', name: 'Oil', family: 'never-dry-oil', share: 0.8, under: ['720 g', '837 ml'] },
  ];
  it('is sawn in proportion, with a kerf that says where it stands', () => {
    const plank = renderToStaticMarkup(<Plank boards={boards} />);
    expect(plank).toContain('width:20%');
    expect(plank).toContain('width:80%');
    expect(count(plank, 'role="slider"')).toBe(1);
    expect(plank).toContain('aria-valuetext="20 % Beeswax"');
    expect(plank).toContain('187 ml');
  });
  it('gives every family a pattern with its colour', () => {
    const families = ['never-dry-oil', 'culinary-oil', 'drying-oil', 'wax', 'solvent', 'resin', 'paint'];
    const fills = families.map((family) => familyFill(family).background);
    expect(new Set(fills).size).toBe(families.length);
    expect(fills.every((fill) => fill.includes('gradient') && fill.includes('var(--'))).toBe(true);
    expect(renderToStaticMarkup(<FamilySwatch family="wax" />)).toContain('aria-hidden="true"');
  });
});

describe('fields and buttons', () => {
  it('say what was understood, or what is wrong in its place, beside the field', () => {
    const field = (props: { readonly echo?: string; readonly fault?: string }) =>
      renderToStaticMarkup(<TextField label="Amount" hint="2.5 kg" defaultValue="1" {...props} />);
    expect(field({})).toContain('2.5 kg');
    expect(field({ echo: '645 g' })).toContain('= 645 g');
    expect(field({ echo: '645 g', fault: 'Too much.' })).toContain('▲ Too much.');
    expect(field({ fault: 'Too much.' })).toContain('aria-invalid="true"');
    expect(field({})).toMatch(/<label for="(\S+)".*<input[^>]* id="\1" aria-describedby="\1-note"/);
    expect(renderToStaticMarkup(<Faults of={['One.', 'Two.']} />)).toContain('role="alert"');
  });
  it('keep the focus of a button that cannot be pressed now', () => {
    const button = renderToStaticMarkup(<Button disabled>Wiped</Button>);
    expect(button).toContain('aria-disabled="true"');
    expect(button).not.toMatch(/\sdisabled/);
    expect(button).toContain('type="button"');
    expect([linkLook('main', true), classes('a', false, null, 'b')]).toEqual([expect.stringContaining('min-h-14'), 'a b']);
  });
  it('open the worst cautions and fold the rest', () => {
    const list = renderToStaticMarkup(
      <Cautions
        of={[
          { head: 'Fire.', text: 'Lay flat.' },
          { head: 'Dust.', text: 'Mask.' },
        ]}
        open={1}
      />,
    );
    expect([count(list, '<details>'), count(list, '<li')]).toEqual([1, 2]);
    expect(renderToStaticMarkup(<Cautions of={[]} />)).toBe('');
  });
  it('make ids that are not made twice', () => {
    const ids = Array.from({ length: 200 }, freshId);
    expect(new Set(ids).size).toBe(200);
    expect(ids.every((id) => /^[0-9a-f]{32}$/.test(id))).toBe(true);
  });
});

describe('a moment', () => {
  const now = Date.parse('2031-03-05T14:20:00Z');
  const said = (at: string) => clockTime(Date.parse(at), 'UTC', now);
  it('is said by as much of its date as tells it apart', () => {
    expect(said('2031-03-05T09:12:00Z')).toBe('09:12');
    expect(said('2031-03-04T09:12:00Z')).toBe('4 Mar, 09:12');
    expect(said('2031-03-06T09:12:00Z')).toBe('Thu 09:12');
    expect(said('2031-03-20T09:12:00Z')).toBe('20 Mar, 09:12');
    expect(said('2031-02-20T09:12:00Z')).toBe('20 Feb, 09:12');
    expect(said('2030-03-05T09:12:00Z')).toBe('5 Mar 2030, 09:12');
  });
});
