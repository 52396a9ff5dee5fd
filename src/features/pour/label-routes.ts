import 'server-only';
import { eq } from 'drizzle-orm';
import { LANGUAGES, type Language } from '@/core/care';
import { dateOf } from '@/core/quantity';
import type { Db } from '@/data/db';
import { fill } from '@/data/schema';
import type { Shop } from '@/data/shop/queries';
import { lotOf } from '@/data/stores/queries';
import { labelRoutes as wording } from '@/messages/screens/pour';
import { fitsPage, GRIDS, type Grid, type Label, type LabelFacts, labelOf, sheetFault, typeFor } from '@/print/label';
import { labelSheets } from '@/print/label-pdf';
import { labelPicture } from '@/print/label-png';
import { labelCautions } from '@/trade/cautions';
import { download } from '@/web/csv';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import { inThread } from '@/web/thread';

/** What a lot's label is made from as it is today; null for a lot that has none. */
export function labelFacts(db: Db, shop: Shop, lotId: number, language: Language = 'en'): LabelFacts | null {
  const lot = lotOf(db, lotId);
  if (!lot?.nature || (lot.kind !== 'made' && lot.kind !== 'tin')) return null;
  const filled = db.select().from(fill).where(eq(fill.lotId, lotId)).get();
  return {
    language,
    title: lot.title,
    number: lot.number,
    netG: filled?.netG ?? lot.leftG,
    contents: lot.contents,
    undeclared: lot.undeclared,
    nature: lot.nature,
    statements: lot.statements,
    cautions: labelCautions([lot]),
    madeOn: dateOf(lot.at, shop.zone),
    bestBefore: lot.bestBefore,
    shop: shop.name,
  };
}

/** The label of a lot as it is today; null for a lot that has none. */
export function labelFor(db: Db, shop: Shop, lotId: number, language: Language = 'en'): Label | null {
  const facts = labelFacts(db, shop, lotId, language);
  return facts && labelOf(facts, reads(), catalogue());
}

/** The language asked for, else English. */
export const labelLanguage = (asked: string | null): Language => LANGUAGES.find((one) => one === asked) ?? 'en';

const NUMBERS = ['columns', 'rows', 'width', 'height', 'left', 'top', 'gapX', 'gapY', 'pageWidth', 'pageHeight'] as const;

/** The grid that was asked for: one of the usual two, or the shop's own in millimetres; null when it does not lie within its page. */
export function gridOf(asked: URLSearchParams): Grid | null {
  const usual = GRIDS.find((grid) => grid.id === asked.get('grid'));
  if (usual) return usual;
  const [columns = 0, rows = 0, width = 0, height = 0, left = 0, top = 0, gapX = 0, gapY = 0, pageWidth = 0, pageHeight = 0] =
    NUMBERS.map((name) => Number((asked.get(name) ?? '').replace(',', '.') || Number.NaN));
  const own: Grid = {
    id: 'own',
    name: 'own',
    page: [pageWidth, pageHeight],
    columns,
    rows,
    width,
    height,
    left,
    top,
    gapX: gapX || 0,
    gapY: gapY || 0,
  };
  const whole =
    Number.isInteger(columns) && Number.isInteger(rows) && columns * rows <= 400 && pageWidth <= 2000 && pageHeight <= 2000;
  return whole && fitsPage(own) ? own : null;
}

const say = (text: string, status: number): Response =>
  new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } });

/** Labels of one lot: `?as=pdf` sheets or `?as=png` one picture. */
export async function labelResponse(request: Request): Promise<Response> {
  const { db, shop } = await session();
  const asked = new URL(request.url).searchParams;
  const label = labelFor(db, shop, Number(asked.get('lot')), labelLanguage(asked.get('lang')));
  if (!label) return say(wording.thereIsNoLabel, 404);
  const grid = gridOf(asked);
  if (!grid) return say(wording.theseLabelsDoNot, 400);
  const size = typeFor(label, grid);
  if (size === null) return say(wording.allThatTheLabel(grid.width, grid.height), 400);
  const name = `label-${label.number.replace('/', '-')}`;
  if (asked.get('as') === 'png')
    return download(`${name}.png`, 'image/png', new Uint8Array(await labelPicture(label, grid, size)));
  const [count, from] = [Number(asked.get('count') ?? 1), Number(asked.get('from') ?? 1)];
  const fault = sheetFault(grid, count, from);
  if (fault) return say(fault, 400);
  return new Response(new Uint8Array(await inThread('paper', 'labelSheets', [label, grid, size, count, from - 1], labelSheets)), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}.pdf"` },
  });
}
