import { day, MOST_PLANNED } from '../src/core/plan/index';

/** The whole shop planned anew: batches of twelve steps, two pairs of hands, three spots. */
const SIZES = [1, 5, 20, 60] as const;
const STEPS = 12;
const CALLS = 12;

const hours = [1, 2, 3, 4, 5].map((weekday) => ({ day: weekday, open: '08:30', close: '18:00' }));
const shopOf = (batches: number, steps = STEPS) => ({
  start: '2031-03-03T08:00',
  zone: 'Europe/Lisbon',
  hands: ['a', 'b'].map((id) => ({ id, hours })),
  spots: [
    { id: 'rack', capacity: 40 },
    { id: 'bath', capacity: 3 },
    { id: 'warm', capacity: 10 },
  ],
  batches: Array.from({ length: batches }, (_, i) => ({
    id: `b${i}`,
    release: '2031-03-03T08:00',
    dueAt: `2031-03-${String(6 + ((i * 7) % 18)).padStart(2, '0')}T17:00`,
    weight: 1 + (i % 3),
    steps: Array.from({ length: steps }, (_step, s) => ({
      id: `s${s}`,
      handsMin: 8 + ((i + s) % 12),
      wait:
        s % 2 === 0
          ? { min: 15, ideal: 20, max: 60, spot: s % 4 === 0 ? 'bath' : 'rack' }
          : { min: 60, ideal: 240, max: null, spot: s % 3 === 0 ? 'warm' : 'rack' },
    })),
  })),
});

for (const size of SIZES) {
  const input = shopOf(size);
  day(input);
  const times = Array.from({ length: CALLS }, () => {
    const from = performance.now();
    day(input);
    return performance.now() - from;
  }).sort((a, b) => a - b);
  const made = day(input);
  const late = made.ok && made.value.feasible ? `${Math.round(made.value.lateMin)} weighted minutes late` : 'not to be planned';
  console.log(
    `day    ${String(size).padStart(2)} batches × ${STEPS} steps: ${(times[CALLS / 2] ?? 0).toFixed(1)} ms in the middle, ${(times.at(-1) ?? 0).toFixed(1)} ms at worst; ${late}`,
  );
}

// The greatest shop that is planned at all, once.
const greatest = { ...shopOf(MOST_PLANNED.batches, MOST_PLANNED.steps / MOST_PLANNED.batches), horizonDays: 400 };
const began = performance.now();
const whole = day(greatest);
const tookS = (performance.now() - began) / 1000;
console.log(
  `day   ${MOST_PLANNED.batches} batches × ${MOST_PLANNED.steps / MOST_PLANNED.batches} steps, the most there may be: ${tookS.toFixed(1)} s; ${whole.ok && whole.value.feasible ? 'planned' : 'not to be planned'}`,
);
