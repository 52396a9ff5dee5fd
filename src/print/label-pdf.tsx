import 'server-only';
import { Document, Image, Page, renderToBuffer, Text, View } from '@react-pdf/renderer';
import { labelPdf as wording } from '@/messages/screens/print';
import { codePng } from './code';
import { registerFonts } from './fonts';
import { codeMm, type Grid, type Label, PAD_MM } from './label';
import { printable } from './printable';

const MM = 72 / 25.4;
const INK = '#12211c';

type OneProps = {
  readonly label: Label;
  readonly grid: Grid;
  readonly size: number;
  readonly code: string;
};

function One({ label, grid, size, code }: OneProps) {
  const side = codeMm(grid.height) * MM;
  return (
    <View
      style={{
        width: grid.width * MM,
        height: grid.height * MM,
        padding: PAD_MM * MM,
        fontFamily: 'Archivo',
        fontSize: size,
        lineHeight: 1.2,
        color: INK,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 1.5 * MM }}>
        <View style={{ flex: 1 }}>
          <Text style={{ fontSize: size * 1.5, fontWeight: 700, lineHeight: 1.1 }}>{label.title}</Text>
          {label.notForFood ? <Text style={{ fontSize: size * 1.3, fontWeight: 700 }}>{label.notForFood}</Text> : null}
          <Text style={{ fontWeight: 600 }}>{label.net}</Text>
          <Text>{label.dates}</Text>
        </View>
        <Image src={code} style={{ width: side, height: side }} />
      </View>
      <Text>
        <Text style={{ fontWeight: 600 }}>{label.contents[0]}: </Text>
        {label.contents[1]}
      </Text>
      <Text style={{ fontWeight: 600 }}>{label.allergens}</Text>
      <Text>
        {label.use} {label.cautions}
      </Text>
      <Text>{label.shop}</Text>
    </View>
  );
}

/** Where a label of the sheet begins, by its place from the top left, along the rows. */
const cornerOf = (grid: Grid, at: number): { readonly left: number; readonly top: number } => ({
  left: (grid.left + (at % grid.columns) * (grid.width + grid.gapX)) * MM,
  top: (grid.top + Math.floor(at / grid.columns) * (grid.height + grid.gapY)) * MM,
});

/** Sheets of one label, beginning at any place of a part-used first sheet. */
export async function labelSheets(asked: Label, grid: Grid, size: number, count: number, from: number): Promise<Buffer> {
  registerFonts();
  const label = printable(asked);
  const code = await codePng(asked.code);
  const perSheet = grid.columns * grid.rows;
  const places = Array.from({ length: count }, (_, i) => i + from);
  const sheets = Array.from({ length: Math.ceil((count + from) / perSheet) }, (_, s) =>
    places.filter((place) => Math.floor(place / perSheet) === s),
  );
  return renderToBuffer(
    <Document title={wording.labels(label.number)} author={label.shop} language={label.language}>
      {sheets.map((sheet, s) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a sheet is its number
        <Page key={s} size={[grid.page[0] * MM, grid.page[1] * MM]}>
          {sheet.map((place) => (
            <View key={place} style={{ position: 'absolute', ...cornerOf(grid, place % perSheet) }}>
              <One label={label} grid={grid} size={size} code={code} />
            </View>
          ))}
        </Page>
      ))}
    </Document>,
  );
}
