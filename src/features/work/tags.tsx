import 'server-only';
import { notFound } from 'next/navigation';
import QRCode from 'qrcode';
import { loadBatch, piecesIn, tagOf } from '@/data/work/batch';
import { standingOfBatch } from '@/data/work/standing';
import { tags as wording } from '@/messages/screens/work';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { Ring } from '@/ui/ring';
import { session } from '@/web/session';

/** Tags for the pieces of a batch: its ring, the chalk mark, and a code a camera reads; cut along the lines. */
export async function Tags({ id }: { readonly id: number }) {
  const { db, nowMs } = await session();
  const batch = Number.isInteger(id) ? loadBatch(db, id, nowMs) : null;
  if (!batch) notFound();
  const { ring } = standingOfBatch(db, batch, nowMs);
  const tags = await Promise.all(
    piecesIn(batch).map(async (piece) => ({
      code: piece.code,
      tag: tagOf(batch, piece),
      drawn: await QRCode.toString(piece.code, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' }),
    })),
  );
  return (
    <main className="mx-auto max-w-4xl p-6">
      <div className="no-print mb-4 flex flex-wrap items-center gap-4">
        <PrintButton />
        <Link href={`/work/${batch.number}`} className="inline-flex min-h-11 items-center">
          {wording.coatBookOf(batch.number)}
        </Link>
        <span className="text-soft">{wording.tieOneToEach}</span>
      </div>
      <h1 className="sr-only">{wording.tagsOf(batch.number)}</h1>
      <ul className="grid grid-cols-1 bench:grid-cols-3 print:grid-cols-3">
        {tags.map(({ code, tag, drawn }) => (
          <li key={code} className="flex break-inside-avoid items-center gap-2 border border-ink border-dashed p-2">
            <Ring facts={ring} seed={batch.id} size={40} title={batch.number} />
            <div>
              <p className="reading whitespace-nowrap text-lg font-bold">{tag}</p>
              <p className="reading break-all text-xs leading-4">{code}</p>
            </div>
            <div
              className="ml-auto size-16 shrink-0 bg-white p-1"
              role="img"
              aria-label={wording.code(code)}
              // biome-ignore lint/security/noDangerouslySetInnerHtml: drawn by the code library from our own letters
              dangerouslySetInnerHTML={{ __html: drawn }}
            />
          </li>
        ))}
      </ul>
    </main>
  );
}
