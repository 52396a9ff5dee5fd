import 'server-only';
import { Document, Image, Page, Path, renderToBuffer, Svg, Text, View } from '@react-pdf/renderer';
import type { Language } from '@/core/care';
import { PICTOGRAMS, type Pictogram } from '@/ui/pictograms';
import { logOf, ringShare } from '@/ui/ring';
import { registerFonts } from '../shop/fonts';
import { codePng } from './code';
import { type Slip, slipIn, type SlipSize, type SlipText } from './slip';

const INK = '#12211c';
const SOFT = '#46564f';
/** Type of each size, pt: the largest at which all of it fits is taken, and what does not fit at the least is refused. */
const TYPE_PT: Readonly<Record<SlipSize, { readonly most: number; readonly least: number }>> = {
  A6: { most: 10.4, least: 5.3 },
  A7: { most: 7.9, least: 4.6 },
};
const STEP_PT = 0.3;

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
          <Text style={{ fontSize: pt * 1.7, fontWeight: 700, lineHeight: 1.12 }}>{text.title}</Text>
          <Text style={{ fontSize: pt * 0.88, color: SOFT }}>
            {slip.shop} · {slip.pieceNumber} · {slip.code}
          </Text>
          <Text style={{ fontSize: pt * 0.88, color: SOFT }}>{text.wood}</Text>
        </View>
        <Image src={code} style={{ width: side, height: side }} />
      </View>
      <View style={{ borderTopWidth: 1, borderTopColor: INK, marginVertical: pt * 0.5 }} />
      <View style={{ flexDirection: 'row' }}>
        <Sign of="look" side={pt * 2} />
        <Text style={{ fontWeight: 600, flex: 1 }}>{text.look}</Text>
      </View>
      {text.parts.map((part) => (
        <View key={part.sign + part.heading} style={{ flexDirection: 'row', marginTop: pt * 0.5 }}>
          <Sign of={part.sign} side={pt * 2} />
          <View style={{ flex: 1 }}>
            {part.heading ? <Text style={{ fontWeight: 700 }}>{part.heading}</Text> : null}
            {part.lines.map((line, i) => (
              <Text key={line} style={{ fontWeight: part.strong || (part.sign === 'on' && i > 0) ? 600 : 400 }}>
                {line}
              </Text>
            ))}
          </View>
        </View>
      ))}
    </Page>
  );
}

export type SlipWish = { readonly size: SlipSize; readonly languages: readonly Language[] };

/** How many pages a PDF has, by its page objects. */
const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;

type Printed = { readonly pdf: Buffer; readonly pt: number };
/** Slips that were set lately, by all they say: the page asks for the type, then the PDF is fetched. */
const lately = new Map<string, Promise<Printed>>();
const MOST_KEPT = 40;

/** The slip as a PDF, set once for as long as it says the same. */
export function slipPdf(slip: Slip, wish: SlipWish): Promise<Printed> {
  const key = JSON.stringify([slip, wish]);
  const known = lately.get(key) ?? setSlip(slip, wish);
  lately.delete(key);
  lately.set(key, known);
  known.catch(() => lately.delete(key));
  for (const old of [...lately.keys()].slice(0, Math.max(0, lately.size - MOST_KEPT))) lately.delete(old);
  return known;
}

/**
 * The slip as a PDF in the shipped font: one side for each language. Set in the largest type at which every side is one page.
 * @returns the PDF and the type it is set in, pt. Throws when even the least does not fit, so that nothing is ever cut.
 */
async function setSlip(slip: Slip, { size, languages }: SlipWish): Promise<Printed> {
  registerFonts();
  const sides = await Promise.all(
    languages.map(async (language) => {
      const text = slipIn(slip, language, size);
      return { text, code: await codePng(text.codeText) };
    }),
  );
  for (let pt = TYPE_PT[size].most; pt >= TYPE_PT[size].least; pt -= STEP_PT) {
    const pdf = await renderToBuffer(
      <Document title={`${sides[0]?.text.title} ${slip.pieceNumber}`} author={slip.shop} language={languages[0] ?? 'en'}>
        {sides.map(({ text, code }) => (
          <Card key={text.language} slip={slip} text={text} code={code} size={size} pt={pt} />
        ))}
      </Document>,
    );
    if (pagesOf(pdf) === sides.length) return { pdf, pt };
  }
  throw new Error(`the slip of ${slip.pieceNumber} does not fit on ${size}`);
}
