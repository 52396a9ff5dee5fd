import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const lines = readFileSync('README.md', 'utf8').split('\n');

describe('the README', () => {
  it('is no longer than its budget', () => {
    const most = /^\| `README\.md` \| (\d+) \|$/m.exec(readFileSync('docs/budgets.md', 'utf8'))?.[1];
    expect(Number(most)).toBeGreaterThan(0);
    expect(lines.join(' ').split(/\s+/).filter(Boolean).length).toBeLessThanOrEqual(Number(most));
  });
  it('has whole tables: one that an empty line cuts in two shows its second half as text', () => {
    const begins = lines.flatMap((line, i) => (line.startsWith('|') && !lines[i - 1]?.startsWith('|') ? [i] : []));
    expect(begins.length).toBeGreaterThan(0);
    for (const i of begins) expect(lines[i + 1], `line ${i + 1}`).toMatch(/^\|(\s*:?-+:?\s*\|)+$/);
  });
});

describe('what it is built with', () => {
  it('names its licence, or the page of licences does', () => {
    const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
      readonly packages: Readonly<Record<string, { readonly license?: string }>>;
    };
    const page = readFileSync('docs/licences.md', 'utf8');
    const named = Object.entries(packages).filter(([name]) => name !== '');
    expect(named.length).toBeGreaterThan(300);
    const without = named.filter(([, { license }]) => !license).map(([name]) => name.replace(/^.*node_modules\//, ''));
    expect(without.filter((name) => !page.includes(`\`${name}\``))).toEqual([]);
  });
});
