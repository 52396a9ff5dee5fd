import 'server-only';
import { type FactNotice, maySellAllTheSame, openNotices } from '@/data/facts/facts';
import { loadBatch } from '@/data/work/batch';
import { changes as wording } from '@/messages/screens/facts';
import { shared } from '@/messages/screens/shared';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { fullDate } from '@/ui/when';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import { ReadButton, Settle, TakeOffered } from './components/notice-buttons';
import { sayNotice } from './fact-words';

/** Where a notice leads. */
function placeOf({ kind, detail, lotId, regimenId }: FactNotice): { readonly href: string; readonly name: string } | null {
  const number = String(detail.number ?? '');
  if (kind === 'held') return { href: `/release/${number}`, name: wording.itsRelease };
  if (kind === 'sold-refused') return { href: '/care', name: wording.letters };
  if (kind === 'lot-shortened' && lotId) return { href: `/stores/lots/${lotId}`, name: wording.theLot };
  if (kind === 'fit-moved') return { href: `/cure/${number}`, name: wording.itsCure };
  return regimenId ? { href: `/work/regimens/${regimenId}`, name: wording.theRegimen } : null;
}

/** All that changed for this shop when the house's facts changed, each told once; what is held stands first and stays until it is settled. */
export async function Changes() {
  const { db, shop, nowMs } = await session();
  const notices = openNotices(db);
  const order: readonly FactNotice['kind'][] = ['held', 'sold-refused', 'regimen-offered', 'lot-shortened', 'fit-moved'];
  const sorted = [...notices].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind));
  const readable = sorted.filter((one) => one.kind !== 'held' && one.toldAt === null);
  return (
    <div className="max-w-4xl">
      <h1>{shared.whatIsKnownHasChanged}</h1>
      <p className="mb-4 max-w-prose text-soft">{wording.rendlesFactsAndJudgements}</p>
      {sorted.length === 0 ? <p>{wording.nothingThatWasNot}</p> : null}
      <ul>
        {sorted.map((one) => {
          const { head, text } = sayNotice(one, shop.zone);
          const batch = one.kind === 'held' && one.batchId ? loadBatch(db, one.batchId, nowMs) : null;
          const to = placeOf(one);
          return (
            <li key={one.id} className="border-hair border-t py-3">
              <h2 className={one.kind === 'held' || one.kind === 'sold-refused' ? 'text-late' : ''}>
                {one.kind === 'held' || one.kind === 'sold-refused' ? '▲ ' : ''}
                {head}
              </h2>
              <p className="max-w-prose">{text}</p>
              {one.settled === 'keep' ? <p className="text-soft">{wording.keptHere(one.reason)}</p> : null}
              <div className="mt-1 flex flex-wrap items-center gap-3">
                {batch && (one.settled !== 'keep' || maySellAllTheSame(batch, catalogue())) ? (
                  <Settle
                    id={one.id}
                    number={batch.number}
                    maySell={maySellAllTheSame(batch, catalogue())}
                    isKept={one.settled === 'keep'}
                  />
                ) : null}
                {one.kind === 'regimen-offered' ? <TakeOffered id={one.id} /> : null}
                {to ? (
                  <Link href={to.href} className={linkLook('plain')}>
                    {to.name}
                  </Link>
                ) : null}
                {one.kind === 'held' ? null : (
                  <ReadButton ids={[one.id]}>{one.kind === 'regimen-offered' ? wording.keepOurOwn : shared.read}</ReadButton>
                )}
                <span className="reading text-sm text-soft">{fullDate(one.at, shop.zone)}</span>
              </div>
            </li>
          );
        })}
      </ul>
      {readable.length > 1 ? (
        <p className="mt-4">
          <ReadButton ids={readable.map((one) => one.id)}>{wording.allAreRead(readable.length)}</ReadButton>
        </p>
      ) : null}
    </div>
  );
}
