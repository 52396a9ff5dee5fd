import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { test as base, expect, type Locator, type Page } from '@playwright/test';

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

async function answers(url: string): Promise<boolean> {
  try {
    return (await fetch(url, { redirect: 'manual' })).status < 500;
  } catch {
    return false;
  }
}

/** Waits until a server answers. */
async function untilAnswers(url: string): Promise<void> {
  for (let i = 0; i < 1000 && !(await answers(url)); i++) await new Promise((resolve) => setTimeout(resolve, 150));
}

async function ended(server: ChildProcess | null, signal: NodeJS.Signals): Promise<void> {
  if (!server || server.exitCode !== null || server.signalCode !== null) return;
  const gone = new Promise((resolve) => server.once('exit', resolve));
  server.kill(signal);
  await gone;
}

const serve = (env: NodeJS.ProcessEnv): ChildProcess =>
  spawn('node', ['bin/lib/serve.mjs'], { cwd: HOME, env, stdio: ['ignore', 'ignore', 'inherit'] });

const clockOf = (folder: string): string => path.join(folder, 'clock');
const setClockOf = (folder: string, to: number): void => writeFileSync(clockOf(folder), String(to - Date.now()));

const environmentOf = (folder: string, port: string, more: Wish['environment'] = {}): NodeJS.ProcessEnv => ({
  ...process.env,
  NODE_ENV: 'production',
  RENDLE_DATA: folder,
  RENDLE_CLOCK_FILE: clockOf(folder),
  RENDLE_PORT: port,
  RENDLE_PAPER: 'when asked',
  ...more,
});

/** Where the shops of a day stand that every test of that day begins with: one for all workers of a run. */
export const shedsOf = (run: number): string => path.join(tmpdir(), `rendle-sheds-${run}`);
const isRunner = process.env.TEST_WORKER_INDEX === undefined;
const SHEDS = shedsOf(isRunner ? process.pid : process.ppid);
if (isRunner) process.once('exit', () => rmSync(SHEDS, { recursive: true, force: true }));

/** A shop of a day, told and opened once by a server, and copied for every test of that day. */
async function shed({ demo, at }: Wish): Promise<string> {
  const folder = path.join(SHEDS, `${demo ? 'demo' : 'empty'}-${at.replace(/\W/g, '')}`);
  const ready = `${folder}.ready`;
  mkdirSync(SHEDS, { recursive: true });
  try {
    mkdirSync(folder);
  } catch {
    // Another worker makes it.
    while (!existsSync(ready)) await new Promise((resolve) => setTimeout(resolve, 200));
    return folder;
  }
  setClockOf(folder, Date.parse(at));
  const port = String(nextPort++);
  const env = environmentOf(folder, port);
  if (demo) execFileSync(path.join(HOME, 'bin/rendle'), ['demo'], { env, stdio: 'inherit' });
  const server = serve(env);
  await untilAnswers(`http://localhost:${port}`);
  await ended(server, 'SIGTERM');
  writeFileSync(ready, '');
  return folder;
}

/** A server that a worker of the runner keeps from test to test: each hands it a folder of its own, as if it had been started there. */
export type WarmServer = {
  readonly port: string;
  readonly open: (folder: string) => Promise<void>;
  /** How many statements it has run so far. */
  readonly statements: () => Promise<number>;
  readonly end: () => Promise<void>;
};

function warmServer(): WarmServer {
  const port = String(nextPort++);
  let server: ChildProcess | null = null;
  const told = (of: ChildProcess): Promise<unknown> => new Promise((resolve) => of.once('message', resolve));
  return {
    port,
    statements: async () => {
      if (!server?.connected) throw new Error('No warm server is open.');
      const answer = told(server);
      server.send('statements');
      return ((await answer) as { readonly statements: number }).statements;
    },
    open: async (folder) => {
      if (server?.connected) {
        const open = told(server);
        server.send({ folder, clock: clockOf(folder) });
        await open;
        return;
      }
      server = spawn('node', ['e2e/warm-server.mjs'], {
        cwd: HOME,
        env: environmentOf(folder, port),
        stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
      });
      await untilAnswers(`http://localhost:${port}`);
    },
    end: async () => {
      await ended(server, 'SIGKILL');
      server = null;
    },
  };
}

/** A shop; with a warm server it is opened there, until it is killed: then it has a server of its own. */
export function makeShop(wish: Wish, warm: WarmServer | null = null): Shop & { readonly remove: () => Promise<void> } {
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-e2e-'));
  const port = warm?.port ?? String(nextPort++);
  const url = `http://localhost:${port}`;
  let server: ChildProcess | null = null;
  let state: 'new' | 'warm' | 'own' = 'new';
  let offset = 0;
  const setClock = (to: Date): void => {
    offset = to.getTime() - Date.now();
    writeFileSync(clockOf(folder), String(offset));
  };
  setClock(new Date(wish.at));
  const kill = async (): Promise<void> => {
    if (state === 'warm') await warm?.end();
    await ended(server, 'SIGKILL');
    server = null;
    state = 'own';
  };
  const start = async (): Promise<void> => {
    if (state === 'new' && (wish.demo || warm)) {
      const from = await shed(wish);
      cpSync(from, folder, { recursive: true, filter: (name) => !/clock$|open\.lock/.test(name) });
    }
    if (state === 'new' && warm) {
      state = 'warm';
      return warm.open(folder);
    }
    state = 'own';
    // Else the test would speak to a stranger: a server that a run cut short left behind.
    if (await answers(url)) throw new Error(`Something answers on port ${port} already. End it first.`);
    server = serve(environmentOf(folder, port, wish.environment));
    await untilAnswers(url);
  };
  return {
    url,
    folder,
    start,
    kill,
    setClock,
    advance: (hours) => {
      offset += hours * HOUR;
      writeFileSync(clockOf(folder), String(offset));
    },
    remove: async () => {
      if (state === 'own') await kill();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** A weekday morning; every test that does not care for the day starts here. */
export const MONDAY_MORNING = '2031-03-03T08:40:00Z';

/** The shop of the test that runs: one at a time in each worker. */
let address = '';

type Options = { readonly wish: Wish };

/** Tests with a shop of their own; `wish` says whether it is the demo shed and what time it is there. */
export const test = base.extend<Options & { shop: Shop }, { warm: WarmServer }>({
  warm: [
    // biome-ignore lint/correctness/noEmptyPattern: the runner reads from it what a fixture needs
    async ({}, use) => {
      const warm = warmServer();
      await use(warm);
      await warm.end();
    },
    { scope: 'worker' },
  ],
  wish: [{ demo: true, at: MONDAY_MORNING }, { option: true }],
  shop: async ({ wish, warm }, use) => {
    const shop = makeShop(wish, wish.environment ? null : warm);
    await shop.start();
    await use(shop);
    await shop.remove();
  },
  baseURL: async ({ shop }, use) => {
    await use(shop.url);
  },
  /** A tap that comes before the page's script has taken over is lost, as it is to a hand; a hand taps again, a test waits. */
  page: async ({ page, shop, javaScriptEnabled }, use) => {
    address = shop.url;
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

/** The device knows that Wren is at it, as after her touch the day before; no page is open yet. */
export async function beWren(page: Page): Promise<void> {
  await page.context().addCookies([{ name: 'rendle-person', value: '1', url: address }]);
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
  '/stores/order',
  '/guide',
  '/guide/oak',
  '/trials',
  '/trials/new',
  '/trials/T31-01',
  '/trials/T31-02',
  '/trials/T31-02/score',
  '/trials/T31-01/sheet',
  '/cost?piece=1&wood=sycamore',
  '/guide/overnight-dwell',
  '/guide/sticky-after-a-week',
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

/** Touches one of the tiles that stand for woods, pieces or finishes; where it is not in sight yet, all are asked for first. */
export async function tile(page: Page, asks: 'Piece' | 'Wood' | 'Finish', name: string): Promise<void> {
  const one = page.getByRole('radiogroup', { name: asks }).getByRole('radio', { name: new RegExp(`^(● )?${name}`) });
  if ((await one.count()) === 0)
    await page.getByRole('button', { name: { Piece: / designs$/, Wood: / woods$/, Finish: / regimens$/ }[asks] }).click();
  await one.check({ force: true });
}

/** Says what is seen on a surface of the piece that is drawn: touches the surface, then what it is. */
export async function seeOn(page: Page, surface: string, what: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${surface}: `) }).click();
  await page
    .getByRole('group', { name: new RegExp(surface) })
    .getByRole('button', { name: what, exact: true })
    .click();
}

/** Types what the scale says and keeps it; the next reading waits until this one is written. */
export async function weighTo(page: Page, reading: string): Promise<void> {
  const field = page.getByLabel('The scale says');
  await expect(field).toHaveValue('');
  await field.fill(reading);
  await page.getByRole('button', { name: 'Weighed', exact: true }).click();
  // It is empty for the next, or gone with the last: asked in one go, for it may go between two questions.
  await expect.poll(() => field.evaluateAll((all) => all.every((one) => (one as HTMLInputElement).value === ''))).toBe(true);
}

/** Answers the question whether it is done so early, where it is asked. */
export async function evenIfEarly(page: Page): Promise<void> {
  await page
    .getByRole('alertdialog')
    .getByRole('button', { name: /early$/ })
    .click();
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
