import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { beginCarrying, sweepCarried } from './carried';
import { newToken, useToken } from './one-time';

const NOW = 1_000_000;

describe('a token for a whole copy', () => {
  it('opens once, soon, and only if it was given', () => {
    const token = newToken(NOW);
    expect([useToken('', NOW), useToken(`${token}x`, NOW)]).toEqual([false, false]);
    expect([useToken(token, NOW + 1000), useToken(token, NOW + 1000)]).toEqual([true, false]);
    expect(useToken(newToken(NOW), NOW + 3_600_000)).toBe(false);
  });
  it('is one of a few: an older one is let go', () => {
    const first = newToken(NOW);
    for (let i = 0; i < 30; i++) newToken(NOW);
    expect(useToken(first, NOW)).toBe(false);
  });
});

describe('a copy on its way out', () => {
  it('is alone, and gone when it has arrived or was broken off', () => {
    const one = beginCarrying();
    expect(beginCarrying()).toBeNull();
    expect(existsSync(one?.folder ?? '')).toBe(true);
    one?.end();
    expect(existsSync(one?.folder ?? '')).toBe(false);
    const next = beginCarrying();
    expect(next).not.toBeNull();
    // An end that comes twice, as of a stream that is closed after a fault, frees nothing of the next.
    one?.end();
    expect(beginCarrying()).toBeNull();
    next?.end();
  });
  it('that a killed server left is swept at the next start; one of a server that runs stays', () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'rendle-sweep-'));
    for (const name of ['rendle-copy-999999999-a', `rendle-copy-${process.pid}-b`, 'other']) mkdirSync(path.join(folder, name));
    sweepCarried(folder);
    expect(readdirSync(folder).sort()).toEqual(['other', `rendle-copy-${process.pid}-b`]);
    rmSync(folder, { recursive: true });
  });
});
