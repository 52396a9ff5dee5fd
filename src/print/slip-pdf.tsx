import 'server-only';
import { Document, Image, Page, Path, renderToBuffer, Svg, View } from '@react-pdf/renderer';
import type { Language } from '@/core/care';
import type { Reads } from '@/core/quantity';
import { PICTOGRAMS, type Pictogram } from '@/ui/pictograms';
import { logOf, ringShare } from '@/ui/ring';
import { codePng } from './code';
import { registerFonts } from './fonts';
import { widestWord } from './measure';
import { printable } from './printable';
import { Words } from './set-words';
import { type Slip, type SlipSize, type SlipText, slipIn } from './slip';

const INK = '#12211c';
const SOFT = '#46564f';
/** Type of each size, pt: the largest at which all of it fits is taken, and what does not fit at the least is refused. */
const TYPE_PT: Readonly<Record<SlipSize, { readonly most: number; readonly least: number }>> = {
  A6: { most: 12, least: 5.3 },
  A7: { most: 9, least: 4.6 },
};
/** From one type to the next that is tried. */
const STEP = 1.03;
/** A first guess at the type: letters of a slip fill about this share of its room, as squares of their type. Measured on the demo shed's slips in four languages, 0.64 to 0.81. */
const FILL = 0.72;
/** Sides of a card, and what stands in its head, pt. */
const LAYOUT_PT: Readonly<Record<SlipSize, Readonly<Record<'width' | 'height' | 'padding' | 'code' | 'log' | 'gap', number>>>> = {
  A6: { width: 297.6, height: 419.5, padding: 17, code: 62, log: 45, gap: 8 },
  A7: { width: 209.8, height: 297.6, padding: 11, code: 46, log: 33, gap: 8 },
};
const SIGN_GAP_PT = 5;

/** How wide a line may be beside the code, and beside a sign, pt. */
function roomOf(size: SlipSize, pt: number): { readonly head: number; readonly body: number; readonly height: number } {
  const { width, height, padding, code, log, gap } = LAYOUT_PT[size];
  const inner = width - 2 * padding;
  return { head: inner - code - log - 2 * gap, body: inner - 2 * pt - SIGN_GAP_PT, height: height - 2 * padding };
}

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
  <Svg viewBox="0 0 24 24" style={{ width: side, height: side, marginRight: SIGN_GAP_PT }}>
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
  const { code: side, log, padding, gap } = LAYOUT_PT[size];
  const { head, body } = roomOf(size, pt);
  return (
    <Page size={size} style={{ fontFamily: 'Archivo', fontSize: pt, lineHeight: 1.3, color: INK, padding }}>
      <View style={{ flexDirection: 'row', gap }}>
        <Log slip={slip} side={log} />
        <View style={{ flex: 1 }}>
          <Words pt={pt * 1.7} width={head} weight={700} lineHeight={1.12}>
            {text.title}
          </Words>
          {[`${slip.shop}\u00a0· ${slip.pieceNumber}\u00a0· ${slip.code}`, text.wood].map((line) => (
            <Words key={line} pt={pt * 0.88} width={head} color={SOFT}>
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
          <Words pt={pt} width={body} weight={600}>
            {text.look}
          </Words>
        </View>
      </View>
      {text.parts.map((part) => (
        <View key={part.sign + part.heading} style={{ flexDirection: 'row', marginTop: pt * 0.5 }}>
          <Sign of={part.sign} side={pt * 2} />
          <View style={{ flex: 1 }}>
            {part.heading ? (
              <Words pt={pt} width={body} weight={700}>
                {part.heading}
              </Words>
            ) : null}
            {part.lines.map((line, i) => (
              <Words key={line} pt={pt} width={body} weight={part.strong || (part.sign === 'on' && i > 0) ? 600 : 400}>
                {line}
              </Words>
            ))}
          </View>
        </View>
      ))}
    </Page>
  );
}

const allOf = ({ title, wood, look, parts }: SlipText): string =>
  [title, wood, look, ...parts.flatMap((part) => [part.heading, ...part.lines])].join(' ');

export type SlipWish = { readonly size: SlipSize; readonly languages: readonly Language[] };

/** How many pages a PDF has, by its page objects. */
const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;

/** A slip as set: its PDF and the type, pt. */
export type Printed = { readonly pdf: Buffer; readonly pt: number };

/** The slip as a PDF in the shipped font: one side for each language, in the largest type at which every side is one page. */
export async function setSlip(asked: Slip, { size, languages }: SlipWish, reads: Reads): Promise<Printed | null> {
  registerFonts();
  const slip = printable(asked);
  const sides = await Promise.all(
    languages.map(async (language) => {
      // The code holds the words as they were typed: whoever reads it has other letters than the paper.
      const { codeText } = slipIn(asked, language, reads, size);
      return { text: slipIn(slip, language, reads, size), code: await codePng(codeText) };
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
  const { head, body, height } = roomOf(size, least);
  // A single word that is wider than its room even in the least type cannot be set whole.
  const tooWide = sides.some(
    ({ text }) => widestWord(text.title, 700) * least > head || widestWord(allOf(text), 700) * least > body,
  );
  if (tooWide) return null;
  const letters = Math.max(...sides.map(({ text }) => allOf(text).length));
  const guess = Math.min(most, Math.max(least, Math.sqrt((FILL * body * height) / letters)));
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
