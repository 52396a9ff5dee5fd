import { readFileSync } from 'node:fs';
import { SHIPPED } from '@/core/material';
import { blend, fill } from '../src/core/blend/index';
import { care } from '../src/core/care/index';
import { cure } from '../src/core/cure/index';
import { melt } from '../src/core/melt/index';
import { plan } from '../src/core/plan/index';

type Case = { readonly name: string; readonly calc: string; readonly input: unknown };
const CALCULATIONS: Readonly<Record<string, (input: unknown) => unknown>> = {
  blend: (one) => blend(one, SHIPPED),
  fill,
  care,
  cure,
  melt,
  plan,
};
const SECONDS = 1;

const casesOf = (name: string): readonly Case[] =>
  JSON.parse(readFileSync(new URL(`../golden/${name}.json`, import.meta.url), 'utf8')) as Case[];

/** Milliseconds a call, as the middle and the slowest of a second's worth of calls after a warm-up. */
function measure(run: () => unknown): { readonly middle: number; readonly slowest: number; readonly calls: number } {
  for (let i = 0; i < 20; i++) run();
  const times: number[] = [];
  const until = performance.now() + SECONDS * 1000;
  while (performance.now() < until) {
    const from = performance.now();
    run();
    times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  return { middle: times[Math.floor(times.length / 2)] ?? 0, slowest: times.at(-1) ?? 0, calls: times.length };
}

for (const [name, calculate] of Object.entries(CALCULATIONS)) {
  const slowest = casesOf(name)
    .map((one) => ({ name: one.name, ...measure(() => calculate(one.input)) }))
    .sort((a, b) => b.middle - a.middle)[0];
  if (slowest)
    console.log(
      `${name.padEnd(6)} slowest case ${slowest.name.padEnd(9)} ${slowest.middle.toFixed(2)} ms in the middle, ${slowest.slowest.toFixed(1)} ms at worst, ${slowest.calls} calls`,
    );
}
