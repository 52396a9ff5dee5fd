/**
 * Kills the shop's own server at random moments while people write by its actions, starts it again on the same file, and looks for what each
 * acknowledged write said: lots, losses, counts, holds, settings, refusals of batches, letters. It wants a build
 * (`npm run build`). `npm run kill-server -- [kills] [seed]`; ends with status 1 where something was lost or half.
 */
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { MONDAY_MORNING, makeShop } from '../e2e/shop';
import { verify } from '../src/data/safe/backup';
import { restore } from '../src/data/safe/restore';
import { asPage } from './address';

const KILLS = Number(process.argv[2] ?? 30);
let seed = Number(process.argv[3] ?? 7);
/** A small generator, so that a run can be had again by its seed. */
const random = (): number => {
  seed = (seed * 1_664_525 + 1_013_904_223) % 4_294_967_296;
  return seed / 4_294_967_296;
};
/** A server that is up writes for at most so long before it is killed, ms. */
const LONGEST_MS = 2500;

type Action = { readonly workers: Readonly<Record<string, unknown>>; readonly filename: string; readonly exportedName: string };
const manifest = JSON.parse(readFileSync('.next/server/server-reference-manifest.json', 'utf8')) as {
  readonly node: Readonly<Record<string, Action>>;
};
const actions = Object.entries(manifest.node);

/** Where an action of a file is asked: its id, and a page that has it. */
function actionOf(file: string, name: string): { readonly id: string; readonly page: string } {
  const [id, known] = actions.find(([, one]) => one.filename === file && one.exportedName === name) ?? [];
  if (!id || !known) throw new Error(`The build has no action ${name} of ${file}.`);
  const parts = (Object.keys(known.workers)[0] ?? '').split('/').slice(1, -1);
  return {
    id,
    page: `/${parts
      .filter((part) => !part.startsWith('('))
      .map((part) => (part.startsWith('[') ? '1' : part))
      .join('/')}`,
  };
}

const shop = makeShop({ demo: true, at: MONDAY_MORNING });
const file = path.join(shop.folder, 'shop.sqlite');
await shop.start();
const headers = asPage(shop.url);

/** Whether the shop said that it is done. No answer is none. */
async function done(where: string, name: string, input: object): Promise<boolean> {
  const { id, page } = actionOf(where, name);
  try {
    const answer = await fetch(`${shop.url}${page}`, {
      method: 'POST',
      headers: { ...headers, 'next-action': id, 'content-type': 'text/plain;charset=UTF-8', accept: 'text/x-component' },
      body: JSON.stringify([input]),
      redirect: 'manual',
    });
    return /"ok":true/.test(await answer.text());
  } catch {
    return false;
  }
}

const read = <T>(run: (raw: Database.Database) => T): T => {
  const raw = new Database(file, { readonly: true });
  try {
    return run(raw);
  } finally {
    raw.close();
  }
};
const one = (sql: string, ...values: unknown[]): unknown =>
  read((raw) =>
    raw
      .prepare(sql)
      .pluck()
      .get(...values),
  );

const LOTS = 'src/features/stores/lot-actions.ts';
/** The demo's first lot: pieces that were sold came from it. */
const SOLD_FROM = 1;
const [lossLot, countLot, holdLot] = read((raw) =>
  raw
    .prepare(
      "select l.id from lot l join movement m on m.lot_id = l.id where l.kind = 'bought' group by l.id having sum(m.grams) > 400 and l.id > 1 order by l.id limit 3",
    )
    .pluck()
    .all(),
) as [number, number, number];

/** A kind of write: what is said, and whether it stands in the file; a kind that has nothing left to write says null. */
type Write = { readonly say: () => Promise<boolean>; readonly stands: () => boolean };
const KINDS: Readonly<Record<string, (n: number) => Write | null>> = {
  lot: (n) => ({
    say: () =>
      done('src/features/stores/actions.ts', 'saveLot', {
        ...{
          ingredientId: 'beeswax',
          readyMadeId: null,
          amount: '1 kg',
          ounce: null,
          supplier: '',
          supplierCode: '',
          openedOn: '',
        },
        ...{ bestBefore: '', within: '', place: '', price: '', note: `kill ${n}`, forTools: false },
      }),
    stands: () => one('select count(*) from lot l join movement m on m.lot_id = l.id where l.note = ?', `kill ${n}`) === 1,
  }),
  loss: (n) => ({
    say: () => done(LOTS, 'saveLoss', { lotId: lossLot, amount: `${(n / 10_000).toFixed(4)} g` }),
    stands: () => one('select count(*) from movement where lot_id = ? and abs(grams + ?) < 1e-9', lossLot, n / 10_000) === 1,
  }),
  count: (n) => ({
    say: () => done(LOTS, 'saveStockTake', { found: { [countLot]: `${300 + n / 1000} g` } }),
    stands: () => {
      let left = 0;
      const moves = read((raw) =>
        raw.prepare('select grams from movement where lot_id = ? order by id').pluck().all(countLot),
      ) as number[];
      return moves.some((grams) => {
        left += grams;
        return Math.abs(left - (300 + n / 1000)) < 1e-6;
      });
    },
  }),
  hold: (n) => ({
    say: () => done(LOTS, 'hold', { lotId: holdLot, reason: `kill ${n}` }),
    stands: () => one('select count(*) from hold where reason = ?', `kill ${n}`) === 1,
  }),
  settings: (n) => ({
    say: () =>
      done('src/features/guide/actions.ts', 'saveNumbers', {
        version: one('select version from shop'),
        emergency: String(n),
        poison: '',
      }),
    // What was said later stands in its place.
    stands: () => Number(one('select emergency_number from shop')) >= n,
  }),
  refusal: (n) => {
    const batchId = one(
      'select b.id from batch b where b.cancelled_at is null and exists (select 1 from piece p where p.batch_id = b.id) and not exists (select 1 from "release" r where r.batch_id = b.id) and not exists (select 1 from trial_treatment t where t.batch_id = b.id) limit 1',
    );
    if (batchId === undefined || n % 4 !== 0) return null;
    const refusal = { next: 'reject', way: null };
    return {
      say: () =>
        done('src/features/release/actions.ts', 'decide', {
          batchId,
          outcome: 'refused',
          signed: [],
          reason: `kill ${n}`,
          refusal,
        }),
      stands: () => one('select count(*) from "release" where batch_id = ?', batchId) === 1,
    };
  },
  // A lot that sold pieces hold is held for a new reason; a letter to each owner is drafted, by that hold.
  letters: (n) => {
    const drafted = (): number =>
      Number(one('select count(*) from outbox where ordinal = -(select id from hold where reason = ?)', `letters ${n}`));
    return {
      say: async () => {
        await done(LOTS, 'lift', { lotId: SOLD_FROM, why: 'once more' });
        return (
          (await done(LOTS, 'hold', { lotId: SOLD_FROM, reason: `letters ${n}` })) &&
          (await done('src/features/stores/actions.ts', 'draftLetters', { lotId: SOLD_FROM }))
        );
      },
      stands: () => drafted() > 0,
    };
  },
};

const acked: { readonly kind: string; readonly n: number; readonly stands: () => boolean }[] = [];
const tried: Record<string, number> = {};
let [n, lost, half, kills] = [0, 0, 0, 0];
for (let run = 0; run < KILLS; run++) {
  let isUp = true;
  const endAfter = (ms: number): Promise<void> =>
    new Promise((ended) => setTimeout(ended, ms)).then(() => {
      isUp = false;
      return shop.kill();
    });
  // The clock starts with the first answer, not while the server still loads what it needs for it.
  let ending: Promise<void> | null = null;
  while (isUp) {
    n++;
    const names = Object.keys(KINDS);
    const kind = names[Math.floor(random() * names.length)] ?? 'lot';
    const write = KINDS[kind]?.(n);
    if (!write) continue;
    if (await write.say()) {
      acked.push({ kind, n, stands: write.stands });
      tried[kind] = (tried[kind] ?? 0) + 1;
      ending ??= endAfter(50 + random() * LONGEST_MS);
    }
  }
  await ending;
  kills++;
  // As it was left, its log beside it: what a copied folder of a stopped server is.
  if (!verify(file).ok) half++;
  await shop.start();
  const sound = read((raw) => [
    raw.pragma('integrity_check', { simple: true }),
    (raw.pragma('foreign_key_check') as unknown[]).length,
  ]);
  if (sound[0] !== 'ok' || sound[1] !== 0) half++;
  half += Number(one('select count(*) from lot l where not exists (select 1 from movement m where m.lot_id = l.id)'));
  for (const ack of acked.filter(({ stands }) => !stands())) {
    lost++;
    console.log(`run ${run}: lost ${ack.kind} ${ack.n}`);
  }
}
await shop.kill();
// The whole folder carried elsewhere opens there with all that was acknowledged.
const carried = mkdtempSync(path.join(tmpdir(), 'rendle-carried-'));
cpSync(shop.folder, carried, { recursive: true });
const lots = `select count(*) from lot where note like 'kill %'`;
const before = one(lots);
restore(path.join(carried, 'shop.sqlite'), path.join(carried, 'again'), 'x');
const raw = new Database(path.join(carried, 'again', 'shop.sqlite'), { readonly: true });
if (raw.prepare(lots).pluck().get() !== before) half++;
raw.close();
rmSync(carried, { recursive: true, force: true });
await shop.remove();
console.log(
  `${kills} kills of the server, ${acked.length} acknowledged (${Object.entries(tried)
    .map(([kind, count]) => `${count} ${kind}`)
    .join(', ')}): ${lost} lost, ${half} half`,
);
process.exit(lost + half > 0 || acked.length === 0 ? 1 : 0);
