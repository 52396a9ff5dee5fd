import { describe, expect, it } from 'vitest';
import { type DayBatch, type DayJob, type ShopBoard, settleLate, traceTo } from './place';
import { filledWith, roomFor } from './spots';

const job = (id: string, change: Partial<DayJob> = {}): DayJob => ({
  id,
  hands: 10,
  by: [0],
  least: 0,
  ideal: 50,
  most: 100,
  spot: null,
  units: 1,
  fixed: null,
  pin: null,
  ...change,
});
const batch = (jobs: readonly DayJob[], change: Partial<DayBatch> = {}): DayBatch => ({
  id: 'boards',
  release: 0,
  due: null,
  weight: 1,
  jobs,
  late: false,
  ...change,
});

describe('the starts of a chain that ends at a minute', () => {
  const jobs = [job('coat'), job('wipe', { least: 10, ideal: 20, most: 60 }), job('wax')];
  const chain = (rooms: readonly (readonly (readonly [number, number])[] | null)[] = [null, null, null]) => ({
    reach: [[[0, 1000]], [[0, 1000]], [[0, 1000]]],
    rooms,
    blockedAt: null,
  });
  const trace = (some: readonly DayJob[], lean: 'ideal' | 'early' | 'late', rooms?: Parameters<typeof chain>[0]) =>
    traceTo(batch(some), chain(rooms) as unknown as Parameters<typeof traceTo>[1], 200, lean);
  it('lie as early or as late as the waits between them allow', () => {
    // The wipe lies between 130 and 180: 60 to 10 min and its own 10 before 200; the coat between 20 and 170.
    expect([trace(jobs, 'early'), trace(jobs, 'late')]).toEqual([
      [20, 130, 200],
      [170, 180, 200],
    ]);
  });
  it('go on from what is done, each as near to its best moment as may be', () => {
    const done = (ideal: number) => [job('coat', { ideal, fixed: { start: 40, end: 55, by: 0 } }), ...jobs.slice(1)];
    // From 55 on the wipe may come until 155.
    expect(trace(done(95), 'ideal')).toEqual([40, 150, 200]);
    expect(trace(done(10), 'ideal')).toEqual([40, 130, 200]);
    expect(trace(done(400), 'ideal')).toEqual([40, 155, 200]);
    expect(trace(done(95), 'late')).toEqual([40, 155, 200]);
    // Long past its window it goes on from where it may.
    const past = [job('coat', { fixed: { start: 0, end: 5, by: 0 }, most: 20 }), ...jobs.slice(1)];
    expect(trace(past, 'early')).toEqual([0, 130, 200]);
  });
  it('take the nearer of two stretches, and of two alike the earlier', () => {
    const split = {
      reach: [
        [[0, 1000]],
        [
          [0, 100],
          [140, 1000],
        ],
        [[0, 1000]],
      ],
      rooms: [null, null, null],
      blockedAt: null,
    };
    const wipeAt = (ideal: number) => {
      const some = [
        job('coat', { ideal, fixed: { start: 40, end: 55, by: 0 } }),
        job('wipe', { least: 10, ideal: 20, most: 160 }),
        job('wax'),
      ];
      return traceTo(batch(some), split as unknown as Parameters<typeof traceTo>[1], 200, 'ideal')[1];
    };
    // Between 55 and 155 the wipe may come until 100 and again from 140.
    expect([wipeAt(20), wipeAt(60), wipeAt(65), wipeAt(75), wipeAt(95)]).toEqual([75, 100, 100, 140, 150]);
  });
  it('wait only where there is room', () => {
    // The coat ends and the wipe begins within one stretch of room.
    const rooms = [
      [
        [0, 60],
        [100, 150],
      ],
      null,
      null,
    ] as const;
    const rests = [job('coat', { least: 5 }), ...jobs.slice(1)];
    expect(trace(rests, 'early', rooms)).toEqual([90, 130, 200]);
    expect(trace(rests, 'late', rooms)).toEqual([135, 150, 200]);
    // A wait of no time takes no room.
    expect(trace(jobs, 'late', rooms)).toEqual([170, 180, 200]);
  });
});

describe('what is past its window already', () => {
  const shop = (): ShopBoard => ({
    open: [[[0, 100]], [[50, 200]]],
    busy: [[[0, 30]], []],
    capacity: [],
    taken: [],
    horizon: 1000,
  });
  const done = job('coat', { fixed: { start: 0, end: 0, by: 0 } });
  const late = (hands = 20) => batch([done, job('wipe', { hands, by: [0, 1] }), job('wax')], { late: true });
  it('is put where the first hands are free, which it then takes', () => {
    const board = shop();
    const settled = settleLate([late(), late(), batch([job('other')])], board);
    expect(settled.map((one) => one.jobs.map(({ fixed }) => fixed))).toEqual([
      [{ start: 0, end: 0, by: 0 }, { start: 30, end: 50, by: 0 }, null],
      // Both are free at 50; those that are here the shortest do it, so that the others stay whole.
      [{ start: 0, end: 0, by: 0 }, { start: 50, end: 70, by: 0 }, null],
      [null],
    ]);
    expect(board.busy).toEqual([
      [
        [0, 30],
        [30, 50],
        [50, 70],
      ],
      [],
    ]);
  });
  it('is given to hands that are here to its end', () => {
    const by = (open0: readonly [number, number], busy0: readonly [number, number]) => {
      const board: ShopBoard = { ...shop(), open: [[open0], [[50, 200]]], busy: [[busy0], []] };
      return settleLate([late()], board)[0]?.jobs[1]?.fixed;
    };
    // The first go home at 60, in the middle of it; at 70 they would see it out.
    expect(by([0, 60], [0, 45])).toEqual({ start: 50, end: 70, by: 1 });
    expect(by([0, 70], [0, 50])).toEqual({ start: 50, end: 70, by: 0 });
    // They are busy again within it.
    expect(by([0, 90], [0, 60])).toEqual({ start: 50, end: 70, by: 1 });
  });
  it('stays as it is where nobody is there long enough, or all is done', () => {
    const board = shop();
    expect(settleLate([late(160), batch([done], { late: true })], board).map((one) => one.jobs.at(1)?.fixed ?? null)).toEqual([
      null,
      null,
    ]);
    expect(board.busy).toEqual([[[0, 30]], []]);
    // What takes no time takes nobody.
    expect(settleLate([late(0)], board)[0]?.jobs[1]?.fixed).toEqual({ start: 0, end: 0, by: 0 });
    expect(board.busy).toEqual([[[0, 30]], []]);
  });
});

describe('the room of a place', () => {
  const room = (taken: readonly (readonly [number, number, number])[], units = 1, capacity = 2) =>
    roomFor(capacity, units, filledWith(taken.map(([from, to, n]) => ({ from, to, units: n }))), [0, 40]);
  it('is where so much more fits, in the minutes looked at', () => {
    expect(room([[10, 20, 2]])).toEqual([
      [0, 10],
      [20, 40],
    ]);
    expect(room([[10, 20, 1]])).toEqual([[0, 40]]);
    expect(
      room([
        [10, 30, 1],
        [20, 25, 1],
      ]),
    ).toEqual([
      [0, 20],
      [25, 40],
    ]);
    expect([room([], 3), room([[0, 40, 2]])]).toEqual([[], []]);
  });
  it('is free again at the minute another leaves', () => {
    expect(
      room(
        [
          [10, 20, 1],
          [20, 30, 1],
        ],
        1,
        1,
      ),
    ).toEqual([
      [0, 10],
      [30, 40],
    ]);
    expect(
      room([
        [10, 20, 2],
        [20, 30, 1],
      ]),
    ).toEqual([
      [0, 10],
      [20, 40],
    ]);
  });
  it('counts neither what was before or comes after, nor what stays no time', () => {
    expect(
      room([
        [-20, 0, 2],
        [40, 60, 2],
        [15, 15, 2],
        [20, 10, 2],
      ]),
    ).toEqual([[0, 40]]);
    expect(
      room([
        [-20, 5, 2],
        [35, 60, 2],
      ]),
    ).toEqual([[5, 35]]);
  });
});
