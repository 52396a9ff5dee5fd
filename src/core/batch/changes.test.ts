import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plan } from '../plan';
import { gramsPerPiece, REGIMENS, type RegimenStep } from '../regimen';
import { type StepChange, scheduleOf, withChanges, withinReach } from '.';
import { byLabelCoats, careGiven, coatGroups, labelledSteps } from './changes';
import { planSteps } from './schedule';

const stepsOf = (id: string): readonly RegimenStep[] => {
  const found = REGIMENS.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found.steps;
};
const change = (id: number, kind: StepChange['kind'], slot: string, after: string | null): StepChange => ({
  id,
  kind,
  slot,
  after,
});
const ids = (steps: readonly RegimenStep[]) => steps.map((step) => step.id);
const waitOf = (steps: readonly RegimenStep[], id: string) => steps.find((step) => step.id === id)?.wait;

describe('that was the last', () => {
  it('strikes the coats that are left with their wipes, and what is kept waits as they would have', () => {
    const steps = stepsOf('thin-drying');
    const left = withChanges(steps, [change(1, 'last', 'oil', 'coat-2')]);
    expect(ids(left)).toEqual(ids(steps).filter((id) => id !== 'coat-3' && id !== 'wipe-3'));
    expect(waitOf(left, 'wipe-2')).toEqual(waitOf(steps, 'wipe-3'));
    expect(waitOf(left, 'wipe-1')).toEqual(waitOf(steps, 'wipe-1'));
  });
  it('takes the scuffs between with it', () => {
    const left = withChanges(stepsOf('wiping-build'), [change(1, 'last', 'varnish', 'coat-1')]);
    expect(ids(left).filter((id) => /coat|wipe|scuff/.test(id))).toEqual(['coat-1', 'wipe-1', 'scuff-2']);
  });
  it('leaves the wipe of a coat that lies wet on wet', () => {
    const left = withChanges(stepsOf('saturate'), [change(1, 'last', 'oil', 'soak-1')]);
    expect(ids(left).filter((id) => /soak|wipe/.test(id))).toEqual(['soak-1', 'wipe']);
    expect(waitOf(left, 'wipe')?.min).toBe(120 * 60);
  });
  it('strikes one material only, and all of it where none was given', () => {
    expect(ids(withChanges(stepsOf('soak-wax'), [change(1, 'last', 'oil', 'flood-2')]))).toContain('wax');
    const noWax = withChanges(stepsOf('soak-wax'), [change(1, 'last', 'paste', null)]);
    expect(ids(noWax)).not.toContain('wax');
    expect(ids(noWax)).not.toContain('buff');
    expect(ids(noWax)).toContain('flood-3');
  });
  it('changes what the owner will meet', () => {
    const without = (id: string, slot: string, after: string | null) =>
      withChanges(stepsOf(id), [change(1, 'last', slot, after)]);
    expect(careGiven('oil-wax', stepsOf('soak-wax'))).toBe('oil-wax');
    expect(careGiven('oil-wax', without('soak-wax', 'paste', null))).toBe('never-dry');
    expect(careGiven('drying-oil-wax', without('saturate', 'paste', null))).toBe('drying-oil');
    expect(careGiven('drying-oil-wax', without('seal-oil', 'oilwax', null))).toBe('film');
    expect(careGiven('drying-oil', without('thin-drying', 'oil', null))).toBe('bare');
  });
});

describe('another coat', () => {
  it('repeats the last coat with its waits, and the rest between coats before it', () => {
    const steps = stepsOf('thin-drying');
    const more = withChanges(steps, [change(7, 'another', 'oil', 'wipe-3')]);
    expect(ids(more).slice(-6)).toEqual(['coat-3', 'wipe-3', 'coat-3*7', 'wipe-3*7', 'buff', 'check']);
    expect(waitOf(more, 'wipe-3')).toEqual(waitOf(steps, 'wipe-2'));
    expect(waitOf(more, 'wipe-3*7')).toEqual(waitOf(steps, 'wipe-3'));
    expect(more.find((step) => step.id === 'coat-3*7')?.coat).toBe(4);
  });
  it('lies wet on wet before the wipe, where the last one does', () => {
    expect(
      ids(withChanges(stepsOf('saturate'), [change(7, 'another', 'oil', 'soak-2')])).filter((id) => /soak|wipe/.test(id)),
    ).toEqual(['soak-1', 'soak-2', 'soak-3', 'soak-3*7', 'wipe']);
    const wiped = withChanges(stepsOf('saturate'), [change(7, 'another', 'oil', 'wipe')]);
    expect(ids(wiped).filter((id) => /soak|^wipe/.test(id))).toEqual([
      'soak-1',
      'soak-2',
      'soak-3',
      'wipe',
      'soak-3*7',
      'wipe*7',
    ]);
  });
  it('comes before what is next once the work has gone past its material', () => {
    const late = withChanges(stepsOf('soak-wax'), [change(7, 'another', 'oil', 'buff')]);
    expect(ids(late).slice(-4)).toEqual(['buff', 'flood-3*7', 'wipe-3*7', 'check']);
  });
  it('can be added to itself, struck, and is one of a kind each time', () => {
    const twice = withChanges(stepsOf('thin-drying'), [change(7, 'another', 'oil', null), change(8, 'another', 'oil', null)]);
    expect(ids(twice)).toContain('coat-3*7*8');
    expect(new Set(ids(twice)).size).toBe(twice.length);
    expect(ids(withChanges(twice, [change(9, 'last', 'oil', 'coat-2')]))).toEqual(
      ids(withChanges(stepsOf('thin-drying'), [change(9, 'last', 'oil', 'coat-2')])),
    );
  });
});

describe('a label’s number of coats', () => {
  it('adds what is wanted, strikes what is too many, and leaves what is right', () => {
    const coats = (id: string, slot: string, wanted: number) =>
      coatGroups(labelledSteps(stepsOf(id), { [slot]: wanted })).filter((group) => group.slot === slot).length;
    for (const wanted of [1, 2, 3, 6]) expect(coats('thin-drying', 'oil', wanted)).toBe(wanted);
    expect(byLabelCoats(stepsOf('sparing'), 'hardwax', 2)).toEqual({ more: 0, lastAfter: null });
    expect(byLabelCoats(stepsOf('sparing'), 'nothing', 2)).toEqual({ more: 0, lastAfter: null });
  });
});

describe('any run of changes', () => {
  const hours = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, open: '06:00', close: '22:00' }));
  const drying = () => ({ flooded: 20, thin: 60 });
  const free = () => ({ flooded: null, thin: null });
  const piece = { areaMm2: 2e5, endGrainMm2: 1e4, volumeMl: 2000, porosity: 'closed' as const, densityKgPerM3: 700 };
  const grams = (steps: readonly RegimenStep[]) =>
    gramsPerPiece(steps, piece, () => ({ factor: 1, densityGPerMl: 0.9, coverageM2PerL: null }));

  it('keeps what was done, invents and loses no gram, and leaves a plan that breaks no window', () => {
    const wanted = fc.array(
      fc.record({ kind: fc.constantFrom('another' as const, 'last' as const), slot: fc.nat(1), done: fc.nat(30) }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(fc.constantFrom(...REGIMENS), wanted, fc.integer({ min: 1, max: 12 }), (regimen, runs, pieces) => {
        let steps: readonly RegimenStep[] = regimen.steps;
        const made: StepChange[] = [];
        for (const [i, { kind, slot, done }] of runs.entries()) {
          const name = regimen.slots[slot % Math.max(1, regimen.slots.length)]?.slot;
          if (name === undefined) continue;
          const before = steps.slice(0, Math.min(done, steps.length));
          const given = before.findLast((step) => step.slot === name)?.id ?? null;
          made.push(change(i + 1, kind, name, kind === 'last' ? given : (before.at(-1)?.id ?? null)));
          const now = withChanges(regimen.steps, made);
          // What was done before the change still stands, in its order.
          const kept = ids(now).filter((id) => ids(before).includes(id));
          const until = kind === 'last' && given !== null ? ids(before).indexOf(given) + 1 : before.length;
          expect(kept.slice(0, until)).toEqual(ids(before).slice(0, until));
          // A coat that stands in both takes what it took; none appears that nobody added.
          const [was, is] = [grams(steps), grams(now)];
          for (const [id, g] of is) if (was.has(id) && ids(before).includes(id)) expect(g).toBeCloseTo(was.get(id) as number, 9);
          const added = [...is.keys()].filter((id) => !was.has(id));
          expect(added.length).toBeLessThanOrEqual(kind === 'another' ? 1 : 0);
          if (kind === 'last') expect([...is.keys()].every((id) => was.has(id))).toBe(true);
          steps = now;
        }
        expect(new Set(ids(steps)).size).toBe(steps.length);
        const isNever = (slot: string) => regimen.slots.find((one) => one.slot === slot)?.wants.includes('never');
        const tasks = scheduleOf(steps, pieces, (slot) => (isNever(slot) ? free() : drying()));
        if (!tasks.ok) throw new Error(JSON.stringify(tasks.issues));
        const planned = plan({
          start: '2031-03-03T08:00',
          zone: 'Europe/Lisbon',
          shopHours: hours,
          steps: planSteps(withinReach(tasks.value, 25).near),
        });
        if (!planned.ok || !planned.value.feasible) throw new Error('no plan');
        for (const one of planned.value.steps) {
          const { earliest, latest } = one.window;
          expect(Date.parse(one.startAt)).toBeGreaterThanOrEqual(earliest ? Date.parse(earliest) : 0);
          if (latest) expect(Date.parse(one.startAt)).toBeLessThanOrEqual(Date.parse(latest));
        }
      }),
      { seed: 7, numRuns: process.env.RENDLE_WALKS ? 500 : 100 },
    );
  });
});
