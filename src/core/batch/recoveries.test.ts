import { describe, expect, it } from 'vitest';
import { REGIMENS } from '../regimen';
import { FAULTS, roundsRecorded, scheduleOf, type Task, WAYS, withRecoveries } from '.';
import { FAULT_KINDS } from './faults';

const thin = REGIMENS.find((one) => one.id === 'thin-drying');
if (!thin) throw new Error('no regimen');
const drying = () => ({ flooded: 20, thin: 60 });
const tasks = (): readonly Task[] => {
  const made = scheduleOf(thin.steps, 5, drying);
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value;
};
const keysAfter = (way: (typeof WAYS)[number], beforeTask: string) =>
  withRecoveries(tasks(), [{ id: 7, way, beforeTask }], 5, drying).map((task) => task.key);

describe('ways back', () => {
  it.each(WAYS)('%s stands before the step it was taken up for, and no dwell of it gums', (way) => {
    const all = withRecoveries(tasks(), [{ id: 7, way, beforeTask: 'coat-3' }], 5, drying);
    const own = all.filter((task) => task.key.startsWith(`${way}~7:`));
    expect(own.length).toBeGreaterThan(0);
    expect(all.findIndex((task) => task.key === 'coat-3')).toBe(all.indexOf(own.at(-1) as Task) + 1);
    for (const { step, wait } of own)
      if (step.kind === 'coat') expect(wait.max ?? Number.POSITIVE_INFINITY).toBeLessThanOrEqual(60);
  });
  it('leave their own wipe out where a wipe is next anyway', () => {
    expect(keysAfter('rewet', 'wipe-2').filter((key) => key.startsWith('rewet'))).toEqual(['rewet~7:rewet']);
    expect(keysAfter('rewet', 'coat-3').filter((key) => key.startsWith('rewet'))).toEqual([
      'rewet~7:rewet',
      'rewet~7:rewet-wipe',
    ]);
  });
  it('are nothing for a step that is not there, and every fault has its offers or none', () => {
    expect(keysAfter('rewet', 'no-such-step')).toEqual(tasks().map((task) => task.key));
    for (const fault of FAULTS) expect(FAULT_KINDS[fault].ways.every((way) => WAYS.includes(way))).toBe(true);
  });
});

describe('rounds that were coated', () => {
  it('keep their sizes by the coat’s step, in their order', () => {
    const facts = [
      { key: 'soak#2', pieces: 4 },
      { key: 'soak', pieces: 5 },
      { key: 'leach-daily+2', pieces: 9 },
    ];
    expect(roundsRecorded(facts)).toEqual({ soak: [5, 4], 'leach-daily': [9] });
  });
});
