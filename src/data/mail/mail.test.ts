import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { simpleParser } from 'mailparser';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Language } from '@/core/care';
import type { Post, Worded, Writer } from '@/core/letters';
import { fileFolder } from '@/devices/post';
import { eraseOwner, exportOwner, ownerDataOf, reportCare, seeReport, stopLetters, unseenReports } from '../care/owners';
import { changePlan, setHolder } from '../care/plans';
import { findSold, soldPieces } from '../care/queries';
import type { Db } from '../db';
import { careEvent, carePlan, outbox, owner } from '../schema';
import { holdLot } from '../stores/holds';
import { allLots } from '../stores/queries';
import { demoDb, lettersIn } from '../testing';
import { lettersAbout, lettersPosted, lettersToRead } from './letters';
import { retryLetter, sendLetters } from './send';
import { draftAnswer, draftHoldLetters, settleDrafts, writeAnswer, writeLetters } from './write';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const DAY = 86_400_000;
/** Letters in a few words; the real ones are tested where they are written. */
const words: Writer = {
  look: (about) => ({
    subject: `look ${about.tag}`,
    body: `${about.design} in ${about.language}${about.hasBottle ? ', with a tin' : ''}`,
  }),
  judged: (about, { gates }) => ({ subject: `judged ${about.tag}`, body: gates.join(' ') }),
  answer: (about, { amiss }) => ({ subject: `amiss ${about.tag}`, body: `${amiss} in ${about.language}` }),
  hold: (about, { why }) => ({ subject: `hold ${about.tag}`, body: why }),
};
const together = (language: Language, rows: readonly Worded[]): Worded => ({
  subject: `${rows.length} in ${language}`,
  body: rows.map((row) => row.body).join(' + '),
});
let db: Db;
let folder: string;
let post: Post;
const dated = () => soldPieces(db, '2031-03-05').filter((one) => one.buyer?.startsWith('Odalys'))[0];
/** Noon of the day a piece is next looked at. */
const nextLook = (): number =>
  Date.parse(`${findSold(db, dated()?.code ?? '', NOW)?.dates.find((date) => date > '2031-03-05')}T12:00:00Z`);
const soldTag = (): string => {
  const one = dated();
  return one ? (one.tag ?? `${one.number}/${one.ordinal}`) : '';
};
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

beforeEach(() => {
  db = demoDb(NOW);
  folder = mkdtempSync(path.join(tmpdir(), 'rendle-post-'));
  post = fileFolder(folder);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('letters to owners', () => {
  it('are written once for each look that is due, and become files any mail program opens', async () => {
    expect(writeLetters(db, NOW, words)).toBeGreaterThan(0);
    expect(writeLetters(db, NOW, words)).toBe(0);
    const { sent } = await sendLetters(db, post, NOW, together);
    const files = readdirSync(folder);
    // Two boards went to one address: they travel together.
    expect([sent, files.length]).toEqual([2, 1]);
    const mail = await simpleParser(readFileSync(path.join(folder, files[0] ?? '')));
    expect(mail.subject).toBe('2 in en');
    expect([mail.to].flat()[0]?.text).toBe('odalys@ferryhouse.example');
    expect(mail.text?.trim()).toMatch(/^Bread board in en.* \+ Bread board in en/);
    expect(mail.messageId).toMatch(/^<look-\d+-\d+@rendle>$/);
    expect(lettersIn(db).every((row) => row.file === files[0])).toBe(true);
    expect((await sendLetters(db, post, NOW, together)).sent).toBe(0);
  });
  it('wait through the quiet hours', async () => {
    writeLetters(db, NOW, words);
    expect((await sendLetters(db, post, Date.parse('2031-03-05T22:00:00Z'), together)).sent).toBe(0);
    expect(readdirSync(folder)).toEqual([]);
    expect((await sendLetters(db, post, Date.parse('2031-03-06T09:00:00Z'), together)).sent).toBeGreaterThan(0);
  });
  it('leave once even when the shop stops half-way', async () => {
    writeLetters(db, NOW, words);
    const count = lettersIn(db).length;
    // It stops after the file was written and before that was noted.
    await expect(
      sendLetters(
        db,
        {
          ...post,
          send: async (letter) => {
            await post.send(letter);
            db.update(outbox).set({ state: 'sending' }).run();
            throw Object.assign(new Error('stopped'), { stops: true });
          },
        },
        NOW,
        together,
      ),
    ).resolves.toMatchObject({ sent: 0 });
    db.update(outbox).set({ state: 'sending' }).run();
    // Another look comes due meanwhile: it does not slip into the parcel that was already under way.
    const later = writeLetters(db, nextLook(), words);
    expect((await sendLetters(db, post, NOW, together)).sent).toBe(count + later);
    expect([later > 0, readdirSync(folder).length]).toEqual([true, 2]);
    expect(lettersIn(db).every((row) => row.state === 'sent')).toBe(true);
  });
  it('that a mail server may have had are left to a person, not sent again', async () => {
    writeLetters(db, NOW, words);
    db.update(outbox).set({ state: 'sending' }).run();
    let calls = 0;
    const server: Post = { sendsTwice: true, send: async () => `letter ${++calls}` };
    expect((await sendLetters(db, server, NOW, together)).sent).toBe(0);
    expect(calls).toBe(0);
    expect(lettersIn(db).every((row) => row.state === 'failed' && row.why.includes('may have gone'))).toBe(true);
  });
  it('that bounce are kept with why, and not tried again and again', async () => {
    writeLetters(db, NOW, words);
    const bounce: Post = { sendsTwice: true, send: () => Promise.reject(new Error('550 no such box')) };
    const first = await sendLetters(db, bounce, NOW, together);
    expect(first.failed).toBeGreaterThan(0);
    expect((await sendLetters(db, bounce, NOW, together)).failed).toBe(0);
    expect(lettersIn(db)[0]).toMatchObject({ state: 'failed', why: '550 no such box' });
    expect(ownerDataOf(db, dated()?.code ?? '')).toMatchObject({ bounced: true });
    expect(writeLetters(db, nextLook(), words)).toBe(0);
    expect(code(setHolder(db, { code: dated()?.code ?? '', name: 'Odalys Fennimore', email: 'new@ferryhouse.example' }))).toBe(
      'ok',
    );
    expect(writeLetters(db, nextLook(), words)).toBe(1);
    const failed = lettersIn(db).find((row) => row.state === 'failed')?.id ?? 0;
    expect([code(retryLetter(db, failed)), code(retryLetter(db, failed))]).toEqual(['ok', 'not-found']);
  });
  it('stop when the owner says so, and come again when asked for', async () => {
    const piece = dated()?.code ?? '';
    writeLetters(db, NOW, words);
    expect(code(stopLetters(db, piece, true, NOW))).toBe('ok');
    expect(lettersIn(db).filter((row) => row.state === 'waiting').length).toBeLessThan(lettersIn(db).length);
    expect(ownerDataOf(db, piece)?.stopped).toBe(true);
    stopLetters(db, piece, false, NOW);
    expect(ownerDataOf(db, piece)?.stopped).toBe(false);
    expect(code(stopLetters(db, 'NOSUCHCODE', true, NOW))).toBe('not-found');
  });
});

describe('what owners say', () => {
  it('moves the dates from the day of re-oiling on, once a day, and no letter is written twice for a look', async () => {
    const piece = dated()?.code ?? '';
    writeLetters(db, NOW, words);
    await sendLetters(db, post, NOW, together);
    const before = lettersIn(db).length;
    expect(code(reportCare(db, { code: piece, kind: 're-oiled', note: '' }, NOW))).toBe('ok');
    const events = () => db.select().from(careEvent).all();
    const count = events().length;
    expect(code(reportCare(db, { code: piece, kind: 're-oiled', note: '' }, NOW + 3_600_000))).toBe('ok');
    expect(events()).toHaveLength(count);
    expect(ownerDataOf(db, piece)?.reOiledOn).toEqual(['2031-03-05']);
    expect(writeLetters(db, NOW + DAY, words)).toBe(0);
    expect(lettersIn(db)).toHaveLength(before);
    const next = soldPieces(db, '2031-03-05').find((one) => one.code === piece)?.nextDue ?? '';
    expect(next > '2031-03-06').toBe(true);
    expect(writeLetters(db, Date.parse(`${next}T12:00:00Z`), words)).toBeGreaterThan(0);
    const keys = db
      .select()
      .from(outbox)
      .all()
      .map((row) => `${row.carePlanId} ${row.key}`);
    expect(new Set(keys).size).toBe(keys.length);
  });
  it('is shown until someone has read it, and a flood of it is refused', () => {
    const piece = dated()?.code ?? '';
    expect(code(reportCare(db, { code: piece, kind: 'wrong', note: 'a crack at the rim' }, NOW))).toBe('ok');
    const [first] = unseenReports(db);
    expect(first).toMatchObject({ kind: 'wrong', note: 'a crack at the rim', code: piece });
    expect(code(seeReport(db, first?.id ?? 0, NOW))).toBe('ok');
    expect(unseenReports(db)).toEqual([]);
    expect(code(seeReport(db, 999, NOW))).toBe('not-found');
    expect(code(reportCare(db, { code: 'NOSUCHCODE', kind: 'wrong', note: 'x' }, NOW))).toBe('not-found');
  });
});

describe('a piece’s later life', () => {
  const piece = () => dated()?.code ?? '';
  const datesOf = () => findSold(db, piece(), NOW)?.dates.filter((date) => date > '2031-03-05') ?? [];
  it('has its looks anew when it moves or is used otherwise', () => {
    const before = datesOf();
    const plan = ownerDataOf(db, piece())?.plan;
    expect(code(changePlan(db, { code: piece(), language: 'de', country: 'SE', use: 'daily', wash: 'soak' }, NOW))).toBe('ok');
    expect(ownerDataOf(db, piece())?.plan).toMatchObject({ language: 'de', country: 'SE', use: 'daily', wash: 'soak' });
    expect(datesOf().length).toBeGreaterThan(before.length);
    expect(ownerDataOf(db, piece())?.plan.intervalDays).toBeLessThan(plan?.intervalDays ?? 0);
    expect(code(changePlan(db, { code: 'NO', language: 'de', country: null, use: 'daily', wash: 'soak' }, NOW))).toBe(
      'not-found',
    );
  });
  it('writes to nobody once it was given away, until the shop knows who has it', () => {
    const [given, next] = [piece(), nextLook()];
    writeLetters(db, NOW, words);
    expect(code(reportCare(db, { code: given, kind: 'given', note: '' }, NOW))).toBe('ok');
    expect(lettersIn(db).filter((row) => row.state === 'waiting')).toHaveLength(1);
    // Not even when whoever has the card now asks for letters again.
    stopLetters(db, given, false, NOW);
    expect(ownerDataOf(db, given)).toMatchObject({ holder: 'not named', hasAddress: false });
    writeLetters(db, next, words);
    expect(lettersIn(db).filter((row) => row.state === 'waiting')).toHaveLength(2);
    setHolder(db, { code: given, name: '', email: 'niece@example.org' });
    expect(ownerDataOf(db, given)).toMatchObject({ stopped: false, holder: 'not named', hasAddress: true });
    expect(writeLetters(db, next, words)).toBeGreaterThan(0);
    expect(lettersIn(db).some((row) => row.to === 'niece@example.org')).toBe(true);
  });
  it('has no looks once it is no more', () => {
    expect(code(reportCare(db, { code: piece(), kind: 'ended', note: 'burnt', personId: 2 }, NOW))).toBe('ok');
    expect(datesOf()).toEqual([]);
    expect(ownerDataOf(db, piece())).toMatchObject({ ended: true, stopped: true });
    expect(unseenReports(db)).toEqual([]);
    reportCare(db, { code: piece(), kind: 're-oiled', note: '' }, NOW + DAY);
    expect(datesOf()).toEqual([]);
    stopLetters(db, piece(), false, NOW + DAY);
    expect(datesOf().length).toBeGreaterThan(3);
    expect(ownerDataOf(db, piece())).toMatchObject({ ended: false, stopped: false });
  });
});

describe('a lot that is held later', () => {
  /** Drafts to everyone who has the paste. */
  const drafted = (): void => {
    const lotId = allLots(db).find((one) => one.title === 'Lantern paste')?.id ?? 0;
    holdLot(db, lotId, 'smells rancid', { personId: 1, nowMs: NOW });
    draftHoldLetters(db, lotId, words, NOW);
  };
  it('drafts a letter to everyone who has a piece it is on, once, and a person sends or drops it', async () => {
    const lot = allLots(db).find((one) => one.title === 'Lantern paste');
    expect(code(draftHoldLetters(db, lot?.id ?? 0, words, NOW))).toBe('not-found');
    holdLot(db, lot?.id ?? 0, 'smells rancid', { personId: 1, nowMs: NOW });
    const first = draftHoldLetters(db, lot?.id ?? 0, words, NOW);
    expect(first.ok && first.value.drafted).toBe(2);
    expect(draftHoldLetters(db, lot?.id ?? 0, words, NOW)).toMatchObject({ value: { drafted: 0 } });
    expect((await sendLetters(db, post, NOW, together)).sent).toBe(0);
    const [one, two] = lettersIn(db).filter((row) => row.kind === 'hold');
    expect(one).toMatchObject({ state: 'draft', body: 'smells rancid' });
    // Who asked for no reminders is told of harm all the same.
    stopLetters(db, dated()?.code ?? '', true, NOW);
    expect([settleDrafts(db, [one?.id ?? 0], true).ok, settleDrafts(db, [two?.id ?? 0], false).ok]).toEqual([true, true]);
    expect((await sendLetters(db, post, NOW, together)).sent).toBe(1);
    expect(code(settleDrafts(db, [one?.id ?? 0], true))).toBe('not-found');
  });
  it('are settled together, and one settled before stays as it is', () => {
    drafted();
    const drafts = lettersIn(db).filter((row) => row.state === 'draft');
    expect(drafts.length).toBeGreaterThan(1);
    const [first, ...others] = drafts.map((row) => row.id);
    settleDrafts(db, [first ?? 0], false);
    expect(settleDrafts(db, [first ?? 0, ...others], true).ok).toBe(true);
    const after = new Map(lettersIn(db).map((row) => [row.id, row.state]));
    expect(after.get(first ?? 0)).toBe('voided');
    expect(others.every((id) => after.get(id) === 'waiting')).toBe(true);
  });
  it('that want a person are never hidden behind those that went', async () => {
    writeLetters(db, NOW, words);
    await sendLetters(db, post, NOW, together);
    drafted();
    const drafts = lettersIn(db).filter((row) => row.state === 'draft').length;
    expect(drafts).toBeGreaterThan(0);
    expect(lettersToRead(db).map((row) => row.state)).toEqual(Array.from({ length: drafts }, () => 'draft'));
    expect(lettersPosted(db).length).toBe(lettersIn(db).length - drafts);
    expect(lettersPosted(db).every((row) => row.state !== 'draft' && !('body' in row))).toBe(true);
  });
});

describe('an answer to who says that something is wrong', () => {
  const piece = () => dated()?.code ?? '';
  it('is a draft in their language, once a day for each thing, and goes only once a person has read it', async () => {
    expect(writeAnswer(db, piece(), 'sticky', words, NOW)).toEqual({
      subject: `amiss ${soldTag()}`,
      body: 'sticky in en',
      to: 'odalys@ferryhouse.example',
    });
    expect(draftAnswer(db, { code: piece(), amiss: 'sticky' }, words, NOW)).toMatchObject({ value: { drafted: 1 } });
    expect(draftAnswer(db, { code: piece(), amiss: 'sticky' }, words, NOW + 3_600_000)).toMatchObject({ value: { drafted: 0 } });
    expect(draftAnswer(db, { code: piece(), amiss: 'smells' }, words, NOW)).toMatchObject({ value: { drafted: 1 } });
    expect(draftAnswer(db, { code: piece(), amiss: 'sticky' }, words, NOW + DAY)).toMatchObject({ value: { drafted: 1 } });
    expect((await sendLetters(db, post, NOW, together)).sent).toBe(0);
    // Who wants no reminders is answered all the same, for they asked.
    stopLetters(db, piece(), true, NOW);
    const drafts = lettersAbout(db, piece()).filter((row) => row.state === 'draft');
    expect(drafts).toHaveLength(3);
    settleDrafts(db, [drafts[0]?.id ?? 0], true);
    expect((await sendLetters(db, post, NOW, together)).sent).toBe(1);
  });
  it('has nobody to go to where no address is noted, and none is made up', () => {
    const nameless = soldPieces(db, '2031-03-05').find((one) => one.buyer === null)?.code ?? '';
    expect(writeAnswer(db, nameless, 'cracked', words, NOW)).toMatchObject({ to: null });
    expect(draftAnswer(db, { code: nameless, amiss: 'cracked' }, words, NOW)).toMatchObject({ value: { drafted: 0 } });
    expect(writeAnswer(db, 'NOSUCHCODE', 'cracked', words, NOW)).toBeNull();
    expect(code(draftAnswer(db, { code: 'NOSUCHCODE', amiss: 'cracked' }, words, NOW))).toBe('not-found');
  });
});

describe('one person’s data', () => {
  it('is given to them whole, and forgotten in one go; the trace stays', async () => {
    writeLetters(db, NOW, words);
    await sendLetters(db, post, NOW, together);
    const piece = dated()?.code ?? '';
    reportCare(db, { code: piece, kind: 'wrong', note: 'my kitchen is damp' }, NOW);
    const id = ownerDataOf(db, piece)?.ownerId ?? 0;
    expect(exportOwner(db, id)).toMatchObject({ email: 'odalys@ferryhouse.example', said: [{ note: 'my kitchen is damp' }] });
    // What was said of a piece before it was given on is theirs still; so are the letters that went to them about it.
    reportCare(db, { code: piece, kind: 'given', note: '' }, NOW);
    expect(exportOwner(db, id)).toMatchObject({ said: [{ note: 'my kitchen is damp' }, { kind: 'given' }] });
    expect(exportOwner(db, id)?.letters).toHaveLength(2);
    const erased = eraseOwner(db, id, NOW);
    expect(erased.ok && erased.value.files.length).toBeGreaterThan(0);
    const everything = JSON.stringify([db.select().from(owner).all(), db.select().from(outbox).all(), unseenReports(db)]);
    expect(everything).not.toMatch(/odalys|fennimore|kitchen/i);
    expect(soldPieces(db, '2031-03-05').some((one) => one.code === piece)).toBe(true);
    expect(db.select().from(carePlan).all().length).toBeGreaterThan(0);
    expect(writeLetters(db, NOW + 30 * DAY, words)).toBe(0);
    expect(code(eraseOwner(db, id, NOW))).toBe('already-decided');
    expect(exportOwner(db, 999)).toBeNull();
  });
});
