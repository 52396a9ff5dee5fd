import 'server-only';
import { formatMoney } from '@/core/quantity';
import { briefly, isRestoration, lastGrit } from '@/core/regimen';
import { ownerDataOf } from '@/data/care/owners';
import { allDesigns, allRegimens, type Design } from '@/data/catalogue/catalogue';
import { allWoods } from '@/data/catalogue/woods';
import { pieceByCode } from '@/data/piece/piece';
import type { Restoration } from '@/data/restore/restore';
import { candidates } from '@/data/stores/candidates';
import { lotsNow } from '@/data/stores/queries';
import { MARK_WORDS, SURFACE_WORDS } from '@/messages';
import { restore as wording } from '@/messages/screens/restore';
import { shared } from '@/messages/screens/shared';
import { fullDate } from '@/ui/when';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import { GoneBack } from './components/gone-back';
import { RestoreForm } from './components/restore-form';

/** The designs, with that of a piece made before its design was changed. */
const withDesign = (all: readonly Design[], own: Design | undefined): readonly Design[] =>
  own === undefined || all.some((one) => one.revisionId === own.revisionId) ? all : [own, ...all];

/** A piece that comes home by its code, or a stranger's: what is wrong with it where, and how it is put right. */
export async function NewRestoration({ code }: { readonly code: string }) {
  const { db, nowMs } = await session();
  const found = code === '' ? null : pieceByCode(db, code, nowMs);
  return (
    <>
      <h1>{shared.aPieceComesHome}</h1>
      <p className="mb-4 max-w-prose text-soft">{wording.sayWhatIsWrong}</p>
      <RestoreForm
        designs={withDesign(allDesigns(db), found?.of.design).map(({ revisionId, name, geometry }) => ({
          revisionId,
          name,
          geometry,
        }))}
        species={allWoods(db).map(({ id, name }) => ({ id, name }))}
        regimens={allRegimens(db)
          .filter((one) => isRestoration(one.id))
          .map(briefly)}
        lots={candidates(lotsNow(db), catalogue())}
        known={
          found && {
            code: found.piece.code,
            owner: ownerDataOf(db, found.piece.code)?.holder ?? '',
            designRevisionId: found.of.designRevisionId,
            speciesId: found.of.species.id,
            wasFinishedWith: found.of.on.map((lot) => lot.title).join(', '),
            lastGrit: lastGrit(found.of.regimen),
          }
        }
      />
    </>
  );
}

type PanelProps = {
  readonly job: Restoration;
  /** The grits it is sanded with. */
  readonly grits: readonly number[];
  readonly currency: string;
  readonly zone: string;
};

/** What this batch is beside a batch: whose piece, what was wrong, what it costs, and whether it went back. */
export function RestorationPanel({ job, grits, currency, zone }: PanelProps) {
  const bill = job.billMinor === null ? '' : formatMoney(job.billMinor, currency);
  return (
    <section aria-label={wording.restoration} className="my-4 border-cure border-l-4 pl-4">
      <p>
        <strong>{wording.comesHome}</strong>
        {wording.from(job.owner)}
        {job.code ? <span className="reading">{wording.code(job.code)}</span> : wording.aStrangersPiece}
        {job.wasFinishedWith ? wording.itWasFinishedWith(job.wasFinishedWith) : ''}.
      </p>
      <p>
        {wording.sanding(
          job.marks.length > 0
            ? job.marks.map(({ surface, mark }) => `${MARK_WORDS[mark]}, ${SURFACE_WORDS[surface]}`).join('; ')
            : wording.noMarkWasWritten,
          grits.length > 0 ? grits.join(', ') : wording.noneOnlyWashed,
        )}
      </p>
      {job.backAt === null ? (
        <GoneBack batchId={job.batchId} bill={bill} />
      ) : (
        <p className="font-semibold">
          {wording.backWithItsOwner(fullDate(job.backAt, zone), bill === '' ? '' : wording.billed(bill))}
        </p>
      )}
    </section>
  );
}
