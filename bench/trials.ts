/** How long the reading of a board takes, and what every finish costs; a second of each after a warm-up. */
import { madeUpPicture, readBoard } from '@/core/colour';
import { MOST_SCORES, powerOf, trial } from '@/core/trial';
import { allDesigns } from '@/data/catalogue/catalogue';
import { woodOf } from '@/data/catalogue/woods';
import { finishCosts } from '@/data/cost/finish-costs';
import { migrateOpen, openFile } from '@/data/db';
import { loadDemo } from '@/data/demo/load';
import { shotOf } from '@/data/demo/trial-scene';

const AT = Date.parse('2031-03-05T10:20:00Z');
const middle = (run: () => unknown): number => {
  for (let i = 0; i < 3; i++) run();
  const times: number[] = [];
  const until = performance.now() + 1000;
  while (performance.now() < until) {
    const from = performance.now();
    run();
    times.push(performance.now() - from);
  }
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;
};

const of = shotOf({ board: 1, cycle: 0, lamp: 'even' });
const pixels = madeUpPicture(of);
console.log(`board   four fields read in ${middle(() => readBoard(pixels, of.corners, of.board)).toFixed(1)} ms`);
console.log(
  `power   six boards, four finishes in ${middle(() => powerOf({ boards: 6, treatments: 4, differ: 1 })).toFixed(1)} ms`,
);

// The most scores there may be, once.
const names = Array.from({ length: 11 }, (_, i) => `t${i}`);
const scores = Array.from({ length: MOST_SCORES }, (_, i) => ({
  block: `b${Math.floor(i / 11) % 60}`,
  treatment: names[i % 11] ?? '',
  cycle: Math.floor(i / 660),
  kind: 'look',
  value: 1 + ((i * 7) % 50) / 10,
}));
const began = performance.now();
const answered = trial({ treatments: names, kind: 'look', better: 'high', scores, threshold: 2 });
console.log(
  `trial   ${MOST_SCORES} scores, the most there may be: ${(performance.now() - began).toFixed(0)} ms; ${answered.ok ? 'answered' : 'not answered'}`,
);

const { db, raw } = openFile(':memory:');
migrateOpen(raw);
loadDemo(db, AT);
const design = allDesigns(db)[0];
if (design) {
  const asked = { design, species: woodOf(db, 'sycamore'), by: 'owner', years: 5 } as const;
  console.log(`cost    every finish of a board in ${middle(() => finishCosts(db, asked, AT)).toFixed(0)} ms`);
}
