import 'server-only';
import { Document, Image, Page, Path, renderToBuffer, Svg, View } from '@react-pdf/renderer';
import type { Language } from '@/core/care';
import { PICTOGRAMS, type Pictogram } from '@/ui/pictograms';
import { logOf, ringShare } from '@/ui/ring';
import { registerFonts } from '../shop/fonts';
import { Words } from '../shop/set-words';
import { codePng } from './code';
import { pdfPicture } from '../shop/pdf-picture';
import { type Slip, slipIn, type SlipSize, type SlipText } from './slip';

const INK = '#12211c';
const SOFT = '#46564f';
/** Type of each size, pt: the largest at which all of it fits is taken, and what does not fit at the least is refused. */
const TYPE_PT: Readonly<Record<SlipSize, { readonly most: number; readonly least: number }>> = {
  A6: { most: 12, least: 5.3 },
  A7: { most: 9, least: 4.6 },
};
/** From one type to the next that is tried. */
const STEP = 1.03;
/** A first guess at the type: letters of a slip fill about this share of its inner area, pt², as squares of their type. Measured on the demo shed's slips in four languages, 0.60 to 0.76. */
const FILL = 0.68;
const AREA_PT2: Readonly<Record<SlipSize, number>> = { A6: 263 * 385, A7: 188 * 276 };

/** The batch's ring as it is on the screen, in ink: every coat a growth ring, the bark whole. */
function Log({ slip, side }: { readonly slip: Slip; readonly side: number }) {
  const { path } = logOf(slip.seed);
  const coats = Array.from({ length: slip.ring.coats }, (_, i) => ringShare(i + 1, slip.ring.coatsPlanned));
  return (
    <Svg viewBox="-52 -52 104 104" style={{ width: side, height: side }}>
      {coats.map((share) => (
        <Path key={share} d={path(share)} stroke={INK} strokeWidth={5} fill="none" />
      ))}
      <Path d={path(1)} stroke={INK} strokeWidth={7} fill="none" />
    </Svg>
  );
}

const Sign = ({ of, side }: { readonly of: Pictogram; readonly side: number }) => (
  <Svg viewBox="0 0 24 24" style={{ width: side, height: side, marginRight: 5 }}>
    {PICTOGRAMS[of].map((d) => (
      <Path key={d} d={d} stroke={INK} strokeWidth={1.8} fill="none" />
    ))}
  </Svg>
);

type CardProps = {
  readonly slip: Slip;
  readonly text: SlipText;
  readonly code: string;
  readonly size: SlipSize;
  readonly pt: number;
};

function Card({ slip, text, code, size, pt }: CardProps) {
  const side = size === 'A6' ? 62 : 46;
  return (
    <Page
      size={size}
      style={{ fontFamily: 'Archivo', fontSize: pt, lineHeight: 1.3, color: INK, padding: size === 'A6' ? 17 : 11 }}
    >
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Log slip={slip} side={side * 0.72} />
        <View style={{ flex: 1 }}>
          <Words pt={pt * 1.7} weight={700} lineHeight={1.12}>
            {text.title}
          </Words>
          {[`${slip.shop}\u00a0· ${slip.pieceNumber}\u00a0· ${slip.code}`, text.wood].map((line) => (
            <Words key={line} pt={pt * 0.88} color={SOFT}>
              {line}
            </Words>
          ))}
        </View>
        <Image src={code} style={{ width: side, height: side }} />
      </View>
      <View style={{ borderTopWidth: 1, borderTopColor: INK, marginVertical: pt * 0.5 }} />
      <View style={{ flexDirection: 'row' }}>
        <Sign of="look" side={pt * 2} />
        <View style={{ flex: 1 }}>
          <Words pt={pt} weight={600}>
            {text.look}
          </Words>
        </View>
      </View>
      {text.parts.map((part) => (
        <View key={part.sign + part.heading} style={{ flexDirection: 'row', marginTop: pt * 0.5 }}>
          <Sign of={part.sign} side={pt * 2} />
          <View style={{ flex: 1 }}>
            {part.heading ? (
              <Words pt={pt} weight={700}>
                {part.heading}
              </Words>
            ) : null}
            {part.lines.map((line, i) => (
              <Words key={line} pt={pt} weight={part.strong || (part.sign === 'on' && i > 0) ? 600 : 400}>
                {line}
              </Words>
            ))}
          </View>
        </View>
      ))}
    </Page>
  );
}

const lettersOf = ({ title, wood, look, parts }: SlipText): number =>
  [title, wood, look, ...parts.flatMap((part) => [part.heading, ...part.lines])].join(' ').length;

export type SlipWish = { readonly size: SlipSize; readonly languages: readonly Language[] };

/** How many pages a PDF has, by its page objects. */
const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;

/** A slip as set: its PDF and the type, pt. */
type Printed = { readonly pdf: Buffer; readonly pt: number };

/** What was made lately, by all it says: the page asks for the type, then its pictures and the PDF are fetched. */
function lately<T>(most: number): (key: string, make: () => Promise<T>) => Promise<T> {
  const kept = new Map<string, Promise<T>>();
  return (key, make) => {
    const known = kept.get(key) ?? make();
    kept.delete(key);
    kept.set(key, known);
    known.catch(() => kept.delete(key));
    for (const old of [...kept.keys()].slice(0, Math.max(0, kept.size - most))) kept.delete(old);
    return known;
  };
}
const printed = lately<Printed | null>(40);
const pictured = lately<Buffer>(12);

/** The slip as a PDF, set once for as long as it says the same; null when even the least type does not fit, so that nothing is ever cut. */
export const slipPdf = (slip: Slip, wish: SlipWish): Promise<Printed | null> =>
  printed(JSON.stringify([slip, wish]), () => setSlip(slip, wish));

/** Dots of a printed inch. */
const DPI = 300;

/** One side of the printed slip as a picture, drawn from the very PDF: what is seen is what is printed. Null where there is no such side. */
export async function slipPicture(slip: Slip, wish: SlipWish, side: number): Promise<Buffer | null> {
  if (!Number.isInteger(side) || side < 0 || side >= wish.languages.length) return null;
  const made = await slipPdf(slip, wish);
  return made && pictured(JSON.stringify([slip, wish, side]), () => pdfPicture(made.pdf, side + 1, DPI));
}

/** The slip as a PDF in the shipped font: one side for each language, in the largest type at which every side is one page. */
async function setSlip(slip: Slip, { size, languages }: SlipWish): Promise<Printed | null> {
  registerFonts();
  const sides = await Promise.all(
    languages.map(async (language) => {
      const text = slipIn(slip, language, size);
      return { text, code: await codePng(text.codeText) };
    }),
  );
  const setIn = async (pt: number): Promise<Printed | null> => {
    const pdf = await renderToBuffer(
      <Document title={`${sides[0]?.text.title} ${slip.pieceNumber}`} author={slip.shop} language={languages[0] ?? 'en'}>
        {sides.map(({ text, code }) => (
          <Card key={text.language} slip={slip} text={text} code={code} size={size} pt={pt} />
        ))}
      </Document>,
    );
    return pagesOf(pdf) === sides.length ? { pdf, pt } : null;
  };
  const { most, least } = TYPE_PT[size];
  const letters = Math.max(...sides.map(({ text }) => lettersOf(text)));
  const guess = Math.min(most, Math.max(least, Math.sqrt((FILL * AREA_PT2[size]) / letters)));
  let best = await setIn(guess);
  for (let pt = guess / STEP; !best && pt > least; pt /= STEP) best = await setIn(pt);
  if (!best) return setIn(least);
  for (let pt = best.pt * STEP; best.pt >= guess && pt <= most; pt *= STEP) {
    const larger = await setIn(pt);
    if (!larger) break;
    best = larger;
  }
  return best;
}
