import 'server-only';
import { MS_PER_MINUTE } from '@/core/quantity';
import { shipRegimens } from '@/data/catalogue/regimens';
import { draftJudgedLetters } from '@/data/mail/write';
import { sweepCarried } from '@/data/safe/carried';
import { LETTER_WORDS } from '@/messages/letters';
import { lookUpHere, reads } from '@/web/here';
import { hereOfRequest } from '@/web/here-of-request';
import { dateOf, MS_PER_DAY } from './core/quantity';
import { now } from './data/clock';
import { database, migrateFile } from './data/db';
import { hasPasscode, isPasscode, setPasscode } from './data/door/passcode';
import { bringUpToFacts } from './data/facts/facts';
import { shopFile } from './data/files';
import { log } from './data/log';
import { copiesOf, copyOfDay } from './data/safe/daily';
import { openOrLeave } from './data/safe/opening';
import { setDamage, soundness } from './data/safe/sound';
import { clockDoubt } from './data/shop/clock-doubt';
import { findShop } from './data/shop/queries';
import { postRound } from './features/care/post-round';
import { sayIssue } from './messages';
import { inThread, readyThread } from './web/thread';

const POST_EVERY_MS = 5 * MS_PER_MINUTE;
/** The day's copy is looked for a minute after the start, and every quarter of an hour. */
const COPY_AFTER_MS = MS_PER_MINUTE;
const COPY_EVERY_MS = 15 * MS_PER_MINUTE;
/** The first page goes first; then the thread that draws slips gets ready. */
const PAPER_AFTER_MS = 2000;
/** The thread that plans is small. */
const PLAN_AFTER_MS = 300;

function leave(words: string): never {
  console.error(words);
  process.exit(2);
}

/** Keeps the passcode that was given at the start; a shop that is open to the network without one ends in words. */
async function openDoor(): Promise<void> {
  const { RENDLE_LAN, RENDLE_PASSCODE } = process.env;
  delete process.env.RENDLE_PASSCODE;
  if (RENDLE_LAN !== '1') return;
  const db = database();
  if (RENDLE_PASSCODE && !(await isPasscode(db, RENDLE_PASSCODE))) {
    const set = await setPasscode(db, RENDLE_PASSCODE, now());
    if (!set.ok) leave(set.issues.map((one) => sayIssue(one, reads())).join(' '));
    log({ what: 'new passcode', by: 'start' });
  }
  if (!hasPasscode(db)) leave('Set a passcode first: RENDLE_PASSCODE=… bin/start --lan');
}

/** The copy of the day, made in a thread; the demo shed is made anew at will and needs none. */
async function copyShop(): Promise<void> {
  const shop = findShop(database());
  if (!shop || shop.isDemo || clockDoubt(database(), now())) return;
  const file = shopFile();
  const where = copiesOf(file);
  try {
    if (await inThread('data', 'copyOfDay', [file, where, dateOf(now(), shop.zone), now()], copyOfDay))
      log({ what: 'copy made', where });
  } catch (fault) {
    const why = fault instanceof Error ? fault.message : String(fault);
    log({ what: 'copy failed', where, why });
    console.error('The daily copy:', why);
  }
}

/** The file is looked over in a thread while the shop goes on. */
async function look(): Promise<void> {
  const damage = await inThread('data', 'soundness', [shopFile()], soundness);
  setDamage(damage);
  for (const why of damage) log({ what: 'damaged', where: shopFile(), why });
}

/** Rounds that go by themselves while the shop is open: the post, and a copy a day. One that fails is told and tried again. */
function beginRounds(): void {
  const post = (): void => {
    if (findShop(database()) && !clockDoubt(database(), now()))
      void postRound(database(), now()).catch((error) => console.error('The post:', error));
  };
  setInterval(post, POST_EVERY_MS).unref();
  // Once a day, and soon after a start.
  const looked = (): void => void look().catch((error) => console.error('Looking the file over:', error));
  setTimeout(() => readyThread('plan'), PLAN_AFTER_MS).unref();
  // A shop that is opened for a few seconds, as by a test, loads it when paper is asked for.
  if (process.env.RENDLE_PAPER !== 'when asked') setTimeout(() => readyThread('paper'), PAPER_AFTER_MS).unref();
  setTimeout(looked, COPY_AFTER_MS).unref();
  setInterval(looked, MS_PER_DAY).unref();
  setTimeout(copyShop, COPY_AFTER_MS).unref();
  setInterval(copyShop, COPY_EVERY_MS).unref();
}

/** Opens the shop: takes its folder, brings its file up to date, and sets going what goes by itself. All before the first page. */
export async function openShop(): Promise<void> {
  openOrLeave(shopFile());
  const before = migrateFile(shopFile(), new Date().toISOString().replace(/[:.]/g, '-'));
  if (before) console.log(`The shop's file was copied to ${before} before it was brought up to date.`);
  log({ what: 'started', port: process.env.RENDLE_PORT ?? '' });
  sweepCarried();
  lookUpHere(hereOfRequest);
  await openDoor();
  const db = database();
  const doubt = clockDoubt(db, now());
  if (doubt) {
    const why = `the clock says ${new Date(now()).toISOString()}, the newest record is of ${new Date(doubt.newestMs).toISOString()}`;
    log({ what: 'clock', why });
    console.error(`${why}: nothing is dated until someone says on Today whether the clock is right.`);
  }
  // A file of an earlier version gets the regimens that have come since.
  if (findShop(db)) shipRegimens(db, now());
  // What is known may have changed since this file was last open: what that touches is held, listed and told once.
  if (!doubt) bringUpToFacts(db, now());
  // Each is drafted once; a shop that was cut off between the two is caught up.
  if (!doubt) draftJudgedLetters(db, LETTER_WORDS, now());
  beginRounds();
}
