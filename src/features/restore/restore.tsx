import 'server-only';
import { formatMoney } from '@/core/quantity';
import { isRestoration, lastGrit } from '@/core/regimen';
import { careOf } from '@/data/care/owners';
import { allDesigns, allRegimens, type Design } from '@/data/catalogue/catalogue';
import { allWoods } from '@/data/catalogue/woods';
import { pieceByCode } from '@/data/piece/piece';
import type { Restoration } from '@/data/restore/restore';
import { candidates } from '@/data/stores/candidates';
import { allLots } from '@/data/stores/queries';
import { MARK_WORDS, SURFACE_WORDS } from '@/messages';
import { fullDate } from '@/ui/when';
import { catalogue } from '@/web/catalogue-here';
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
      <h1>A piece comes home</h1>
      <p className="mb-4 max-w-prose text-soft">
        Say what is wrong and where: the sanding plan follows from the deepest mark. A crack is not sanded out.
      </p>
      <RestoreForm
        designs={withDesign(allDesigns(db), found?.of.design).map(({ revisionId, name, geometry }) => ({
          revisionId,
          name,
          geometry,
        }))}
        species={allWoods(db).map(({ id, name }) => ({ id, name }))}
        regimens={allRegimens(db).filter((one) => isRestoration(one.id))}
        lots={candidates(allLots(db), catalogue())}
        known={
          found && {
            code: found.piece.code,
            owner: careOf(db, found.piece.code)?.holder ?? '',
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
    <section aria-label="Restoration" className="my-4 border-cure border-l-4 pl-4">
      <p>
        <strong>Comes home</strong> from {job.owner},{' '}
        {job.code ? <span className="reading">code {job.code}</span> : 'a stranger’s piece'}
        {job.wasFinishedWith ? `; it was finished with ${job.wasFinishedWith}` : ''}.
      </p>
      <p>
        {job.marks.length > 0
          ? job.marks.map(({ surface, mark }) => `${MARK_WORDS[mark]}, ${SURFACE_WORDS[surface]}`).join('; ')
          : 'No mark was written down'}
        . Sanding: {grits.length > 0 ? grits.join(', ') : 'none, only washed'}.
      </p>
      {job.backAt === null ? (
        <GoneBack batchId={job.batchId} bill={bill} />
      ) : (
        <p className="font-semibold">
          Back with its owner {fullDate(job.backAt, zone)}
          {bill === '' ? '' : `, billed ${bill}`}.
        </p>
      )}
    </section>
  );
}
