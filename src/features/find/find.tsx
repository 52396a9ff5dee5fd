import 'server-only';
import type { Findable } from '@/core/find';
import { findAnything } from '@/data/find/find';
import { findBatchId, loadBatch } from '@/data/work/batch';
import { initialsOf } from '@/messages/care';
import { find as wording } from '@/messages/screens/find';
import { shared } from '@/messages/screens/shared';
import { lookOf } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { FindAnything } from '@/trade/find-anything';
import { titleOf } from '@/trade/hands/open-batches';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { fullDate } from '@/ui/when';
import { session } from '@/web/session';

const MOST = 40;
const KIND: Readonly<Record<Findable['kind'], string>> = {
  batch: 'batch',
  note: 'note',
  formula: 'formula',
  buyer: 'buyer',
  lot: 'lot',
  guide: 'guide',
};

/** Where a finding leads. */
const PLACE: Readonly<Record<Findable['kind'], (id: string) => string>> = {
  batch: (number) => `/work/${number}`,
  note: (number) => (number.startsWith('note ') ? '/work' : `/work/${number}`),
  formula: (id) => `/blends/${id}`,
  lot: (id) => `/stores/lots/${id}`,
  guide: (id) => `/guide/${id}`,
  buyer: (name) => `/piece?find=${encodeURIComponent(name)}`,
};

/** What answers a question: batches, notes, formulas, lots, buyers, and the guide. */
export async function Find({ asked }: { readonly asked: string }) {
  const { db, shop, nowMs } = await session();
  const found = findAnything(db, asked, nowMs);
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>{asked === '' ? shared.find : wording.forWord(found.length === 0 ? wording.nothing : found.length, asked)}</h1>
        <FindAnything asked={asked} />
      </div>
      <p className="mt-1">
        <Link href="/guide">{wording.theGuideWhatOne}</Link>
      </p>
      {found.length === 0 ? <p className="mt-3 max-w-prose">{wording.askAsYouWould}</p> : null}
      <ul className="mt-3">
        {found.slice(0, MOST).map(({ of, says }) => {
          const id = of.kind === 'batch' || of.kind === 'note' ? findBatchId(db, of.id) : null;
          const batch = id === null ? null : loadBatch(db, id, nowMs);
          const name =
            of.kind === 'buyer'
              ? initialsOf(of.id)
              : of.kind === 'formula' || of.kind === 'lot'
                ? (of.parts[0]?.text ?? '')
                : of.kind === 'guide'
                  ? ''
                  : of.id;
          return (
            <li key={`${of.kind} ${of.id} ${of.at}`} className="border-hair border-t">
              <Link
                href={PLACE[of.kind](of.id)}
                className="grid grid-cols-[5rem_6rem_minmax(0,1fr)_7rem] items-center gap-3 py-2 no-underline hover:underline"
              >
                <span className="flex justify-center">
                  {batch ? <PieceMark look={lookOf(batch.design.geometry, batch.species.id)} scale={0.7} /> : null}
                </span>
                <span>
                  <span className="label block">{KIND[of.kind]}</span>
                  <span className="reading font-semibold">{name}</span>
                </span>
                <span>
                  {batch ? <span className="block">{titleOf(batch)}</span> : null}
                  {of.kind === 'note' ? <span className="block border-cure border-l-4 pl-2">{of.parts[0]?.text}</span> : null}
                  {of.kind === 'batch' && batch ? (
                    <span className="block text-sm text-soft">
                      {batch.regimen.name}
                      {says === of.id || titleOf(batch).includes(says) ? '' : `; ${says}`}
                    </span>
                  ) : null}
                  {of.kind === 'guide' ? <span className="block">{of.parts[0]?.text}</span> : null}
                  {of.kind === 'lot' ? <span className="block">{of.parts[1]?.text}</span> : null}
                  {of.kind === 'formula' ? (
                    <span className="block text-sm text-soft">
                      {of.parts
                        .slice(1)
                        .map((part) => part.text.toLowerCase())
                        .join(', ')}
                    </span>
                  ) : null}
                </span>
                <span className="reading text-right text-sm text-soft">
                  {of.kind === 'guide' ? '' : fullDate(of.at, shop.zone)}
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
      {found.length > MOST ? <p className="mt-2 text-soft">{wording.andMoreAddA(found.length - MOST)}</p> : null}
      <p className="mt-4">
        <Link href={`/piece?find=${encodeURIComponent(asked)}`} className={linkLook('quiet')}>
          {wording.piecesByTheirMark}
        </Link>
      </p>
    </>
  );
}
