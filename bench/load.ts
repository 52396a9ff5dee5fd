/**
 * A busy day at once. Twenty tablets look every twenty seconds; first slips are drawn and a logger's file of 50,000 rows is taken in, then
 * three writers join and another such file comes. `npm run load` says how long answers took, in the middle and for all but one in twenty, as
 * they are; it ends with status 1 where something that was acknowledged is lost, or somebody was not answered.
 */
import { createHash } from 'node:crypto';
import path from 'node:path';
import { chromium } from '@playwright/test';
import Database from 'better-sqlite3';
import { makeShop } from '../e2e/shop';
import { keptIn } from '../src/data/files';
import { asPage } from './address';
import { AT, fill, STEPS } from './shed';

const [TABLETS, LOOK_EVERY_MS, WRITE_EVERY_MS, ROWS, BATCHES] = [20, 20_000, 5000, 50_000, 30] as const;

const shop = makeShop({ demo: false, at: new Date(AT).toISOString() });
const file = path.join(shop.folder, 'shop.sqlite');
fill(file, BATCHES);
await shop.start();
const headers = asPage(shop.url);
const wait = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** How long answers took: while only read, while read and written. */
type Times = { readonly reading: number[]; readonly writing: number[] };
const looks: Times = { reading: [], writing: [] };
const writes: Times = { reading: [], writing: [] };
let [isImporting, isWriting, isOver, failed] = [false, false, false, 0];
async function timed<T>(times: Times, run: () => Promise<T>): Promise<T> {
  const from = performance.now();
  try {
    return await run();
  } finally {
    if (isWriting) times.writing.push(performance.now() - from);
    else if (isImporting) times.reading.push(performance.now() - from);
  }
}

async function look(tablet: number): Promise<void> {
  await wait((tablet * LOOK_EVERY_MS) / TABLETS);
  const pages = ['/', '/work', '/work/31-006', '/cure', '/stores'];
  for (let n = tablet; !isOver; n++) {
    const page = await timed(looks, () =>
      fetch(`${shop.url}${pages[n % pages.length]}`, { headers }).then((answer) => answer.text().then(() => answer)),
    );
    if (!page.ok) {
      failed++;
      console.log(page.status, page.url);
    }
    await wait(LOOK_EVERY_MS);
  }
}

const records: string[] = [];
/** Records the next step of one batch after another, as a tablet does; what was acknowledged is kept to be looked for. */
async function record(writer: number): Promise<void> {
  const raw = new Database(file, { readonly: true });
  const open = raw
    .prepare("select distinct batch_id as id from log_entry where client_id like 'bench-%' order by 1")
    .pluck()
    .all() as number[];
  const done = raw.prepare('select count(*) from log_entry where batch_id = ?').pluck();
  const mine = open.filter((_, i) => i % 2 === writer);
  const next = mine.flatMap((id) => STEPS.slice(done.get(id) as number).map((task) => [id, task] as const));
  raw.close();
  for (const [batchId, task] of next) {
    if (isOver) return;
    const clientId = `load-${batchId}-${task}`;
    const body = JSON.stringify({
      clientId,
      batchId,
      task,
      at: AT + records.length,
      device: `writer-${writer}`,
      deviceSequence: 1,
      queued: true,
    });
    const answer = await timed(writes, () =>
      fetch(`${shop.url}/api/log`, { method: 'POST', headers: { ...headers, 'content-type': 'application/json' }, body }).then(
        (one) => one.json(),
      ),
    );
    if ((answer as { readonly ok: boolean }).ok) records.push(clientId);
    await wait(WRITE_EVERY_MS);
  }
}

/** Has slips drawn, one after another. */
async function draw(): Promise<void> {
  const care = await (await fetch(`${shop.url}/care`, { headers })).text();
  const slips = [...new Set([...care.matchAll(/\/slip\/(\w+)/g)].map((found) => found[1]))];
  for (let n = 0; !isOver; n++) {
    const asked = `size=A6&lang=${['en', 'de', 'fr', 'es'][n % 4]}`;
    await (await fetch(`${shop.url}/slip/${slips[n % slips.length]}/pdf?${asked}`, { headers })).arrayBuffer();
    await wait(WRITE_EVERY_MS);
  }
}

const papers: string[] = [];
/** Keeps papers of a lot, one after another. */
async function keep(): Promise<void> {
  for (let n = 0; !isOver; n++) {
    const bytes = Buffer.concat([Buffer.from('%PDF-1.7\n'), Buffer.alloc(400_000, `paper ${n}`)]);
    const form = new FormData();
    form.set('lot', '1');
    form.set('file', new File([bytes], `paper-${n}.pdf`));
    const answer = await timed(writes, () => fetch(`${shop.url}/api/declaration`, { method: 'POST', headers, body: form }));
    if (answer.ok) papers.push(createHash('sha256').update(bytes).digest('hex'));
    else failed++;
    await wait(WRITE_EVERY_MS);
  }
}

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'],
});
const csvRow = (i: number): string =>
  `${new Date(AT - (i + 2) * 900_000).toISOString()},${(17 + 3 * Math.sin(i / 96)).toFixed(2)},${(52 + (i % 9)).toFixed(1)}`;
const csv = Buffer.from(['time,temperature °C,humidity %', ...Array.from({ length: ROWS }, (_, i) => csvRow(i))].join('\n'));

/** Takes a logger's file of several years in, through the page as a person does. */
async function importReadings(place: number): Promise<void> {
  const page = await browser.newPage();
  await page.context().addCookies([{ name: 'rendle-person', value: '1', url: shop.url }]);
  await page.goto(`${shop.url}/cure`);
  await page.getByRole('button', { name: 'Readings in' }).nth(place).click();
  isImporting = true;
  await page.locator('input[type=file]').last().setInputFiles({ name: 'logger.csv', mimeType: 'text/csv', buffer: csv });
  await page.getByRole('button', { name: /^Keep \d+ readings$/ }).click({ timeout: 120_000 });
  await page.getByText(/\d+ saved/).waitFor({ timeout: 120_000 });
  isImporting = false;
  await page.close();
}

const tablets = Array.from({ length: TABLETS }, (_, i) => look(i));
const drawn = draw();
await wait(LOOK_EVERY_MS);
const from = performance.now();
await importReadings(2);
const seconds = (performance.now() - from) / 1000;
isWriting = true;
const writers = [record(0), record(1), keep()];
await Promise.all([importReadings(1), wait(LOOK_EVERY_MS * 1.5)]);
isOver = true;
await Promise.race([Promise.all([...tablets, ...writers, drawn]), wait(LOOK_EVERY_MS + 5000)]);
await browser.close();
await shop.kill();

const raw = new Database(file, { readonly: true });
const has = raw.prepare('select 1 from log_entry where client_id = ?');
const paper = raw.prepare('select 1 from declaration where hash = ?');
const lost =
  records.filter((id) => !has.get(id)).length +
  papers.filter((hash) => !paper.get(hash) || keptIn(path.join(shop.folder, 'files'), hash).state !== 'whole').length;
const readings = raw.prepare("select count(*) from room_reading where client_id like 'logger-%'").pluck().get() as number;
raw.close();
await shop.remove();

const at = (times: readonly number[], share: number): string => {
  const sorted = [...times].sort((a, b) => a - b);
  return (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0).toFixed(0).padStart(6);
};
const row = (name: string, times: readonly number[]): void =>
  console.log(`${name.padEnd(44)} ${String(times.length).padStart(5)} ${at(times, 0.5)} ${at(times, 0.95)} ${at(times, 1)}`);
console.log(`${TABLETS} tablets, ${BATCHES} open batches, slips drawn        count p50 ms p95 ms  worst`);
row(`looks, ${ROWS} readings coming in (${seconds.toFixed(0)} s)`, looks.reading);
row('looks, as many again and three writers', looks.writing);
row('writes', writes.writing);
console.log(
  `${records.length} records and ${papers.length} papers acknowledged, ${lost} lost; ${readings} readings kept; ${failed} refused`,
);
process.exit(lost + failed > 0 || readings < 2 * ROWS ? 1 : 0);
