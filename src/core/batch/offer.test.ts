import { describe, expect, it } from 'vitest';
import { priorFactor } from '@/core/cure';
import { type DayInput, day } from '@/core/plan';
import { REGIMENS } from '../regimen';
import { offer, type ShopNow } from '.';

const weekdays = [1, 2, 3, 4, 5].map((one) => ({ day: one, open: '08:30', close: '17:30' }));
const zone = 'Europe/Lisbon';
const START = Date.parse('2031-03-03T08:30:00Z');
const board = { shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' } as const;
const soak = REGIMENS.find((one) => one.id === 'soak-wax');
if (!soak) throw new Error('no regimen');

const at = (rate: number) => ({ oxidise: rate, settle: rate, evaporate: rate });

function shop(change: Partial<DayInput> = {}): ShopNow {
  const input: DayInput = {
    start: '2031-03-03T08:30',
    zone,
    hands: [{ id: '1', hours: weekdays }],
    spots: [],
    batches: [],
    ...change,
  };
  const found = day(input);
  if (!found.ok || !found.value.feasible) throw new Error(JSON.stringify(found));
  return { input, found: found.value, air: {}, rate: { rack: at(1), warm: at(2.5) }, names: { old: '31-001' } };
}
const ask = {
  steps: soak.steps,
  geometry: board,
  pieces: 8,
  bound: () => undefined,
  a0Hours: 24,
  mode: 'settle' as const,
  vapour: false,
  startMs: START,
  dueMs: null,
};
const made = (at: ShopNow, change: Partial<Parameters<typeof offer>[1]> = {}) => {
  const result = offer(at, { ...ask, ...change });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
/** A batch that keeps the only pair of hands for three days. */
const busy = {
  batches: [
    {
      id: 'old',
      release: '2031-03-03T08:30',
      steps: [1, 2, 3].map((n) => ({ id: `s${n}`, handsMin: 500, wait: { min: 0, ideal: 0, max: null } })),
    },
  ],
};

describe('what can be promised', () => {
  it('goes round what is planned already, and moves none of it', () => {
    const [free, after] = [made(shop()), made(shop(busy))];
    expect(after.stepsEndMs).toBeGreaterThan(free.stepsEndMs);
    const fixed = shop(busy).found.batches[0]?.steps ?? [];
    for (const step of after.steps)
      for (const held of fixed) {
        const apart = step.endMs <= Date.parse(held.startAt) || step.startMs >= Date.parse(held.endAt);
        expect(apart || step.startMs === step.endMs).toBe(true);
      }
  });
  it('is fit when nine in ten such batches are, by the rate of the place', () => {
    const slow = made({ ...shop(), rate: { rack: at(0.5), warm: at(2) } });
    const now = made(shop());
    const lastCoat = now.steps.find((step) => step.id === 'buff')?.endMs ?? 0;
    expect(now.readyMs - lastCoat).toBeCloseTo(24 * 3_600_000 * priorFactor(0.9), 0);
    expect(made(shop(), { a0Hours: 0 }).readyMs).toBe(now.stepsEndMs);
    expect(slow.readyMs).toBeGreaterThan(made(shop()).readyMs);
  });
  it('names the latest start for a date, and an hour or so later would not do', () => {
    const dueMs = Date.parse('2031-03-12T18:00:00Z');
    const { latestStartMs } = made(shop(), { dueMs });
    expect(latestStartMs).not.toBeNull();
    expect(latestStartMs ?? 0).toBeGreaterThan(START);
    expect(made(shop(), { dueMs, startMs: (latestStartMs ?? 0) + 26 * 3_600_000 }).readyMs).toBeGreaterThan(dueMs);
  });
  it('says what must give: fewer pieces, and each give holds', () => {
    const free = made(shop(), { pieces: 60 });
    const few = made(shop(), { pieces: 2 });
    const dueMs = few.readyMs + 3_600_000;
    expect(free.readyMs).toBeGreaterThan(dueMs);
    const { gives } = made(shop(), { pieces: 60, dueMs });
    const pieces = gives.find((give) => give.what === 'pieces');
    expect(pieces?.what === 'pieces' && pieces.pieces).toBeGreaterThanOrEqual(2);
    if (pieces?.what === 'pieces') expect(made(shop(), { pieces: pieces.pieces }).readyMs).toBeLessThanOrEqual(dueMs);
  });
  it('never promises by a warm cabinet what gives off vapour', () => {
    const slow = made(shop(), { a0Hours: 240 });
    const dueMs = slow.readyMs - 3 * 86_400_000;
    expect(made(shop(), { a0Hours: 240, dueMs }).gives.some((give) => give.what === 'warm')).toBe(true);
    expect(made(shop(), { a0Hours: 240, dueMs, vapour: true }).gives.some((give) => give.what === 'warm')).toBe(false);
    const none = { ...shop(), rate: { rack: at(1), warm: null } };
    expect(made(none, { a0Hours: 240, dueMs }).gives.some((give) => give.what === 'warm')).toBe(false);
  });
  it('says which batch would have to wait', () => {
    const dueMs = made(shop()).readyMs + 3_600_000;
    expect(made(shop(busy), { dueMs }).gives).toContainEqual({ what: 'after', batch: '31-001' });
  });
});
