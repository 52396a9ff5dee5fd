import 'server-only';
import path from 'node:path';
import { Document, Font, Image, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import { longDate } from '@/ui/when';
import { codePng } from './code';
import type { Slip } from './slip';

const FONTS = path.join(process.cwd(), 'assets', 'fonts');
Font.register({
  family: 'Archivo',
  fonts: [
    { src: path.join(FONTS, 'Archivo_400Regular.ttf'), fontWeight: 400 },
    { src: path.join(FONTS, 'Archivo_600SemiBold.ttf'), fontWeight: 600 },
    { src: path.join(FONTS, 'Archivo_700Bold.ttf'), fontWeight: 700 },
  ],
});
Font.registerHyphenationCallback((word) => [word]);

const INK = '#12211c';
const styles = StyleSheet.create({
  page: { fontFamily: 'Archivo', fontSize: 7.6, lineHeight: 1.32, color: INK, padding: 18 },
  title: { fontSize: 14, fontWeight: 700, lineHeight: 1.15 },
  small: { fontSize: 6.8, color: '#46564f' },
  head: { fontWeight: 700, marginTop: 5 },
  strong: { fontWeight: 600 },
  row: { flexDirection: 'row', gap: 10 },
  rule: { borderTopWidth: 1, borderTopColor: INK, marginVertical: 6 },
});

function Card({ slip, code }: { readonly slip: Slip; readonly code: string }) {
  return (
    <Document title={`${slip.title} ${slip.pieceNumber}`} author={slip.shop} language="en">
      <Page size="A6" style={styles.page}>
        <View style={styles.row}>
          <View style={{ flex: 1 }}>
            <Text style={styles.title}>{slip.title}</Text>
            <Text style={styles.small}>
              {slip.shop} · {slip.pieceNumber} · {slip.code}
            </Text>
            <Text style={styles.small}>{slip.wood}</Text>
          </View>
          {/* biome-ignore lint/a11y/useAltText: an image inside a PDF, described by the code beside it */}
          <Image src={code} style={{ width: 62, height: 62 }} />
        </View>
        <View style={styles.rule} />
        <Text style={styles.strong}>{slip.look}</Text>
        <Text style={styles.head}>Keep it</Text>
        <Text>{slip.wash}</Text>
        <Text>{slip.never}</Text>
        <Text style={styles.head}>Renew it</Text>
        <Text>{slip.treat}</Text>
        {slip.intervalDays === null ? null : (
          <Text>
            About every {slip.intervalDays} days, {slip.grams.toFixed(1)} g a time. First looks: {slip.nextDates.map(longDate).join(', ')}.
          </Text>
        )}
        {slip.cloths ? <Text style={styles.strong}>{slip.cloths}</Text> : null}
        <Text style={styles.head}>On it</Text>
        <Text>
          {slip.finish}. {slip.ingredients.join(', ') || 'Nothing'}.
        </Text>
        <Text style={styles.strong}>Allergens: {slip.allergens.join(', ') || 'none known'}.</Text>
        <Text style={styles.head}>Send it back</Text>
        <Text>{slip.sendBack}</Text>
      </Page>
    </Document>
  );
}

/** The slip as an A6 page, set in the shipped font. */
export async function slipPdf(slip: Slip): Promise<Buffer> {
  return renderToBuffer(<Card slip={slip} code={await codePng(slip.codeText)} />);
}
