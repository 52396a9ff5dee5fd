import { describe, expect, it } from 'vitest';
import { findSold, soldPieces } from '@/data/care/queries';
import { theShop } from '@/data/shop/queries';
import { demoDb } from '@/data/testing';
import { calendarOf } from './calendar';
import { codePng } from './code';
import { slipPdf } from './pdf';
import { slipOf } from './slip';

const NOW = Date.parse('2031-03-03T10:00:00Z');

function demoSlip(change: { baseAddress?: string | null; species?: string; name?: string } = {}) {
  const db = demoDb(NOW);
  const row = soldPieces(db, '2031-03-03').find((one) => one.buyer !== null);
  const sold = findSold(db, row?.code ?? '', NOW);
  if (!sold) throw new Error('nothing sold');
  const longer = change.name ? { ...sold, batch: { ...sold.batch, design: { ...sold.batch.design, name: change.name } } } : sold;
  return { slip: slipOf(longer, { ...theShop(db), baseAddress: change.baseAddress ?? null }), sold };
}

describe('the slip', () => {
  it('says what is on the piece, its allergens, how to look, and nothing of the buyer', () => {
    const { slip, sold } = demoSlip();
    expect(slip).toMatchObject({
      pieceNumber: expect.stringMatching(/^31-001\/\d$/),
      title: 'Pear bread board',
      allergens: ['bee product'],
      intervalDays: 32,
      cloths: null,
    });
    expect(slip.ingredients).toEqual(['White mineral oil, food grade', 'Beeswax, filtered']);
    expect(slip.nextDates).toHaveLength(4);
    expect(JSON.stringify(slip)).not.toContain(sold.buyer ?? 'nobody');
    expect(JSON.stringify(slip)).not.toMatch(/certified|waterproof|100 ?% safe|antibacterial/i);
  });
  it('carries the care text in its code until the shop has an address', () => {
    expect(demoSlip().slip.codeText).toContain('Contains bee product.');
    const { slip } = demoSlip({ baseAddress: 'https://shed.example' });
    expect(slip.codeText).toBe(`https://shed.example/care/${slip.code}`);
  });
  it('makes a code that is an image', async () => {
    expect(await codePng('Wash by hand.')).toMatch(/^data:image\/png;base64,/);
  });
  it.each([['Bread board'], ['Very long serving and bread board with juice groove for the winter lantern fair, second size']])(
    'is one A6 page as PDF for “%s”',
    async (name) => {
      const pdf = (await slipPdf(demoSlip({ name }).slip)).toString('latin1');
      expect(pdf.slice(0, 5)).toBe('%PDF-');
      expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
      const [, width, height] = /\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/.exec(pdf) ?? [];
      expect([(Number(width) / 72) * 25.4, (Number(height) / 72) * 25.4].map(Math.round)).toEqual([105, 148]);
    },
  );
  it('gives its dates to a calendar as whole days with ids that stay', () => {
    const { slip, sold } = demoSlip();
    const text = calendarOf(slip, sold.dates);
    const unfolded = text.replace(/\r\n /g, '');
    expect(text.startsWith('BEGIN:VCALENDAR\r\nVERSION:2.0')).toBe(true);
    expect(unfolded.match(/BEGIN:VEVENT/g)).toHaveLength(sold.dates.length);
    sold.dates.forEach((date, i) => {
      expect(unfolded).toContain(`UID:${slip.code}-${i}@rendle`);
      expect(unfolded).toContain(`DTSTART;VALUE=DATE:${date.replaceAll('-', '')}`);
    });
    expect(Math.max(...text.split('\r\n').map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75);
    expect(calendarOf(slip, sold.dates)).toBe(text);
  });
});
