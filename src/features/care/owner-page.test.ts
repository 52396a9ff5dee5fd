import { describe, expect, it } from 'vitest';
import { LANGUAGES } from '@/core/care';
import { findSold, soldPieces } from '@/data/care/queries';
import { theShop } from '@/data/shop/queries';
import { demoDb } from '@/data/testing';
import { missingHtml, type OwnerView, ownerHtml } from './owner-html';
import { slipOf } from './slip';

const NOW = Date.parse('2031-03-03T10:00:00Z');

function view(change: Partial<OwnerView> = {}): OwnerView {
  const db = demoDb(NOW);
  const sold = findSold(db, soldPieces(db, '2031-03-03')[0]?.code ?? '', NOW);
  if (!sold) throw new Error('nothing sold');
  return {
    slip: slipOf(sold, { ...theShop(db), baseAddress: 'https://shed.example' }),
    language: 'en',
    next: '2031-04-01',
    lastReOiled: null,
    stopped: false,
    ended: false,
    refills: ['Tin 60 ml'],
    told: null,
    as: 'page',
    photo: null,
    calendar: 'BEGIN:VCALENDAR',
    ...change,
  };
}

describe('the owner’s page', () => {
  it('is one small document without a script, and asks by plain forms', () => {
    const html = ownerHtml(view());
    expect(html.startsWith('<!doctype html><html lang="en">')).toBe(true);
    expect(html).not.toMatch(/<script|src=|https?:\/\/(?!shed\.example)/);
    expect(Buffer.byteLength(html)).toBeLessThan(14_000);
    expect(html.match(/<form method="post"/g)?.length).toBe(6);
    expect(html).toContain('enctype="multipart/form-data"');
    expect(html).toContain('The shop has it: Tin 60 ml.');
  });
  it('carries the photo of its batch in itself, where there is one', () => {
    expect(ownerHtml(view())).not.toContain('<img');
    expect(ownerHtml(view({ photo: 'data:image/jpeg;base64,AAAA' }))).toMatch(
      /<img src="data:image\/jpeg;base64,AAAA" alt="[^"]+"/,
    );
  });
  it.each(LANGUAGES)('speaks %s throughout', (language) => {
    const html = ownerHtml(view({ language, told: 're-oiled', lastReOiled: '2031-02-01' }));
    expect(html).toContain(`lang="${language}"`);
    if (language !== 'en') expect(html).not.toMatch(/Wash by hand|Something is wrong|Next look|Thank you|none known/);
    expect(missingHtml(language)).toContain('<h1>');
  });
  it('holds what people wrote as text, never as markup', () => {
    const { slip } = view();
    const html = ownerHtml(view({ slip: { ...slip, design: '<img src=x onerror=alert(1)>', shop: '"><b>' } }));
    expect(html).not.toMatch(/<img|"><b>/);
  });
  it('asks nothing of a server as a file, and brings its dates along', () => {
    const html = ownerHtml(view({ as: 'file' }));
    expect(html).not.toMatch(/<form|<script|href="\/|src=/);
    expect(html).toContain('data:text/calendar');
    expect(html).toContain('href="https://shed.example/care/');
  });
  it('says “Not for food” above all else where it is not', () => {
    const of = view({});
    const html = ownerHtml({ ...of, slip: { ...of.slip, notForFood: true } });
    expect(html.indexOf('Not for food')).toBeLessThan(html.indexOf('Wash by hand'));
    expect(ownerHtml(of)).not.toContain('Not for food');
  });
  it('asks for nothing once the piece is no more', () => {
    const html = ownerHtml(view({ ended: true, stopped: true }));
    expect(html).toContain('no longer exists');
    // But it can be said that this was a mistake.
    expect(html.match(/name="what" value="([a-z-]+)"/g)).toEqual(['name="what" value="letters"']);
  });
});
