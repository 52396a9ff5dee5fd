import ICAL from 'ical.js';
import { extractText, getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { LANGUAGES } from '@/core/care';
import type { About } from '@/data/care/post';
import { findSold, looksBetween, soldPieces } from '@/data/care/queries';
import { theShop } from '@/data/shop/queries';
import { demoDb } from '@/data/testing';
import { calendarOf, looksCalendar } from './calendar';
import { codePng } from './code';
import { letterWords } from './letter-words';
import { slipPdf, slipPicture, type SlipWish } from './pdf';
import { slipIn, slipOf, tooLong } from './slip';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const LONG = 'Very long serving and bread board with juice groove for the winter lantern fair, second size';

function demoSlip(change: { baseAddress?: string | null; name?: string } = {}) {
  const db = demoDb(NOW);
  const row = soldPieces(db, '2031-03-03').find((one) => one.buyer?.startsWith('Odalys'));
  const sold = findSold(db, row?.code ?? '', NOW);
  if (!sold) throw new Error('nothing sold');
  const named = change.name ? { ...sold, batch: { ...sold.batch, design: { ...sold.batch.design, name: change.name } } } : sold;
  return { slip: slipOf(named, { ...theShop(db), baseAddress: change.baseAddress ?? null }), sold };
}
const sidesOf = (language: (typeof LANGUAGES)[number], slip = demoSlip().slip): string =>
  JSON.stringify([slipIn(slip, language), slipIn(slip, language, 'A7')]);

/** A PDF's pages as text, its size in mm, and how many there are. */
async function read(pdf: Buffer) {
  const document = await getDocumentProxy(new Uint8Array(pdf));
  const { text } = await extractText(document, { mergePages: false });
  const [, , width = 0, height = 0] = (await document.getPage(1)).view;
  const furthest = await Promise.all(
    text.map(async (_, i) => {
      const { items } = await (await document.getPage(i + 1)).getTextContent();
      return Math.max(...items.map((item) => ('transform' in item ? item.transform[4] + item.width : 0)));
    }),
  );
  return {
    width,
    furthest,
    pages: text.map((page) => page.replace(/\s+/g, ' ')),
    mm: [width, height].map((pt) => Math.round((pt / 72) * 25.4)),
  };
}

describe('the slip', () => {
  it('says what is on the piece, its allergens, how to look, and nothing of the buyer', () => {
    const { slip, sold } = demoSlip();
    expect(slip).toMatchObject({
      pieceNumber: expect.stringMatching(/^31-001\/\d$/),
      allergens: ['bee product'],
      intervalDays: 32,
      ingredients: ['White mineral oil, food grade', 'Beeswax, filtered'],
      language: 'en',
    });
    expect(slip.nextDates).toHaveLength(4);
    expect(slipIn(slip, 'en').title).toBe('Pear bread board');
    expect(sidesOf('en')).not.toContain(sold.buyer ?? 'nobody');
    expect(slipIn(slip, 'en').parts.some((part) => part.sign === 'cloths')).toBe(false);
  });
  it.each(LANGUAGES)('names wood, contents and allergens in %s, and claims nothing', (language) => {
    const said = sidesOf(language);
    expect(said).toContain(
      { en: 'bee product', de: 'Bienenprodukt', fr: 'produit de la ruche', es: 'producto apícola' }[language],
    );
    expect(said).toContain({ en: 'Pear (Pyrus', de: 'Birnbaum (Pyrus', fr: 'Poirier (Pyrus', es: 'Peral (Pyrus' }[language]);
    expect(said).not.toMatch(/certified|zertifi|waterproof|100 ?% safe|antibacterial/i);
    if (language !== 'en') expect(said).not.toMatch(/mineral oil|Beeswax|Wash by hand|none known/);
  });
  it('carries the care text in its code until the shop has an address', () => {
    expect(slipIn(demoSlip().slip, 'en').codeText).toContain('Allergens: bee product.');
    const { slip } = demoSlip({ baseAddress: 'https://shed.example' });
    expect(slipIn(slip, 'en').codeText).toBe(`https://shed.example/care/${slip.code}`);
  });
  it('makes a code that is an image', async () => {
    expect(await codePng('Wash by hand.')).toMatch(/^data:image\/png;base64,/);
  });
  const wishes: (readonly [SlipWish, string, number[]])[] = [
    [{ size: 'A6', languages: ['en'] }, 'Bread board', [105, 148]],
    [{ size: 'A6', languages: ['de', 'fr'] }, LONG, [105, 148]],
    [{ size: 'A7', languages: ['en'] }, LONG, [74, 105]],
    [{ size: 'A7', languages: ['es', 'de'] }, LONG, [74, 105]],
  ];
  it.each(wishes)('is one side a language as PDF, whole, for %o', async (wish, name, mm) => {
    const { slip } = demoSlip({ name });
    const made = await slipPdf(slip, wish);
    if (!made) throw new Error('it does not fit');
    const { pdf, pt } = made;
    const found = await read(pdf);
    expect(found.mm).toEqual(mm);
    expect(found.pages).toHaveLength(wish.languages.length);
    for (const x of found.furthest) expect(x).toBeLessThan(found.width - 10);
    expect(pt).toBeGreaterThanOrEqual(4.6);
    wish.languages.forEach((language, i) => {
      const text = slipIn(slip, language, wish.size);
      for (const line of [text.title, text.look, ...text.parts.flatMap((part) => [part.heading, ...part.lines])])
        expect(found.pages[i]).toContain(line.replace(/\s+/g, ' ').trim());
    });
  });
});

describe('the slip as a picture', () => {
  /** Width and height as a PNG says them in its head. */
  const sizeOf = (png: Buffer | null) => [png?.readUInt32BE(16), png?.readUInt32BE(20)];
  it('is a side of what is printed, at 300 dots an inch', async () => {
    const { slip } = demoSlip();
    const wish: SlipWish = { size: 'A7', languages: ['en', 'fr'] };
    const [front, back] = [await slipPicture(slip, wish, 0), await slipPicture(slip, wish, 1)];
    expect(sizeOf(front)).toEqual([873, 1240]);
    expect(back?.equals(front ?? Buffer.alloc(0))).toBe(false);
    expect(await slipPicture(slip, wish, 2)).toBeNull();
    expect(await slipPicture(slip, wish, Number.NaN)).toBeNull();
  });
  it('is refused, and not cut, where it says more than fits in type that can be read', async () => {
    const { slip } = demoSlip({ name: `${LONG} `.repeat(12) });
    const wish: SlipWish = { size: 'A7', languages: ['en'] };
    expect(await slipPdf(slip, wish)).toBeNull();
    expect(await slipPicture(slip, wish, 0)).toBeNull();
    expect(tooLong(slip, wish)).toContain('Choose A6');
  });
  it('sets one very long word smaller, so that it stays clear of the code, and refuses what no type can hold', async () => {
    const word = 'Lanternfairbreakfastboard';
    const { slip } = demoSlip({ name: word });
    const made = await slipPdf(slip, { size: 'A7', languages: ['de'] });
    const document = await getDocumentProxy(new Uint8Array(made?.pdf ?? []));
    const { items } = await (await document.getPage(1)).getTextContent();
    const title = items.find((item) => 'str' in item && item.str.startsWith(word));
    const end = title && 'transform' in title ? title.transform[4] + title.width : 0;
    expect(end).toBeGreaterThan(60);
    // The code begins 46 pt before the right margin.
    expect(end).toBeLessThanOrEqual(210 - 11 - 46);
    expect(await slipPdf(demoSlip({ name: word.repeat(6) }).slip, { size: 'A7', languages: ['de'] })).toBeNull();
  });
});

describe('dates for a calendar', () => {
  it('are read by another’s parser as whole days with ids that stay', () => {
    const { slip, sold } = demoSlip();
    const text = calendarOf([{ slip, dates: sold.dates, language: 'en' }]);
    const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    expect(events.map((event) => event.startDate.toString())).toEqual([...sold.dates]);
    expect(events.every((event) => event.startDate.isDate)).toBe(true);
    expect(new Set(events.map((event) => event.uid)).size).toBe(sold.dates.length);
    expect(events[0]?.uid).toBe(`${slip.code}-${sold.dates[0]}@rendle`);
    expect(events[0]?.description).toContain('bee product');
    expect(calendarOf([{ slip, dates: sold.dates, language: 'en' }])).toBe(text);
    expect(Math.max(...text.split('\r\n').map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75);
  });
  it('hold the shop’s looks by day, with no more of a name than its letters', () => {
    const looks = looksBetween(demoDb(NOW), '2031-03-03', '2031-06-30');
    const events = new ICAL.Component(ICAL.parse(looksCalendar(looks)))
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one));
    expect(events.map((event) => event.startDate.toString())).toEqual([...new Set(looks.map((one) => one.dueOn))]);
    const [first] = events;
    const due = looks.filter((one) => one.dueOn === first?.startDate.toString());
    expect(first?.description.split('\n')).toHaveLength(due.length);
    expect(first?.description).toMatch(/^Pear bread board 31-001\/\d, O\. F\./);
    expect(looksCalendar(looks)).not.toContain('Fennimore');
  });
});

describe('letters', () => {
  const about: About = {
    language: 'en',
    design: 'Bread board',
    speciesId: 'pear',
    tag: '31-001/2',
    code: 'ABCDEFGHJK',
    shop: 'Shed',
    baseAddress: 'https://shed.example',
    hasBottle: true,
  };
  it('say what is due, where its page is, and how to have no more', () => {
    const { subject, body } = letterWords.look(about);
    expect(subject).toBe('A look at your pear bread board');
    expect(body).toContain('https://shed.example/care/ABCDEFGHJK#letters');
    expect(body).toContain('left in the tin');
    expect(letterWords.look({ ...about, baseAddress: null, hasBottle: false }).body).toContain('answer with the word “stop”');
  });
  it('are in the owner’s language, several as one, and plain about harm', () => {
    expect(letterWords.look({ ...about, language: 'de' }).subject).toBe('Zeit, nach dem Holz zu sehen: Bread board, Birnbaum');
    expect(letterWords.hold(about, 'smells rancid').body).toContain('do not use it for food');
    const both = letterWords.together('fr', [letterWords.look(about), letterWords.look(about)]);
    expect(both.subject).toContain('2 pièces');
    expect(both.body.split('* * *')).toHaveLength(2);
  });
});
