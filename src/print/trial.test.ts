import sharp from 'sharp';
import { getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { pdfPicture } from './pdf-picture';
import { trialPdf } from './trial-pdf';

const PAPER = {
  number: 'T31-01',
  name: 'Which one stays?',
  lengthMm: 420,
  widthMm: 110,
  boards: 2,
  places: [0, 1, 2, 3].map((i) => ({ fromMm: i * 106.5, lengthMm: 100.5 })),
  names: [
    ['Bare', 'Tung', 'Linseed', 'Paste'],
    ['Tung', 'Bare', 'Paste', 'Linseed'],
  ],
};
/** Ten dots to the millimetre. */
const DPI = 254;

/** The longest run of dark dots in a row of a picture, for each row. */
async function darkRuns(png: Buffer): Promise<number[]> {
  const { data, info } = await sharp(png).greyscale().raw().toBuffer({ resolveWithObject: true });
  return Array.from({ length: info.height }, (_, y) => {
    let [run, most] = [0, 0];
    for (let x = 0; x < info.width; x++) {
      run = (data[y * info.width + x] ?? 255) < 90 ? run + 1 : 0;
      most = Math.max(most, run);
    }
    return most;
  });
}

describe('the papers of a trial', () => {
  it('are a template to size in as many sheets as the board wants, tags without names, and what goes where', async () => {
    const pdf = await trialPdf(PAPER);
    const document = await getDocumentProxy(new Uint8Array(pdf));
    expect(document.numPages).toBe(4);
    const textOf = async (page: number): Promise<string> =>
      (await (await document.getPage(page)).getTextContent()).items.map((item) => ('str' in item ? item.str : '')).join(' ');
    expect(await textOf(2)).toContain('260 mm');
    const tags = await textOf(3);
    for (const tag of ['1·1', '1·4', '2·3']) expect(tags).toContain(tag);
    expect(tags).not.toMatch(/Tung|Bare|Paste/);
    expect(await textOf(4)).toContain('Linseed');
    // The bar that says whether the printer kept the size is 100 mm long: a thousand dots.
    const runs = await darkRuns(await pdfPicture(pdf, 1, DPI));
    const bar = runs.filter((run) => Math.abs(run - 1000) <= 4);
    expect(bar.length).toBeGreaterThanOrEqual(13);
  });
});
