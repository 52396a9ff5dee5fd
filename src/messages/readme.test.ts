import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

/** What is read as it renders: the README, and every page of the docs that is written by hand. */
const PAGES = [
  'README.md',
  'CONTRIBUTING.md',
  ...['tour', 'running', 'scripting', 'promises', 'state'].map((page) => `docs/${page}.md`),
];
const linesOf = (page: string): readonly string[] => readFileSync(page, 'utf8').split('\n');
const wordsIn = (text: string): number => text.split(/\s+/).filter(Boolean).length;
const linksIn = (page: string): readonly string[] =>
  [...readFileSync(page, 'utf8').matchAll(/\]\(([^)#]+)(?:#[^)]*)?\)/g)]
    .map(([, to]) => to as string)
    .filter((to) => !/^[a-z]+:/.test(to));

describe('the README', () => {
  it('is no longer than its budget', () => {
    const most = /^\| `README\.md` \| (\d+) \|$/m.exec(readFileSync('docs/budgets.md', 'utf8'))?.[1];
    expect(Number(most)).toBeGreaterThan(0);
    expect(wordsIn(readFileSync('README.md', 'utf8'))).toBeLessThanOrEqual(Number(most));
  });
  it('leads to every picture, itself or by the tour', () => {
    const shown = ['README.md', 'docs/tour.md'].flatMap((page) => linksIn(page).map((to) => path.basename(to)));
    const pictures = readdirSync('docs/screenshots');
    expect(pictures.length).toBeGreaterThan(10);
    expect(pictures.filter((picture) => !shown.includes(picture))).toEqual([]);
  });
});

describe.each(PAGES)('%s', (page) => {
  it('has whole tables: one that an empty line cuts in two shows its second half as text', () => {
    const lines = linesOf(page);
    const begins = lines.flatMap((line, i) => (line.startsWith('|') && !lines[i - 1]?.startsWith('|') ? [i] : []));
    for (const i of begins) expect(lines[i + 1], `line ${i + 1}`).toMatch(/^\|(\s*:?-+:?\s*\|)+$/);
  });
  it('leads to what is there', () => {
    const gone = linksIn(page).filter((to) => !existsSync(path.join(path.dirname(page), to)));
    expect(gone).toEqual([]);
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
