import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import Database from 'better-sqlite3';
import type { Shop, WarmServer } from './shop';

/** What a view weighs, in counts that a busy machine does not move. */
export const COUNTS = ['html', 'payload', 'script', 'sqlFirst', 'sqlAgain', 'nodes', 'words'] as const;
export type Count = (typeof COUNTS)[number];
export type Weight = Readonly<Record<Count, number>>;

const KB = 1000;
const NEXT = path.resolve(import.meta.dirname, '../.next');
const gzipped = new Map<string, number>();

/** Bytes of a script as a browser is sent it. */
function scriptBytes(url: string): number {
  const file = new URL(url).pathname.replace('/_next/', '');
  if (!gzipped.has(file)) gzipped.set(file, gzipSync(readFileSync(path.join(NEXT, file))).length);
  return gzipped.get(file) ?? 0;
}

/** Any write drops what the server has read: what follows is the first view after a record. */
function touch(folder: string): void {
  const file = new Database(path.join(folder, 'shop.sqlite'));
  file.exec('update shop set name = name');
  file.close();
}

/** Words on the screen as it opens, nothing unfolded and nothing scrolled. */
const visibleWords = (page: Page): Promise<number> =>
  page.evaluate(() => {
    let words = 0;
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const within = node.parentElement;
      if (!within || within.closest('script, style, noscript, option, svg title')) continue;
      if (!within.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true })) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const box = range.getBoundingClientRect();
      // What only a screen reader is told is a dot of one pixel.
      if (box.width < 2 || box.height < 2 || box.bottom <= 0 || box.top >= innerHeight || box.right <= 0) continue;
      words += (node.textContent ?? '').split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length;
    }
    return words;
  });

/** Waits until the server does nothing more for the page before: what it runs would be counted for this one. */
async function atRest(warm: WarmServer): Promise<void> {
  for (let before = -1, now = await warm.statements(); before !== now; ) {
    await new Promise((resolve) => setTimeout(resolve, 300));
    [before, now] = [now, await warm.statements()];
  }
}

/** Opens a view and weighs it; it stays open. */
export async function weigh(page: Page, view: string, shop: Shop, warm: WarmServer): Promise<Weight> {
  await page.goto('about:blank');
  const answerOf = async (): Promise<{ readonly text: string; readonly sql: number }> => {
    const before = await warm.statements();
    const text = await (await page.request.get(shop.url + view)).text();
    return { text, sql: (await warm.statements()) - before };
  };
  await atRest(warm);
  // Twice, and the lesser counts: once in some minutes the plan is made anew, whoever asks. On a busy machine that may hit both: then up to
  // three times more.
  const [first, again] = [[] as number[], [] as number[]];
  let text = '';
  const [mostFirst, mostAgain] = [COUNTS.indexOf('sqlFirst'), COUNTS.indexOf('sqlAgain')].map(
    (i) => budgets().get(view)?.[i] ?? Infinity,
  );
  const isOver = (): boolean => Math.min(...first) > (mostFirst ?? Infinity) || Math.min(...again) > (mostAgain ?? Infinity);
  for (let i = 0; i < 2 || (i < 5 && isOver()); i++) {
    touch(shop.folder);
    first.push((await answerOf()).sql);
    const last = await answerOf();
    again.push(last.sql);
    text = last.text;
  }
  const scripts = new Set<string>();
  const note = (request: { resourceType: () => string; url: () => string }): void => {
    if (request.resourceType() === 'script' && request.url().includes('/_next/static/')) scripts.add(request.url());
  };
  page.on('request', note);
  await page.goto(view, { waitUntil: 'networkidle' });
  page.off('request', note);
  const payload = [...text.matchAll(/<script[^>]*>self\.__next_f\.push\((.*?)\)<\/script>/gs)].map((match) => match[1] ?? '');
  return {
    html: Buffer.byteLength(text) / KB,
    payload: Buffer.byteLength(payload.join('')) / KB,
    script: [...scripts].reduce((sum, url) => sum + scriptBytes(url), 0) / KB,
    sqlFirst: Math.min(...first),
    sqlAgain: Math.min(...again),
    nodes: await page.evaluate(() => document.querySelectorAll('*').length),
    words: await visibleWords(page),
  };
}

/** To what each count is rounded up, with so much above today's figure that a minute on the clock does not move it over the edge. */
const ROUNDS: Readonly<Record<Count, { readonly to: number; readonly above: number }>> = {
  html: { to: 1, above: 0.5 },
  payload: { to: 1, above: 0.5 },
  script: { to: 1, above: 0.2 },
  sqlFirst: { to: 5, above: 2 },
  sqlAgain: { to: 5, above: 2 },
  nodes: { to: 10, above: 5 },
  words: { to: 10, above: 8 },
};
const roundedUp = (count: Count, figure: number): number =>
  Math.ceil((figure + ROUNDS[count].above) / ROUNDS[count].to) * ROUNDS[count].to;

const TABLE = path.resolve(import.meta.dirname, '../docs/budgets.md');
const rowOf = /^\| `([^`]+)` \|(.*)\|$/;

/** The budgets by view, as their table has them. */
export const budgets = (): ReadonlyMap<string, readonly number[]> =>
  new Map(
    readFileSync(TABLE, 'utf8')
      .split('\n')
      .flatMap((line) => {
        const [, view, cells] = rowOf.exec(line) ?? [];
        return view && cells ? [[view, cells.split('|').map(Number)] as const] : [];
      }),
  );

/** What a view weighs more than its budget; a view without one is named. */
export function overBudget(view: string, figures: readonly number[], names: readonly string[]): string[] {
  const allowed = budgets().get(view);
  if (!allowed || allowed.length !== names.length) return [`${view} has no budget in docs/budgets.md`];
  return names.flatMap((name, i) => {
    const [figure, most] = [figures[i] ?? 0, allowed[i] ?? 0];
    return figure > most ? [`${view}: ${name} ${Math.ceil(figure * 10) / 10}, budget ${most}`] : [];
  });
}

/** With BUDGETS=write a view's row says what it weighs now, rounded up. */
export function writeBudget(view: string, figures: readonly number[]): void {
  const row = `| \`${view}\` | ${figures.join(' | ')} |`;
  const text = readFileSync(TABLE, 'utf8');
  const old = text.split('\n').find((line) => line.startsWith(`| \`${view}\` |`));
  if (old) writeFileSync(TABLE, text.replace(old, row));
}
export const rounded = (weight: Weight): number[] => COUNTS.map((count) => roundedUp(count, weight[count]));
