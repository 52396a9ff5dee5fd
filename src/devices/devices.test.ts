import { describe, expect, it } from 'vitest';
import { type DeviceEvent, linePort, readLine } from './line';
import { practiceScale } from './practice-scale';
import { practiceThermometer } from './practice-thermometer';

/** Beats by hand: every beat is one step of the device. */
function beating(sim: Parameters<typeof linePort>[2], wants: 'mass' | 'temp' = 'mass') {
  const events: DeviceEvent[] = [];
  let beat: () => void = () => undefined;
  let at = 0;
  const port = linePort('practice', wants, sim, {
    every: (run) => {
      beat = run;
      return () => {
        beat = () => undefined;
      };
    },
    now: () => at,
    beatMs: 100,
  });
  const stop = port.follow((event) => events.push(event));
  return {
    events,
    stop,
    run: (beats: number) => {
      for (let i = 0; i < beats; i++) {
        at += 100;
        beat();
      }
    },
  };
}

describe('the line protocol', () => {
  it.each([
    ['mass=123.4;unit=g;rest=1', { kind: 'reading', value: 123.4, stable: true }],
    [' mass=-2;unit=kg;rest=0 ', { kind: 'reading', value: -2000, stable: false }],
    ['mass=1;unit=lb;rest=1', { kind: 'reading', value: 453.59237, stable: true }],
    ['over', { kind: 'overload' }],
    ['mass=12', { kind: 'garbage' }],
    ['temp=20;unit=C;rest=1', { kind: 'garbage' }],
    ['mass=1;unit=furlong;rest=1', { kind: 'garbage' }],
    ['', { kind: 'garbage' }],
  ])('reads “%s”', (text, wanted) => expect(readLine(text, 'mass')).toEqual(wanted));
  it('reads warmth in either degree', () => {
    expect(readLine('temp=149;unit=F;rest=1', 'temp')).toMatchObject({ value: 65 });
  });
});

describe('the practice scale', () => {
  it('fills to the mark in a thinning stream, runs a little past it and comes to rest', () => {
    const scale = practiceScale({ seed: 1, startG: 0 });
    const { events, run } = beating(scale);
    scale.pourTo(200);
    run(20);
    expect(events.at(-1)).toMatchObject({ kind: 'reading', stable: false });
    run(80);
    const last = events.at(-1);
    expect(last).toMatchObject({ kind: 'reading', stable: true });
    expect(scale.mass()).toBeGreaterThanOrEqual(200);
    expect(scale.mass()).toBeLessThan(201);
    expect(last?.kind === 'reading' && Math.abs(last.value - scale.mass())).toBeLessThan(0.4);
    // The stream slows: the last tenth takes longer than any tenth before it.
    const passed = (grams: number) => events.findIndex((event) => event.kind === 'reading' && event.value >= grams);
    expect(passed(199) - passed(180)).toBeGreaterThan(passed(120) - passed(100));
  });
  it('tares, is overloaded, talks nonsense, and loses nothing when its cable is out', () => {
    const scale = practiceScale({ seed: 2, startG: 300, maxG: 1000 });
    const { events, run, stop } = beating(scale);
    scale.tare();
    run(12);
    expect(events.at(-1)).toMatchObject({ kind: 'reading', value: expect.closeTo(0, 0) });
    scale.garble();
    run(4);
    expect(events.slice(-4).every((event) => event.kind === 'garbage')).toBe(true);
    scale.pourTo(150);
    run(10);
    scale.unplug();
    run(10);
    expect(events.at(-1)?.kind).toBe('lost');
    expect(events.filter((event) => event.kind === 'lost')).toHaveLength(1);
    run(60);
    scale.plug();
    run(1);
    expect(events.slice(-2).map((event) => event.kind)).toEqual(['back', 'reading']);
    run(20);
    expect(scale.mass()).toBeGreaterThanOrEqual(150);
    expect(events.at(-1)).toMatchObject({ kind: 'reading', value: expect.closeTo(scale.mass(), 0) });
    scale.pourTo(900);
    run(120);
    expect(events.at(-1)?.kind).toBe('overload');
    const count = events.length;
    stop();
    run(5);
    expect(events).toHaveLength(count);
  });
  it('speaks ounces as well', () => {
    const { events, run } = beating(practiceScale({ seed: 3, startG: 283.49523125, unit: 'oz' }));
    run(12);
    expect(events.at(-1)).toMatchObject({ kind: 'reading', value: expect.closeTo(283.5, 0) });
  });
});

describe('the practice thermometer', () => {
  it('follows the rehearsed pot', () => {
    const pot = {
      waterG: 1500,
      heaterW: 900,
      lossWPerK: 3,
      ambientC: 20,
      potG: 800,
      waxFraction: 0.2,
      pieceMm: 5,
      clearC: 55,
      uaWPerK: 12,
      minutes: 60,
    };
    const sim = practiceThermometer({ seed: 4, pot, startMin: 0 });
    const { events, run } = beating(sim, 'temp');
    run(1);
    expect(events[0]).toMatchObject({ kind: 'reading', value: expect.closeTo(20, 0) });
    run(600 * 20);
    const last = events.at(-1);
    expect(last?.kind === 'reading' && last.value).toBeGreaterThan(50);
    sim.unplug();
    run(10);
    sim.plug();
    run(1);
    expect(events.slice(-3).map((event) => event.kind)).toEqual(['lost', 'back', 'reading']);
  });
});
