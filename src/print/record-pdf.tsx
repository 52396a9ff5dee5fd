import 'server-only';
import { createHash } from 'node:crypto';
import { Document, Image, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import { type Reads, say } from '@/core/quantity';
import type { ReleaseRecord } from '@/core/release';
import { CONTACT_WORDS, gateName, ORIGIN_WORDS, USE_WORDS, VERDICT_WORDS } from '@/messages';
import { recordPdf as wording } from '@/messages/screens/print';
import { shared } from '@/messages/screens/shared';
import { allergenNames } from '@/messages/slip';
import { registerFonts } from './fonts';
import { printable } from './printable';
import { airLineOf, checkLinesOf, costLinesOf, marginLine, ragLinesOf, recordTime, statementsOf } from './record-body';

const styles = StyleSheet.create({
  page: { fontFamily: 'Archivo', fontSize: 9.2, lineHeight: 1.35, color: '#12211c', padding: 42, paddingBottom: 60 },
  title: { fontSize: 18, fontWeight: 700, lineHeight: 1.15 },
  head: { fontSize: 10.5, fontWeight: 700, marginTop: 9, marginBottom: 2 },
  row: { flexDirection: 'row', gap: 8, borderTopWidth: 0.5, borderTopColor: '#a9b4b0', paddingVertical: 1.5 },
  strong: { fontWeight: 600 },
  soft: { color: '#46564f' },
  photos: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, marginTop: 4 },
  photo: { width: 120 },
  picture: { width: 120, height: 90, objectFit: 'contain' },
  foot: { position: 'absolute', bottom: 24, left: 42, right: 42, fontSize: 7.2, color: '#46564f' },
});

const Head = ({ children }: { readonly children: string }) => <Text style={styles.head}>{children}</Text>;

/** A photo of the record: what it shows, and its picture as a data address. */
export type RecordPhoto = { readonly what: string; readonly data: string };

/** The photos of the record, small. */
const Photos = ({ photos }: { readonly photos: readonly RecordPhoto[] }) => (
  <View style={styles.photos}>
    {photos.map((photo) => (
      <View key={photo.data.slice(-64)} style={styles.photo} wrap={false}>
        <Image src={photo.data} style={styles.picture} />
        <Text style={styles.soft}>{photo.what}</Text>
      </View>
    ))}
  </View>
);

/** What was decided, in one sentence, with the reason that prints on the record. */
function verdict({ outcome, next, reason }: ReleaseRecord): string {
  const what =
    outcome === 'released' ? wording.releasedForSale : next === 'mend' ? wording.refusedToBeMended : wording.refusedAndRejected;
  return `${what}.${reason ? wording.reason(reason) : ''}`;
}

type SheetProps = {
  readonly record: ReleaseRecord;
  readonly mark: string;
  readonly photos: readonly RecordPhoto[];
  readonly reads: Reads;
};

function Sheet({ record, mark, photos, reads }: SheetProps) {
  const { batch, zone } = record;
  return (
    <Document title={wording.releaseRecord(record.number)} author={record.shop} language="en">
      <Page size="A4" style={styles.page}>
        <Text style={styles.title}>{wording.releaseRecord(record.number)}</Text>
        <Text style={styles.soft}>
          {wording.batch(
            record.shop,
            batch.number,
            batch.pieces.length,
            batch.design,
            batch.wood,
            batch.botanical ? ` (${batch.botanical})` : '',
            record.version === 1 ? batch.origin : ORIGIN_WORDS[batch.origin],
            batch.regimen,
            batch.school,
          )}
        </Text>
        {record.version === 2 ? (
          <Text style={record.notForFood ? styles.strong : {}}>
            {wording.forWood(
              record.batch.use.map((use) => USE_WORDS[use]).join(', '),
              VERDICT_WORDS[record.batch.woodVerdict],
              record.notForFood ? wording.notForFoodThe : '',
            )}
          </Text>
        ) : null}
        <Text style={[styles.strong, { marginTop: 6 }]}>{verdict(record)}</Text>
        <Text>{wording.signedBy(record.by, recordTime(record.at, zone), zone)}</Text>
        <Head>{wording.gates}</Head>
        {record.gates.map((gate) => (
          <View key={gate.id} style={styles.row} wrap={false}>
            <Text style={{ width: 70 }}>{gate.met ? wording.met : gate.signed ? wording.signedFor : wording.notMet}</Text>
            <Text style={{ flex: 1 }}>{gateName(gate.id, record.version)}</Text>
          </View>
        ))}
        <Head>{wording.whatItRestsOn}</Head>
        <Text>{airLineOf(record, reads)}.</Text>
        <Text>
          {wording.stepsDoneLeftContact(
            record.steps.done,
            record.steps.left,
            CONTACT_WORDS[record.contact as keyof typeof CONTACT_WORDS] ?? record.contact,
            allergenNames('en', record.allergens, record.undeclared),
            record.undeclared.length > 0 ? wording.notAllContentsDeclared(record.undeclared.join(', ')) : '',
          )}
        </Text>
        {record.weighed ? <Text>{wording.testPieceWeighedTimes(record.weighed.times)}</Text> : null}
        <Head>{wording.checks}</Head>
        {record.checks.length === 0 ? <Text>{wording.none}</Text> : null}
        {checkLinesOf(record).map((line) => (
          <Text key={line}>{line.replace(/^● /, 'passed: ').replace(/^○ /, 'failed: ')}</Text>
        ))}
        <Head>{wording.lotsAndPapers}</Head>
        {record.lots.map((lot) => (
          <View key={`${lot.slot}${lot.number}`} style={styles.row} wrap={false}>
            <Text style={{ width: 70 }}>{lot.number}</Text>
            <Text style={{ flex: 1 }}>
              {lot.title}: {lot.contents.join(', ')}.{' '}
              {lot.declarations.length > 0
                ? wording.declared(lot.declarations.map((paper) => `${paper.name} (${paper.lot})`).join(', '))
                : wording.noDeclarationOnFile}
              {statementsOf(lot)}
            </Text>
          </View>
        ))}
        {record.lots.length === 0 ? <Text>{wording.nothingIsOnIt}</Text> : null}
        <Head>{shared.coats}</Head>
        {record.coats.map((coat) => (
          <View key={`${coat.at}${coat.what}`} style={styles.row} wrap={false}>
            <Text style={{ width: 120 }}>{recordTime(coat.at, zone)}</Text>
            <Text style={{ flex: 1 }}>
              {coat.what}, {coat.lot}
            </Text>
            <Text style={{ width: 80 }}>
              {coat.grams === null ? '' : `${coat.estimated ? wording.about : ''}${say(coat.grams, 'g', reads)}`}
            </Text>
            <Text style={{ width: 90 }}>{coat.by}</Text>
          </View>
        ))}
        <Head>{wording.cloths}</Head>
        {record.rags.length === 0 ? <Text>{wording.noneWereOily}</Text> : null}
        {ragLinesOf(record).map((line) => (
          <Text key={line}>{line}</Text>
        ))}
        <Head>{wording.labelsAndPhotos}</Head>
        <Text>
          {record.labelled ? wording.labelsOn(record.labelled.by, recordTime(record.labelled.at, zone)) : wording.labelsNotSaidTo}{' '}
          {record.photos.length === 0 ? wording.noPhotos : wording.photosKept(record.photos.length)}
        </Text>
        <Photos photos={photos} />
        <Head>{wording.costOfAPiece}</Head>
        {costLinesOf(record, reads).map(([name, says]) => (
          <View key={name} style={styles.row} wrap={false}>
            <Text style={{ width: 120 }}>{name}</Text>
            <Text style={{ flex: 1 }}>{says}</Text>
          </View>
        ))}
        <Text style={styles.strong}>{wording.leftOfThePrice(marginLine(record))}</Text>
        <Head>{shared.pieces}</Head>
        <Text>{batch.pieces.map((piece) => `${piece.tag} ${piece.code}`).join(', ') || wording.noneLeft}</Text>
        <View fixed style={styles.foot}>
          <Text>{wording.evidenceAndUnknownsNot(record.number, mark)}</Text>
        </View>
      </Page>
    </Document>
  );
}

/** A release record on A4; its foot names the fingerprint of the very text that was signed. */
export async function recordPdf(
  record: ReleaseRecord,
  text: string,
  reads: Reads,
  photos: readonly RecordPhoto[] = [],
): Promise<Buffer> {
  registerFonts();
  return renderToBuffer(
    <Sheet
      reads={reads}
      record={printable(record)}
      mark={createHash('sha256').update(text).digest('hex')}
      photos={printable(photos)}
    />,
  );
}
