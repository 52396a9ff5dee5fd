import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test as base, type Locator, type Page } from '@playwright/test';

const HOME = path.resolve(import.meta.dirname, '..');
const HOUR = 3_600_000;
/** Each worker of the runner has ports of its own, all of which a browser opens. */
let nextPort = 4300 + (Number(process.env.TEST_WORKER_INDEX ?? 0) % 7) * 100;

/** A shop of its own for one test: its file, its server, and a clock that the test turns. */
export type Shop = {
  readonly url: string;
  readonly folder: string;
  readonly start: () => Promise<void>;
  /** Ends the server at once, as a power cut would. */
  readonly kill: () => Promise<void>;
  /** Moves the shop's clock on by so many hours. */
  readonly advance: (hours: number) => void;
  /** Sets the shop's clock to a moment. */
  readonly setClock: (at: Date) => void;
};

type Wish = { readonly demo: boolean; readonly at: string; readonly environment?: Readonly<Record<string, string>> };

/** The demo shed of a day is made once and copied for every test of that day. */
const sheds = new Map<string, string>();

function demoShed(at: string, env: NodeJS.ProcessEnv): string {
  const known = sheds.get(at);
  if (known && existsSync(known)) return known;
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-shed-'));
  execFileSync(path.join(HOME, 'bin/rendle'), ['demo'], {
    env: { ...env, RENDLE_DATA: folder },
    stdio: 'inherit',
  });
  process.once('exit', () => rmSync(folder, { recursive: true, force: true }));
  sheds.set(at, folder);
  return folder;
}

async function answers(url: string): Promise<boolean> {
  try {
    return (await fetch(url, { redirect: 'manual' })).status < 500;
  } catch {
    return false;
  }
}

export function makeShop({ demo, at, environment = {} }: Wish): Shop & { readonly remove: () => Promise<void> } {
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-e2e-'));
  const clock = path.join(folder, 'clock');
  const port = String(nextPort++);
  const url = `http://localhost:${port}`;
  const env = {
    ...process.env,
    NODE_ENV: 'production',
    RENDLE_DATA: folder,
    RENDLE_CLOCK_FILE: clock,
    RENDLE_PORT: port,
    RENDLE_PAPER: 'when asked',
    ...environment,
  } as NodeJS.ProcessEnv;
  let server: ChildProcess | null = null;
  let offset = 0;
  const write = (): void => writeFileSync(clock, String(offset));
  const setClock = (to: Date): void => {
    offset = to.getTime() - Date.now();
    write();
  };
  setClock(new Date(at));
  if (demo) cpSync(demoShed(at, env), folder, { recursive: true });
  const kill = async (): Promise<void> => {
    const running = server;
    server = null;
    if (!running || running.exitCode !== null) return;
    const ended = new Promise((resolve) => running.once('exit', resolve));
    running.kill('SIGKILL');
    await ended;
  };
  const start = async (): Promise<void> => {
    // Else the test would speak to a stranger: a server that a run cut short left behind.
    if (await answers(url)) throw new Error(`Something answers on port ${port} already. End it first.`);
    server = spawn('node', ['bin/lib/serve.mjs'], { cwd: HOME, env, stdio: ['ignore', 'ignore', 'inherit'] });
    for (let i = 0; i < 200 && !(await answers(url)); i++) await new Promise((resolve) => setTimeout(resolve, 150));
  };
  return {
    url,
    folder,
    start,
    kill,
    setClock,
    advance: (hours) => {
      offset += hours * HOUR;
      write();
    },
    remove: async () => {
      await kill();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** A weekday morning; every test that does not care for the day starts here. */
export const MONDAY_MORNING = '2031-03-03T08:40:00Z';

type Options = { readonly wish: Wish };

/** Tests with a shop of their own; `wish` says whether it is the demo shed and what time it is there. */
export const test = base.extend<Options & { shop: Shop }>({
  wish: [{ demo: true, at: MONDAY_MORNING }, { option: true }],
  shop: async ({ wish }, use) => {
    const shop = makeShop(wish);
    await shop.start();
    await use(shop);
    await shop.remove();
  },
  baseURL: async ({ shop }, use) => {
    await use(shop.url);
  },
  /** A tap that comes before the page's script has taken over is lost, as it is to a hand; a hand taps again, a test waits. */
  page: async ({ page, javaScriptEnabled }, use) => {
    const { goto, reload } = page;
    page.goto = async (...to) => {
      const answer = await goto.apply(page, to);
      if (javaScriptEnabled !== false && to[1]?.waitUntil === undefined) await takenOver(page);
      return answer;
    };
    page.reload = async (...how) => {
      const answer = await reload.apply(page, how);
      if (javaScriptEnabled !== false) await takenOver(page);
      return answer;
    };
    await use(page);
  },
});
export { expect };

/** Waits until the page's script knows its buttons; a page without a script, or without a button, is ready as it is. */
export async function takenOver(page: Page): Promise<void> {
  await page
    .waitForFunction(() => {
      const buttons = [...document.querySelectorAll('button')];
      return (
        !document.querySelector('script[src*="/_next/"]') ||
        buttons.length === 0 ||
        buttons.some((one) => Object.keys(one).some((key) => key.startsWith('__reactProps')))
      );
    })
    // A page that moves on by itself, or whose network is cut, is judged by the test itself.
    .catch(() => undefined);
}

/** Says who is at this device, as a maker does once. */
export async function beWren(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Wren Aldersea' }).click();
  await page.getByRole('button', { name: 'Wren Aldersea', pressed: true }).waitFor();
}

/** Finds an ingredient by a name and takes the first that answers, by the keyboard as at the bench. */
export async function pick(page: Page, label: string, name: string): Promise<void> {
  const field = page.getByRole('combobox', { name: label, exact: true });
  await field.fill(name);
  await page.getByRole('listbox', { name: label, exact: true }).getByRole('option').first().waitFor();
  await field.press('ArrowDown');
  await field.press('Enter');
}

/** The percentage the cure screen shows large. */
export async function readyPercent(page: Page): Promise<number> {
  return Number(
    (
      await page
        .locator('p', { hasText: /^\d+ %$/ })
        .first()
        .innerText()
    ).replace(' %', ''),
  );
}

/** The main views of the demo shed of 2031. */
export const VIEWS = [
  '/',
  '/stores',
  '/blends',
  '/blends/1',
  '/blends/new',
  '/blends/compare?f=1&f=2&f=3&f=4',
  '/convert',
  '/changes',
  '/stores/lots/2',
  '/stores/lots/12',
  '/stores/lots/13/label',
  '/work',
  '/work/new',
  '/work/choose?uses=food-wet&uses=knife&uses=hot-food&owner=unknown&avoid=tree+nut',
  '/work/31-006',
  '/work/31-010',
  '/work/31-013',
  '/work/regimens',
  '/work/regimens/thin-drying',
  '/work/restore',
  '/work/round',
  '/sheet/2031-03-05',
  '/notice/rags',
  '/tags/6',
  '/work/31-006/bench',
  '/cure',
  '/cure/31-002',
  '/release/31-003',
  '/release/31-001',
  '/cure?by=2031-03-12',
  '/care',
  '/returns',
  '/shop',
];

/** Types what the scale says and keeps it; the next reading waits until this one is written. */
export async function weighTo(page: Page, reading: string): Promise<void> {
  const field = page.getByLabel('The scale says');
  await expect(field).toHaveValue('');
  await field.fill(reading);
  await page.getByRole('button', { name: 'Weighed', exact: true }).click();
  // It is empty for the next, or gone with the last: asked in one go, for it may go between two questions.
  await expect.poll(() => field.evaluateAll((all) => all.every((one) => (one as HTMLInputElement).value === ''))).toBe(true);
}

/** Says how the oily cloths lie, and waits until it is kept: an open dialog hides the line behind it, which proves nothing. */
export async function layCloths(
  page: Page,
  way: RegExp,
  hand: (control: Locator) => Promise<void> = (control) => control.click(),
): Promise<void> {
  await hand(page.getByRole('button', { name: 'How do they lie?' }).first());
  // A wipe of a moment ago adds to the line: an answer to what was shown before it is refused, and said again.
  await expect(async () => {
    if ((await page.getByRole('dialog').count()) > 0) await hand(page.getByRole('dialog').getByRole('button', { name: way }));
    await expect(page.getByRole('dialog')).toHaveCount(0, { timeout: 3000 });
  }).toPass();
}
