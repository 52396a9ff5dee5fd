import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { z } from 'zod';
import type * as Contract from '@/core/contract';
import { emptyDb } from '@/data/testing';

/* Every text and every list that comes in from outside has a length by its schema: nobody can hold the shop with one long field. */

type Seen = { readonly where: string; readonly schema: z.ZodType };
const seen: Seen[] = [];
/** Actions and routes that read nothing by a schema, each for its reason. */
const READS_NOTHING: Readonly<Record<string, string>> = {
  'app/api/care-calendar/route.ts GET': 'looks up what its address names',
  'app/api/clock/route.ts GET': 'reads nothing',
  'app/api/version/route.ts GET': 'reads nothing',
  'app/api/copy/route.ts POST': 'a token, cut at its length before it is looked at',
  'app/api/declaration/[hash]/route.ts GET': 'looks up what its address names',
  'app/api/declaration/route.ts POST': 'a file, its bytes counted',
  'app/api/fault/route.ts GET': 'reads nothing',
  'app/api/formulas/route.ts GET': 'looks up what its address names',
  'app/api/hands/route.ts GET': 'looks up what its address names',
  'app/api/label/route.ts GET': 'looks up what its address names',
  'app/api/owner/route.ts GET': 'looks up what its address names',
  'app/api/photo/route.ts GET': 'looks up what its address names',
  'app/api/practice-logger/route.ts GET': 'looks up what its address names',
  'app/api/release/route.ts GET': 'looks up what its address names',
  'app/api/seal/route.ts GET': 'reads nothing',
  'app/api/stores/route.ts GET': 'looks up what its address names',
  'app/api/trace/route.ts GET': 'looks up what its address names',
  'app/api/trial/route.ts GET': 'looks up what its address names',
  'app/care/[code]/file/route.ts GET': 'looks up what its address names',
  'app/care/[code]/ics/route.ts GET': 'looks up what its address names',
  'app/care/[code]/route.ts GET': 'looks up what its address names',
  'app/care/[code]/tell/route.ts POST': 'a form, its bytes counted, its words read as `Told` (its own test)',
  'app/slip/[code]/ics/route.ts GET': 'looks up what its address names',
  'app/slip/[code]/pdf/route.ts GET': 'looks up what its address names',
  'app/slip/[code]/picture/route.ts GET': 'looks up what its address names',
  'features/care/actions.ts sendNow': 'reads nothing',
  'features/settings/actions.ts openDemo': 'reads nothing',
  'features/settings/copy-actions.ts askForCopy': 'reads nothing',
  'features/settings/copy-actions.ts takeCopy': 'reads nothing',
  'features/settings/door-actions.ts leave': 'reads nothing',
  'features/settings/enter.ts enter': 'a passcode and a name, cut at their lengths before they are looked at',
  'trade/shell/actions.ts dim': 'yes or no',
  'trade/shell/actions.ts sayClockIsRight': 'reads nothing',
};
const silent: string[] = [];

const SRC = path.resolve(import.meta.dirname, '..');
const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(
  (file) => /\.tsx?$/.test(file) && !/\.test\./.test(file),
);
const actions = files.filter((file) => readFileSync(path.join(SRC, file), 'utf8').startsWith("'use server'"));
const routes = files.filter((file) => /^app\/.*route\.ts$/.test(file));

/** Formats that are short whatever they hold. */
const SHORT = ['date', 'datetime', 'time', 'duration'];
type Def = {
  readonly type: string;
  readonly format?: string;
  readonly checks?: readonly { readonly _zod: { readonly def: { readonly check: string; readonly format?: string } } }[];
} & Readonly<Record<string, unknown>>;
const defOf = (schema: unknown): Def => (schema as { readonly _zod: { readonly def: Def } })._zod.def;

/** Where a shape lets in a text, a list or a table of any length. */
function unbounded(schema: unknown, at: string, known: Set<unknown>): string[] {
  if (known.has(schema)) return [];
  known.add(schema);
  // It counts for itself, and says how many it lets in.
  const { most } = (schema as z.ZodType).meta() ?? {};
  const def = defOf(schema);
  if (def.type === 'object' && most !== undefined) return [];
  const checks = (def.checks ?? []).map((one) => one._zod.def);
  const isShort = checks.some(({ check }) => ['max_length', 'length_equals', 'max_size'].includes(check));
  const into = (part: unknown, name: string): string[] => (part ? unbounded(part, name, known) : []);
  switch (def.type) {
    case 'string': {
      const formats = [def.format, ...checks.map((one) => one.format)];
      return isShort || formats.some((format) => format !== undefined && SHORT.includes(format)) ? [] : [`${at}: a text`];
    }
    case 'array':
      return [...(isShort ? [] : [`${at}: a list`]), ...into(def.element, `${at}[]`)];
    case 'record':
      return [
        ...(isShort || most !== undefined ? [] : [`${at}: a table`]),
        ...into(def.keyType, `${at} key`),
        ...into(def.valueType, `${at} value`),
      ];
    case 'object':
      return [
        ...Object.entries(def.shape as Record<string, unknown>).flatMap(([key, part]) =>
          into(part, at === '' ? key : `${at}.${key}`),
        ),
        ...into(def.catchall, `${at} rest`),
      ];
    case 'union':
      return (def.options as unknown[]).flatMap((part) => into(part, at));
    case 'tuple':
      return [...(def.items as unknown[]).flatMap((part, i) => into(part, `${at}[${i}]`)), ...into(def.rest, `${at}[]`)];
    case 'intersection':
      return [...into(def.left, at), ...into(def.right, at)];
    case 'pipe':
      return into(def.in, at);
    case 'lazy':
      return into((def.getter as () => unknown)(), at);
    case 'unknown':
    case 'any':
    case 'custom':
      return [`${at}: anything`];
    default:
      return into(def.innerType, at);
  }
}

beforeAll(async () => {
  vi.resetModules();
  let at = '';
  vi.doMock('@/core/contract', async (whole) => {
    const contract = await whole<typeof Contract>();
    return {
      ...contract,
      check: (schema: z.ZodType, input: unknown) => {
        seen.push({ where: at, schema });
        return contract.check(schema, input);
      },
    };
  });
  const db = emptyDb();
  const at0 = { db, shop: { zone: 'UTC', currency: 'EUR' }, person: { id: 1, initials: 'MO' }, nowMs: 0 };
  vi.doMock('./session', () => ({ session: async () => at0 }));
  for (const [list, isRoute] of [
    [actions, false],
    [routes, true],
  ] as const)
    for (const file of list) {
      const module = (await import(path.join(SRC, file))) as Readonly<Record<string, unknown>>;
      for (const [name, run] of Object.entries(module)) {
        if (typeof run !== 'function') continue;
        at = `${file} ${name}`;
        const before = seen.length;
        const asked = new Request('http://shop.example/x?code=1', {
          method: isRoute ? name : 'POST',
          ...(isRoute && name === 'GET' ? {} : { body: '{}', headers: { 'content-type': 'application/json' } }),
        });
        try {
          await (isRoute ? run(asked, { params: Promise.resolve({ code: 'x', hash: 'x', id: '1' }) }) : run(undefined));
        } catch {
          // It needs a request of its own; whether it read by a schema is what counts.
        }
        if (seen.length === before) silent.push(at);
      }
    }
});
afterAll(() => {
  vi.doUnmock('@/core/contract');
  vi.doUnmock('./session');
  vi.resetModules();
});

describe('what comes in from outside', () => {
  it('is read by a schema, or for a reason by none', () => {
    expect(actions.length).toBeGreaterThan(20);
    expect(silent.sort()).toEqual(Object.keys(READS_NOTHING).sort());
  });
  it('has a length, every text and every list of it', () => {
    expect(seen.length).toBeGreaterThan(80);
    expect([
      ...new Set(seen.flatMap(({ where, schema }) => unbounded(schema, '', new Set()).map((one) => `${where} ${one}`))),
    ]).toEqual([]);
  });
});
