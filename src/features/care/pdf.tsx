import 'server-only';
import { Document, Image, Page, Path, renderToBuffer, StyleSheet, Svg, Text, View } from '@react-pdf/renderer';
import { logOf, ringShare } from '@/ui/ring';
import { longDate } from '@/ui/when';
import { registerFonts } from '../shop/fonts';
import { codePng } from './code';
import type { Slip } from './slip';

const INK = '#12211c';
const styles = StyleSheet.create({
  page: { fontFamily: 'Archivo', fontSize: 8.6, lineHeight: 1.34, color: INK, padding: 18 },
  title: { fontSize: 15, fontWeight: 700, lineHeight: 1.15 },
  small: { fontSize: 7.4, color: '#46564f' },
  head: { fontWeight: 700, marginTop: 5 },
  strong: { fontWeight: 600 },
  row: { flexDirection: 'row', gap: 10 },
  rule: { borderTopWidth: 1, borderTopColor: INK, marginVertical: 6 },
});

/** The batch's ring as it is on the screen, in ink: every coat a growth ring, the bark whole. */
function Log({ slip }: { readonly slip: Slip }) {
  const { path } = logOf(slip.seed);
  const coats = Array.from({ length: slip.ring.coats }, (_, i) => ringShare(i + 1, slip.ring.coatsPlanned));
  return (
    <Svg viewBox="-52 -52 104 104" style={{ width: 46, height: 46 }}>
      {coats.map((share) => (
        <Path key={share} d={path(share)} stroke={INK} strokeWidth={5} fill="none" />
      ))}
      <Path d={path(1)} stroke={INK} strokeWidth={7} fill="none" />
    </Svg>
  );
}

function Card({ slip, code }: { readonly slip: Slip; readonly code: string }) {
  return (
    <Document title={`${slip.title} ${slip.pieceNumber}`} author={slip.shop} language="en">
      <Page size="A6" style={styles.page}>
        <View style={styles.row}>
          <Log slip={slip} />
          <View style={{ flex: 1 }}>
            <Text style={styles.title}>{slip.title}</Text>
            <Text style={styles.small}>
              {slip.shop} · {slip.pieceNumber} · {slip.code}
            </Text>
            <Text style={styles.small}>{slip.wood}</Text>
          </View>
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
            About every {slip.intervalDays} days, {slip.grams.toFixed(1)} g a time. First looks:{' '}
            {slip.nextDates.map(longDate).join(', ')}.
          </Text>
        )}
        {slip.cloths ? <Text style={styles.strong}>{slip.cloths}</Text> : null}
        <Text style={styles.head}>On it</Text>
        <Text>
          {slip.finish}. {slip.ingredients.join(', ') || 'Nothing'}.
        </Text>
        <Text style={styles.strong}>
          Allergens: {slip.allergens.join(', ') || 'none known'}.
          {slip.undeclared.length > 0 ? ` Not all contents declared: ${slip.undeclared.join(', ')}.` : ''}
        </Text>
        <Text style={styles.head}>Send it back</Text>
        <Text>{slip.sendBack}</Text>
      </Page>
    </Document>
  );
}

/** The slip as an A6 page, set in the shipped font. */
export async function slipPdf(slip: Slip): Promise<Buffer> {
  registerFonts();
  return renderToBuffer(<Card slip={slip} code={await codePng(slip.codeText)} />);
}
