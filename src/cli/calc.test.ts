import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { calc } from './calc';
import worked from './worked.json';

type Case = {
  name: string;
  calc: string;
  input: unknown;
  output: Record<string, unknown>;
  tolerance?: number | { readyAtSeconds?: number };
};

/** The whole shop's plan is held against exact optima as a whole. */
const BY_OPTIMUM = new Set(['day']);
const RELATIVE = 1e-6;

const isClock = (text: string): boolean => /^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(text);
const localSeconds = (text: string): number => Date.parse(`${text.slice(0, 19).padEnd(19, ':00')}Z`) / 1000;

/** Every named field of the worked answer must be in the result, numbers close and times by their local part. */
function matches(found: unknown, wanted: unknown, tolerance: number, seconds: number, path = ''): void {
  if (typeof wanted === 'number') {
    expect(typeof found, path).toBe('number');
    expect(Math.abs((found as number) - wanted), `${path}: ${found} for ${wanted}`).toBeLessThanOrEqual(
      tolerance * Math.max(1e-9, Math.abs(wanted)) + 1e-12,
    );
  } else if (typeof wanted === 'string' && isClock(wanted)) {
    expect(Math.abs(localSeconds(found as string) - localSeconds(wanted)), `${path}: ${found} for ${wanted}`).toBeLessThanOrEqual(
      seconds,
    );
  } else if (Array.isArray(wanted)) {
    if (path.endsWith('.trace')) {
      const rows = found as { min: number }[];
      for (const row of wanted as { min: number }[]) {
        const near = rows.find((other) => Math.abs(other.min - row.min) < 1e-9);
        matches(near, row, tolerance, seconds, `${path}@${row.min}`);
      }
      return;
    }
    expect((found as unknown[]).length, path).toBe(wanted.length);
    wanted.forEach((item, i) => {
      matches((found as unknown[])[i], item, tolerance, seconds, `${path}.${i}`);
    });
  } else if (typeof wanted === 'object' && wanted !== null) {
    for (const [key, value] of Object.entries(wanted))
      matches((found as Record<string, unknown>)?.[key], value, tolerance, seconds, `${path}.${key}`);
  } else expect(found, path).toEqual(wanted);
}

const folder = new URL('../../golden/', import.meta.url);
const files = readdirSync(folder).map((name) => ({ name, bytes: readFileSync(new URL(name, folder)) }));
const casesIn = (bytes: Buffer): Case[] => JSON.parse(bytes.toString('utf8')) as Case[];
const cases = files.flatMap(({ bytes }) => casesIn(bytes)).filter((one) => !BY_OPTIMUM.has(one.calc));

describe('the files of worked cases', () => {
  it('are the ones that were agreed: as many cases of each calculation, byte for byte', () => {
    const found = files.map(({ name, bytes }) => {
      const sha256 = createHash('sha256').update(bytes).digest('hex');
      return [name, { cases: casesIn(bytes).length, sha256 }];
    });
    expect(Object.fromEntries(found)).toEqual(worked.files);
  });
  it('name each case once, in the file of its calculation', () => {
    const all = files.flatMap(({ name, bytes }) => casesIn(bytes).map((one) => [one.name, `${one.calc}.json` === name] as const));
    expect(new Set(all.map(([name]) => name)).size).toBe(all.length);
    expect(all.filter(([, isThere]) => !isThere)).toEqual([]);
  });
});

/** Cases whose rule is not built yet: each must fail, so that none stays on the list once it passes. */
const FAILS: ReadonlySet<string> = new Set(worked.expectedToFail);
const expected = (name: string) => (FAILS.has(name) ? it.fails : it);

describe('worked cases', () => {
  it('that are expected to fail are cases', () => {
    expect([...FAILS].filter((name) => !cases.some((one) => one.name === name))).toEqual([]);
  });
  for (const one of cases)
    expected(one.name)(one.name, async () => {
      const { output, status } = await calc(one.calc, JSON.stringify(one.input));
      const found = JSON.parse(output) as Record<string, unknown>;
      if (one.output.error === true) {
        expect(status).toBe(2);
        expect(found).toEqual({ error: { path: expect.any(String), message: expect.stringMatching(/\w{3}/) } });
        return;
      }
      expect(status, output.slice(0, 300)).toBe(0);
      const tolerance = typeof one.tolerance === 'number' ? one.tolerance : RELATIVE;
      const seconds = typeof one.tolerance === 'object' ? (one.tolerance.readyAtSeconds ?? 0) : 0;
      matches(found, one.output, tolerance, seconds);
    });
});

describe('the whole shop', () => {
  it('is planned within 2 % of the exact optima over all cases', async () => {
    const shops = JSON.parse(readFileSync(new URL('day.json', folder), 'utf8')) as {
      input: unknown;
      optimum: { feasible: boolean; lateMin: number };
    }[];
    let [late, optimum] = [0, 0];
    for (const shop of shops) {
      const found = JSON.parse((await calc('day', JSON.stringify(shop.input))).output) as { feasible: boolean; lateMin: number };
      expect(found.feasible).toBe(shop.optimum.feasible);
      late += found.lateMin;
      optimum += shop.optimum.lateMin;
    }
    expect(late).toBeGreaterThanOrEqual(optimum - 1e-6);
    expect(late).toBeLessThanOrEqual(optimum * 1.02);
  });
});

describe('the contract', () => {
  it('puts an error in its case’s place and runs the others', async () => {
    const { output, status } = await calc(
      'emc',
      JSON.stringify([
        { tempC: 20, rh: 0.5 },
        { tempC: 20, rh: 7 },
        { tempC: 20, rh: 0.5 },
      ]),
    );
    const [first, second, third] = JSON.parse(output) as Record<string, unknown>[];
    expect(status).toBe(0);
    expect(first).toHaveProperty('emcPercent');
    expect(second).toMatchObject({ error: { path: 'rh' } });
    expect(third).toEqual(first);
  });
  it.each([
    ['emc', '{"tempC": '],
    ['nothing', '{}'],
    ['toString', '{}'],
    ['emc', '{"tempC": "warm", "rh": 0.5}'],
  ])('refuses %s %s with status 2', async (name, text) => {
    const { output, status } = await calc(name, text);
    expect(status).toBe(2);
    expect(JSON.parse(output)).toMatchObject({ error: { message: expect.any(String) } });
  });
  it('says in words what blocks a plan', async () => {
    const { output } = await calc(
      'plan',
      JSON.stringify({
        start: '2031-03-04T08:00',
        zone: 'Europe/Lisbon',
        shopHours: [{ day: 2, open: '08:00', close: '08:20' }],
        steps: [{ id: 'flood', handsMin: 25, wait: { min: 0, ideal: 0, max: null } }],
      }),
    );
    expect(JSON.parse(output)).toMatchObject({
      feasible: false,
      blocking: { stepId: 'flood', reason: expect.stringContaining('25 min') },
    });
  });
});
