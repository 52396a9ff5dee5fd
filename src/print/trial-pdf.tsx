import 'server-only';
import { Document, Page, renderToBuffer, Text, View } from '@react-pdf/renderer';
import { trialPdf as wording } from '@/messages/screens/print';
import { registerFonts } from './fonts';
import { printable } from './printable';

const MM = 72 / 25.4;
const INK = '#12211c';
const PAGE_MM = { width: 297, height: 210, edge: 12 } as const;
/** So much of a board goes on one sheet; a longer one is laid on from the mark. */
const SHEET_MM = 260;

export type TrialPaper = {
  readonly number: string;
  readonly name: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly boards: number;
  /** Where each field begins from the marked end and how long it is, mm. */
  readonly places: readonly { readonly fromMm: number; readonly lengthMm: number }[];
  /** Names by board and place, for whoever lays the coats. */
  readonly names: readonly (readonly string[])[];
};

type StripProps = { readonly paper: TrialPaper; readonly from: number };

/** One sheet of the template, to size: laid on the wood it shows where the tape goes. */
function Strip({ paper: { number, lengthMm, widthMm, places }, from }: StripProps) {
  const until = Math.min(lengthMm, from + SHEET_MM);
  const high = Math.min(widthMm, PAGE_MM.height - 2 * PAGE_MM.edge - 30);
  const shown = places
    .map((one, at) => ({ at, from: Math.max(one.fromMm, from), to: Math.min(one.fromMm + one.lengthMm, until) }))
    .filter((one) => one.to - one.from > 0.5);
  return (
    <Page size="A4" orientation="landscape" style={{ padding: PAGE_MM.edge * MM, fontFamily: 'Archivo', color: INK }}>
      <Text style={{ fontSize: 11, fontWeight: 600 }}>
        {wording.whereTheTapeGoes(number, from > 0 ? wording.laidOnFromThe(from) : wording.theDotIsThe)}
      </Text>
      <Text style={{ fontSize: 9, marginBottom: 4 * MM }}>{wording.printAtTheBar}</Text>
      <View style={{ position: 'relative', height: high * MM, width: (until - from) * MM, borderWidth: 0.6, borderColor: INK }}>
        {shown.map(({ at, from: left, to }) => (
          <View
            key={at}
            style={{
              position: 'absolute',
              left: (left - from) * MM,
              top: 0,
              width: (to - left) * MM,
              height: high * MM,
              borderLeftWidth: 0.8,
              borderRightWidth: 0.8,
              borderColor: INK,
              alignItems: 'center',
              justifyContent: 'center',
            }}
          >
            <Text style={{ fontSize: 26, fontWeight: 700 }}>{at + 1}</Text>
          </View>
        ))}
        {from === 0 ? (
          <View
            style={{
              position: 'absolute',
              left: 2 * MM,
              bottom: 2 * MM,
              width: 3 * MM,
              height: 3 * MM,
              borderRadius: 9,
              backgroundColor: INK,
            }}
          />
        ) : null}
      </View>
      <View style={{ marginTop: 5 * MM, width: 100 * MM, height: 1.5 * MM, backgroundColor: INK }} />
    </Page>
  );
}

/** The tags of the fields, to be cut and tied or taped on: numbers alone, so that who scores sees no name. */
function Tags({ paper: { number, boards, places } }: { readonly paper: TrialPaper }) {
  const tags = Array.from({ length: boards }, (_, board) => places.map((_place, place) => `${board + 1}·${place + 1}`)).flat();
  return (
    <Page size="A4" orientation="landscape" wrap style={{ padding: PAGE_MM.edge * MM, fontFamily: 'Archivo', color: INK }}>
      <Text style={{ fontSize: 11, fontWeight: 600, marginBottom: 3 * MM }}>{wording.tagsBoardFieldFrom(number)}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap' }}>
        {tags.map((tag) => (
          <View
            key={tag}
            wrap={false}
            style={{
              width: 32 * MM,
              height: 18 * MM,
              borderWidth: 0.5,
              borderColor: INK,
              alignItems: 'center',
              justifyContent: 'center',
            }}
          >
            <Text style={{ fontSize: 20, fontWeight: 700 }}>{tag}</Text>
            <Text style={{ fontSize: 7 }}>{number}</Text>
          </View>
        ))}
      </View>
    </Page>
  );
}

/** Which finish goes where: for who lays the coats, kept from who scores. */
function Coating({ paper: { number, name, names, places } }: { readonly paper: TrialPaper }) {
  const cell = { borderWidth: 0.5, borderColor: INK, padding: 4, flex: 1 } as const;
  return (
    <Page
      size="A4"
      orientation="landscape"
      wrap
      style={{ padding: PAGE_MM.edge * MM, fontFamily: 'Archivo', fontSize: 11, color: INK }}
    >
      <Text style={{ fontSize: 16, fontWeight: 700 }}>{name}</Text>
      <Text style={{ fontWeight: 600, marginBottom: 3 * MM }}>{wording.whatGoesWhereFor(number)}</Text>
      <View style={{ flexDirection: 'row' }} wrap={false}>
        <Text style={{ ...cell, flex: 0.6, fontWeight: 600 }}>{wording.board}</Text>
        {places.map((_, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a place is its number
          <Text key={at} style={{ ...cell, fontWeight: 600 }}>
            {wording.field(at + 1)}
          </Text>
        ))}
      </View>
      {names.map((row, board) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a board is its number
        <View key={board} style={{ flexDirection: 'row' }} wrap={false}>
          <Text style={{ ...cell, flex: 0.6, fontWeight: 600 }}>{board + 1}</Text>
          {row.map((one, place) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a place is its number
            <Text key={place} style={cell}>
              {one}
            </Text>
          ))}
        </View>
      ))}
    </Page>
  );
}

/** The papers of a trial: the template to size, the tags, and what goes where. */
export async function trialPdf(asked: TrialPaper): Promise<Buffer> {
  registerFonts();
  const paper = printable(asked);
  const starts = Array.from({ length: Math.ceil(paper.lengthMm / SHEET_MM) }, (_, i) => i * SHEET_MM);
  return renderToBuffer(
    <Document title={wording.trial(paper.number)}>
      {starts.map((from) => (
        <Strip key={from} paper={paper} from={from} />
      ))}
      <Tags paper={paper} />
      <Coating paper={paper} />
    </Document>,
  );
}
