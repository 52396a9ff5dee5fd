import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import sharp from 'sharp';
import { extractText, getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { BASE_READS } from '@/core/quantity';
import { ReleaseRecord } from '@/core/release';
import { recordCheck } from '@/data/cure/commands';
import type { Db } from '@/data/db';
import { decideRelease, sayLabelled, setPrice, signedRecord } from '@/data/release/commands';
import { demoDb } from '@/data/testing';
import { findBatchId } from '@/data/work/batch';
import { costLinesOf, marginLine } from './record-body';
import { recordPdf } from './record-pdf';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const by = { personId: 1, nowMs: NOW };

function released(db: Db = demoDb(NOW)): { readonly text: string; readonly number: string } {
  const batchId = findBatchId(db, '31-002') ?? 0;
  setPrice(db, { batchId, woodMinor: 160, priceMinor: 1450, jarLotId: null }, by);
  sayLabelled(db, batchId, by);
  for (const kind of ['towel', 'smell'] as const)
    recordCheck(db, { clientId: `check-${kind}`, batchId, kind, pass: true, note: 'nothing all over', at: NOW }, by);
  const done = decideRelease(
    db,
    { batchId, outcome: 'released', reason: 'the paper ran out', signed: ['steps', 'estimate', 'least-time'] },
    by,
  );
  if (!done.ok) throw new Error(JSON.stringify(done.issues));
  return { text: signedRecord(db, done.value.number)?.text ?? '', number: done.value.number };
}

describe('the release record', () => {
  it('meets its published schema', () => {
    const ajv = new Ajv({ strict: false });
    addFormats(ajv);
    const check = ajv.compile(JSON.parse(readFileSync('docs/formats/release.schema.json', 'utf8')));
    const record = JSON.parse(released().text);
    expect([check(record), check.errors]).toEqual([true, null]);
    expect(check({ ...record, outcome: 'perhaps' })).toBe(false);
    expect(check({ ...record, gates: [{ id: 'check', met: 'yes', signed: false }] })).toBe(false);
  });
  it('holds who judged what, on which evidence, and what a piece cost', () => {
    const record = ReleaseRecord.parse(JSON.parse(released().text));
    expect(record).toMatchObject({
      outcome: 'released',
      reason: 'the paper ran out',
      by: 'Wren Aldersea',
      version: 2,
      batch: { number: '31-002', use: ['food-dry', 'hands'] },

      labelled: { by: expect.any(String) },
    });
    // Only gates that were open count as signed for.
    expect(record.gates.filter((gate) => gate.signed).map((gate) => gate.id)).toEqual(
      record.gates.filter((gate) => !gate.met).map((gate) => gate.id),
    );
    expect(record.coats.length).toBeGreaterThan(2);
    expect(record.checks.at(-1)).toMatchObject({ kind: 'smell', pass: true, note: 'nothing all over', by: 'Wren Aldersea' });
    expect(record.coats.every((coat) => coat.lot !== null && (coat.grams ?? 0) > 0)).toBe(true);
    const { parts, sumMinor, marginMinor } = record.cost;
    expect(parts.wood).toBe(160);
    expect(sumMinor).toBeCloseTo(
      Object.values(parts).reduce((sum: number, part) => sum + (part ?? 0), 0),
      6,
    );
    expect(marginMinor).toBeCloseTo(1450 - sumMinor, 6);
  });
  it('of the first shape opens as it was: word for word, with its gates, its cost and its fingerprint', async () => {
    const text = readFileSync('src/core/release/old/record-1.json', 'utf8');
    const record = ReleaseRecord.parse(JSON.parse(text));
    expect(record.version).toBe(1);
    expect(record).toEqual(JSON.parse(text));
    const said = (
      await extractText(await getDocumentProxy(new Uint8Array(await recordPdf(record, text, BASE_READS))), { mergePages: true })
    ).text.replace(/\s+/g, ' ');
    for (const words of [
      'A check passed in the last 48 hours, none failed after',
      'Wood fit for food, of known origin',
      '(Prunus domestica), bought.',
      'the paper ran out',
      marginLine(record).replace(/\s+/g, ' '),
      createHash('sha256').update(text).digest('hex'),
    ])
      expect(said).toContain(words);
    expect(costLinesOf(record, BASE_READS).find(([name]) => name === 'Wood')?.[1]).toBe('1.60 EUR');
  });
  it('prints the photos it holds, and says so where there are none', async () => {
    const { text } = released();
    const record = ReleaseRecord.parse(JSON.parse(text));
    const dot = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#a86a06' } })
      .jpeg()
      .toBuffer();
    const photo = { what: 'Wiped, 4 March', data: `data:image/jpeg;base64,${dot.toString('base64')}` };
    const saidOf = async (pdf: Buffer): Promise<string> =>
      (await extractText(await getDocumentProxy(new Uint8Array(pdf)), { mergePages: true })).text;
    const [plain, shown] = [
      await recordPdf({ ...record, photos: [] }, text, BASE_READS),
      await recordPdf(record, text, BASE_READS, [photo]),
    ];
    expect(await saidOf(plain)).toContain('No photos.');
    expect(await saidOf(shown)).toContain('Wiped, 4 March');
    expect([plain, shown].map((pdf) => pdf.toString('latin1').includes('/Subtype /Image'))).toEqual([false, true]);
  });
  it('prints on A4 with its reason, its evidence and the fingerprint of what was signed', async () => {
    const { text, number } = released();
    const pdf = await recordPdf(ReleaseRecord.parse(JSON.parse(text)), text, BASE_READS);
    const document = await getDocumentProxy(new Uint8Array(pdf));
    const [, , width = 0, height = 0] = (await document.getPage(1)).view;
    expect([width, height].map((pt) => Math.round((pt / 72) * 25.4))).toEqual([210, 297]);
    const said = (await extractText(document, { mergePages: true })).text.replace(/\s+/g, ' ');
    for (const words of [
      `Release record ${number}`,
      'Reason: the paper ran out',
      'signed for',
      'nothing all over',
      'For dry food, hands',
      'not a certificate',
      'Signed by Wren Aldersea, 5 Mar 2031, 14:20',
      'Left of the price',
    ])
      expect(said).toContain(words);
    expect(said).toMatch(/SHA-256 of its JSON: [0-9a-f]{64}/);
  });
});
