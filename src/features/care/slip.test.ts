import ICAL from 'ical.js';
import { extractText, getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { LANGUAGES } from '@/core/care';
import type { About } from '@/core/letters';
import { SPECIES } from '@/core/material';
import { BASE_READS } from '@/core/quantity';
import { careLooksBetween, findSold, soldPieces } from '@/data/care/queries';
import { theShop } from '@/data/shop/queries';
import { allLots, type KnownLot } from '@/data/stores/queries';
import { demoDb } from '@/data/testing';
import { LETTER_WORDS, lettersTogether } from '@/messages/letters';
import { SLIP_WORDS } from '@/messages/slip';
import { codePng } from '@/print/code';
import { slipIn, tooLong } from '@/print/slip';
import type { SlipWish } from '@/print/slip-pdf';
import { calendarOf, looksCalendar } from './calendar';
import { slipOf } from './slip';
import { slipPdf, slipPicture } from './slip-print';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const LONG = 'Very long serving and bread board with juice groove for the winter lantern fair, second size';

const demoLots = allLots(demoDb(NOW));

function demoSlip(change: { baseAddress?: string | null; name?: string } = {}) {
  const db = demoDb(NOW);
  const row = soldPieces(db, '2031-03-03').find((one) => one.buyer?.startsWith('Odalys'));
  const sold = findSold(db, row?.code ?? '', NOW);
  if (!sold) throw new Error('nothing sold');
  const named = change.name ? { ...sold, batch: { ...sold.batch, design: { ...sold.batch.design, name: change.name } } } : sold;
  return { slip: slipOf(named, { ...theShop(db), baseAddress: change.baseAddress ?? null }), sold };
}
const sidesOf = (language: (typeof LANGUAGES)[number], slip = demoSlip().slip): string =>
  JSON.stringify([slipIn(slip, language, BASE_READS), slipIn(slip, language, BASE_READS, 'A7')]);

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
    expect(slipIn(slip, 'en', BASE_READS).title).toBe('Pear bread board');
    expect(sidesOf('en')).not.toContain(sold.buyer ?? 'nobody');
    expect(slipIn(slip, 'en', BASE_READS).parts.some((part) => part.sign === 'cloths')).toBe(false);
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
  it.each(LANGUAGES)(
    'says “Not for food” first where it is not, in %s: on the card, in its code and on the owner’s page',
    (language) => {
      const words = SLIP_WORDS[language];
      const slip = { ...demoSlip().slip, notForFood: true };
      const said = slipIn(slip, language, BASE_READS);
      expect(said.parts[0]).toMatchObject({ heading: words.notForFood, strong: true });
      expect(said.codeText).toContain(words.notForFood);
      expect(slipIn({ ...slip, notForFood: false }, language, BASE_READS).codeText).not.toContain(words.notForFood);
    },
  );
  it('is not for food where its wood or its finish is not, by the gates', () => {
    const { sold } = demoSlip();
    const shop = theShop(demoDb(NOW));
    const yew = SPECIES.find((one) => one.id === 'yew');
    if (!yew) throw new Error('no yew');
    expect(slipOf(sold, shop).notForFood).toBe(false);
    const kinds = sold.batch.kinds.map((kind) => ({ ...kind, species: yew }));
    expect(slipOf({ ...sold, batch: { ...sold.batch, species: yew, kinds } }, shop).notForFood).toBe(true);
  });
  it('names what is on it to renew it with, how to take out scars, and what is left in the bottle', () => {
    const { slip, sold } = demoSlip();
    const renew = (change: Partial<typeof slip>, size: 'A6' | 'A7' = 'A6') =>
      slipIn({ ...slip, ...change }, 'en', BASE_READS, size)
        .parts.find((part) => part.sign === 'renew')
        ?.lines.join(' ')
        .replaceAll('\u00a0', ' ') ?? '';
    expect(slip.renewWith).toBe('Lantern paste');
    expect(renew({})).toMatch(
      /Renew it with what is on it: Lantern paste\. .*Scars: 240 paper or finer, with the grain.*only over engraving/,
    );
    expect(renew({ inBottle: 7 })).toContain('holds about 7 treatments');
    expect(renew({ inBottle: 0 })).not.toContain('bottle');
    expect(renew({ renewWith: null })).not.toMatch(/Scars|what is on it/);
    expect(renew({ grams: 0.4 })).toContain('a few drops a time');
    expect(renew({ grams: 1.2 })).toContain('1.2 g a time');
    // Of a tin in the box: what it held by weight, less what was used.
    const tin = { ...Object.values(sold.batch.materials)[0], receivedG: 47 * 3, count: 3 } as KnownLot;
    const left = (treated: number) => slipOf({ ...sold, tin, treated }, theShop(demoDb(NOW))).inBottle;
    expect([left(0), left(2), left(99)]).toEqual([Math.floor(47 / slip.grams), Math.floor(47 / slip.grams) - 2, 0]);
  });
  it('warns of cloths for what renews it, and of what is in a bottle only where one came with it', () => {
    const { sold } = demoSlip();
    const thinned = demoLots.find((lot) => lot.ingredients.includes('citrus-solvent') && lot.kind === 'made');
    if (!thinned) throw new Error('no thinned lot');
    const slot = sold.batch.regimen.steps.filter((step) => step.kind === 'coat').at(-1)?.slot ?? '';
    const of = (tin: KnownLot | null) =>
      slipOf(
        { ...sold, tin, batch: { ...sold.batch, materials: { ...sold.batch.materials, [slot]: thinned } } },
        theShop(demoDb(NOW)),
      ).cautions;
    expect(of(null)).toEqual(['rags-self-heat']);
    expect(of(thinned)).toEqual(expect.arrayContaining(['rags-self-heat', 'solvent', 'aspiration']));
  });
  it('carries the care text in its code until the shop has an address', () => {
    expect(slipIn(demoSlip().slip, 'en', BASE_READS).codeText).toContain('Allergens: bee product.');
    const { slip } = demoSlip({ baseAddress: 'https://shed.example' });
    expect(slipIn(slip, 'en', BASE_READS).codeText).toBe(`https://shed.example/care/${slip.code}`);
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
      const text = slipIn(slip, language, BASE_READS, wish.size);
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
    const looks = careLooksBetween(demoDb(NOW), '2031-03-03', '2031-06-30');
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
    ragsHeat: true,
  };
  const look = (of: About) => LETTER_WORDS.look(of, { ordinal: 1 });
  it('say what is due, where its page is, and how to have no more', () => {
    const { subject, body } = look(about);
    expect(subject).toBe('A look at your pear bread board');
    expect(body).toContain('https://shed.example/care/ABCDEFGHJK#letters');
    expect(body).toContain('left in the tin');
    expect(look({ ...about, baseAddress: null, hasBottle: false }).body).toContain('answer with the word “stop”');
  });
  it.each(LANGUAGES)('say in %s why a piece would not be sold today, and what to do until it is answered', (language) => {
    const { subject, body } = LETTER_WORDS.judged({ ...about, language }, { noticeId: 1, gates: ['wood', 'film'] });
    const { letter } = SLIP_WORDS[language];
    expect(body).toContain(`${letter.gates.wood}; ${letter.gates.film}`);
    expect(body).toContain('31-001/2');
    expect(subject).not.toBe(look({ ...about, language }).subject);
  });
  it('are in the owner’s language, several as one, and plain about harm', () => {
    expect(look({ ...about, language: 'de' }).subject).toBe('Zeit, nach dem Holz zu sehen: Bread board, Birnbaum');
    expect(LETTER_WORDS.hold(about, { holdId: 1, why: 'smells rancid' }).body).toContain('do not use it for food');
    const both = lettersTogether('fr', [look(about), look(about)]);
    expect(both.subject).toContain('2 pièces');
    expect(both.body.split('* * *')).toHaveLength(2);
  });
});
