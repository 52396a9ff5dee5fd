import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { simpleParser } from 'mailparser';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ownInterval, PRIOR_GAPS } from '@/core/care';
import { fileFolder } from '@/devices/post';
import type { Db } from '../db';
import { careEvent, carePlan, outbox, owner } from '../schema';
import { demoDb } from '../testing';
import { soldPieces } from './queries';
import { careOf, eraseOwner, exportOwner, reportCare, seeReport, stopLetters, unseenReports } from './owners';
import { letters, type Sender, sendLetters, writeLetters } from './post';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const DAY = 86_400_000;
let db: Db;
let folder: string;
let post: Sender;
const dated = () => soldPieces(db, '2031-03-05').filter((one) => one.buyer?.startsWith('Odalys'))[0];
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

beforeEach(() => {
  db = demoDb(NOW);
  folder = mkdtempSync(path.join(tmpdir(), 'rendle-post-'));
  post = fileFolder(folder);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('letters to owners', () => {
  it('are written once for each look that is due, and become files any mail program opens', async () => {
    expect(writeLetters(db, NOW)).toBeGreaterThan(0);
    expect(writeLetters(db, NOW)).toBe(0);
    const { sent } = await sendLetters(db, post, NOW);
    const files = readdirSync(folder);
    expect(files).toHaveLength(sent);
    const mail = await simpleParser(readFileSync(path.join(folder, files[0] ?? '')));
    expect(mail.subject).toBe('A look at your pear bread board');
    expect([mail.to].flat()[0]?.text).toBe('odalys@ferryhouse.example');
    expect(mail.text).toContain('Look first: when the wood is dull');
    expect(mail.messageId).toMatch(/^<look-\d+-\d+@rendle>$/);
    expect((await sendLetters(db, post, NOW)).sent).toBe(0);
  });
  it('wait through the quiet hours', async () => {
    writeLetters(db, NOW);
    expect((await sendLetters(db, post, Date.parse('2031-03-05T22:00:00Z'))).sent).toBe(0);
    expect(readdirSync(folder)).toEqual([]);
    expect((await sendLetters(db, post, Date.parse('2031-03-06T09:00:00Z'))).sent).toBeGreaterThan(0);
  });
  it('leave once even when the shop stops half-way', async () => {
    writeLetters(db, NOW);
    const count = letters(db).length;
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
      ),
    ).resolves.toMatchObject({ sent: 0 });
    db.update(outbox).set({ state: 'sending' }).run();
    expect((await sendLetters(db, post, NOW)).sent).toBe(count);
    expect(readdirSync(folder)).toHaveLength(count);
    expect(letters(db).every((row) => row.state === 'sent')).toBe(true);
  });
  it('that a mail server may have had are left to a person, not sent again', async () => {
    writeLetters(db, NOW);
    db.update(outbox).set({ state: 'sending' }).run();
    let calls = 0;
    const server: Sender = { sendsTwice: true, send: async () => `letter ${++calls}` };
    expect((await sendLetters(db, server, NOW)).sent).toBe(0);
    expect(calls).toBe(0);
    expect(letters(db).every((row) => row.state === 'failed' && row.why.includes('may have gone'))).toBe(true);
  });
  it('that bounce are kept with why, and not tried again and again', async () => {
    writeLetters(db, NOW);
    const bounce: Sender = { sendsTwice: true, send: () => Promise.reject(new Error('550 no such box')) };
    const first = await sendLetters(db, bounce, NOW);
    expect(first.failed).toBeGreaterThan(0);
    expect((await sendLetters(db, bounce, NOW)).failed).toBe(0);
    expect(letters(db)[0]).toMatchObject({ state: 'failed', why: '550 no such box' });
  });
  it('stop when the owner says so, and come again when asked for', async () => {
    const piece = dated()?.code ?? '';
    writeLetters(db, NOW);
    expect(code(stopLetters(db, piece, true, NOW))).toBe('ok');
    expect(letters(db).filter((row) => row.state === 'waiting').length).toBeLessThan(letters(db).length);
    expect(careOf(db, piece)?.stopped).toBe(true);
    stopLetters(db, piece, false, NOW);
    expect(careOf(db, piece)?.stopped).toBe(false);
    expect(code(stopLetters(db, 'NOSUCHCODE', true, NOW))).toBe('not-found');
  });
});

describe('what owners say', () => {
  it('moves the dates from the day of re-oiling on, once a day, and no letter is written twice for a look', async () => {
    const piece = dated()?.code ?? '';
    writeLetters(db, NOW);
    await sendLetters(db, post, NOW);
    const before = letters(db).length;
    expect(code(reportCare(db, { code: piece, kind: 're-oiled', note: '' }, NOW))).toBe('ok');
    const events = () => db.select().from(careEvent).all();
    const count = events().length;
    expect(code(reportCare(db, { code: piece, kind: 're-oiled', note: '' }, NOW + 3_600_000))).toBe('ok');
    expect(events()).toHaveLength(count);
    expect(careOf(db, piece)?.reOiledOn).toEqual(['2031-03-05']);
    expect(writeLetters(db, NOW + DAY)).toBe(0);
    expect(letters(db)).toHaveLength(before);
    const next = soldPieces(db, '2031-03-05').find((one) => one.code === piece)?.nextDue ?? '';
    expect(next > '2031-03-06').toBe(true);
    expect(writeLetters(db, Date.parse(`${next}T12:00:00Z`))).toBeGreaterThan(0);
    const keys = db
      .select()
      .from(outbox)
      .all()
      .map((row) => `${row.carePlanId} ${row.ordinal}`);
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
  it('draws the interval towards the owner’s own rhythm, within bounds', () => {
    expect(PRIOR_GAPS).toBe(2);
    expect(ownInterval(30, ['2031-01-01'])).toBe(30);
    expect(ownInterval(30, ['2031-01-01', '2031-03-02'])).toBe(Math.round(Math.exp((2 * Math.log(30) + Math.log(60)) / 3)));
    const often = Array.from(
      { length: 40 },
      (_, i) => `2031-${String(1 + Math.floor(i / 28)).padStart(2, '0')}-${String(1 + (i % 28)).padStart(2, '0')}`,
    );
    expect(ownInterval(90, often)).toBe(30);
    expect(ownInterval(10, often)).toBe(7);
  });
});

describe('one person’s data', () => {
  it('is given to them whole, and forgotten in one go; the trace stays', async () => {
    writeLetters(db, NOW);
    await sendLetters(db, post, NOW);
    const piece = dated()?.code ?? '';
    reportCare(db, { code: piece, kind: 'wrong', note: 'my kitchen is damp' }, NOW);
    const id = careOf(db, piece)?.ownerId ?? 0;
    expect(exportOwner(db, id)).toMatchObject({ email: 'odalys@ferryhouse.example', said: [{ note: 'my kitchen is damp' }] });
    const erased = eraseOwner(db, id, NOW);
    expect(erased.ok && erased.value.files.length).toBeGreaterThan(0);
    const everything = JSON.stringify([db.select().from(owner).all(), db.select().from(outbox).all(), unseenReports(db)]);
    expect(everything).not.toMatch(/odalys|fennimore|kitchen/i);
    expect(soldPieces(db, '2031-03-05').some((one) => one.code === piece)).toBe(true);
    expect(db.select().from(carePlan).all().length).toBeGreaterThan(0);
    expect(writeLetters(db, NOW + 30 * DAY)).toBe(0);
    expect(code(eraseOwner(db, id, NOW))).toBe('already-decided');
    expect(exportOwner(db, 999)).toBeNull();
  });
});
