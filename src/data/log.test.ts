import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it, vi } from 'vitest';
import { faultNumbered, noteFault } from '@/web/fault';
import { lineOf, log } from './log';

const folder = mkdtempSync(path.join(tmpdir(), 'rendle-log-'));
const file = path.join(folder, 'shop.log');
afterAll(() => {
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

describe('the shop’s log', () => {
  it('writes one line for each event, whatever a name holds', () => {
    log({ what: 'came in', device: 'Tablet\n{"what":"sent away"}\u2028', address: '::1' }, file);
    log({ what: 'refused', address: '::1', why: 'wrong passcode', route: '/enter' }, file);
    const lines = readFileSync(file, 'utf8')
      .trimEnd()
      .split(/[\n\u2028]/);
    expect(lines.map((line) => JSON.parse(line).what)).toEqual(['came in', 'refused']);
    expect(lineOf({ what: 'started', port: '1' }, new Date(0))).toBe(
      '{"at":"1970-01-01T00:00:00.000Z","what":"started","port":"1"}\n',
    );
  });
  it('is put aside when it is large, one before it and no more', () => {
    for (const mark of ['a', 'b']) {
      writeFileSync(file, mark.repeat(1_000_001));
      log({ what: 'started', port: '1' }, file);
      expect(statSync(file).size).toBeLessThan(200);
      expect(readFileSync(`${file}.1`, 'utf8').slice(0, 1)).toBe(mark);
    }
    expect(existsSync(`${file}.2`)).toBe(false);
  });
  it('never stands in the way where it cannot be written', () => {
    expect(() => log({ what: 'started', port: '1' }, path.join(file, 'under', 'a-file.log'))).not.toThrow();
  });
  it('holds a fault under the number its screen shows, by kind and place, without what was typed', () => {
    vi.stubEnv('RENDLE_DATA', folder);
    noteFault('471', Object.assign(new Error('Odalys Brandt is no date'), { code: 'SQLITE_FULL' }), '/care?q=Odalys');
    const text = readFileSync(file, 'utf8');
    expect(text).toContain('"number":"471","route":"/care","kind":"Error SQLITE_FULL"');
    expect(text).toContain('log.test.ts');
    expect(text).not.toContain('Odalys');
    expect([faultNumbered('471'), faultNumbered('472')]).toEqual(['disk-full', null]);
  });
});
