import 'server-only';
import { learnedA0 } from '@/data/cure/learned';
import { Link } from '@/ui/link';
import { notFound } from 'next/navigation';
import { cautionsFor } from '@/core/caution';
import { dateOf, formatDuration } from '@/core/quantity';
import { type Evidence, type Gate, GATES, type GateId, gatesOf } from '@/core/release';
import { CAUTION_WORDS, CHECK_WORDS, CONTACT_WORDS, GATE_WORDS } from '@/messages';
import { unsoldPieces } from '@/data/care/queries';
import { ingredientOf } from '@/core/material';
import { contentsOf, evidenceOf } from '@/data/release/commands';
import { people } from '@/data/shop/queries';
import { type Batch, findBatchId, loadBatch } from '@/data/work/batch';
import { type Standing, standingOfBatch } from '@/data/work/standing';
import { linkLook } from '@/ui/button';
import { Cautions } from '@/ui/cautions';
import { Ring } from '@/ui/ring';
import { clockTime, dayAndDate } from '@/ui/when';
import { SellForm } from '../care/components/sell-form';
import { session } from '../shop/session';
import { titleOf } from '../today/strip';
import { Decide } from './components/decide';

/** What each gate rests on, in words. */
function evidenceWords(
  batch: Batch,
  { cure, progress, fitness }: Standing,
  evidence: Evidence,
  zone: string,
  nowMs: number,
): Record<GateId, string> {
  const last = batch.checks.at(-1);
  const lastCoat = progress.done.findLast(({ task }) => ['coat', 'wipe', 'buff'].includes(task.step.kind));
  return {
    steps: `${progress.done.length} done, ${progress.rest.length} left`,
    'least-time': lastCoat
      ? `${formatDuration((nowMs - lastCoat.fact.atMs) / 60_000)} since the last coat; least ${formatDuration(lastCoat.task.wait.min)}`
      : fitness.leastTime
        ? 'no coat'
        : '',
    estimate: cure
      ? `${Math.round(cure.pReady * 100)} % likely ${cure.settles ? 'settled' : 'cured'} now; most likely by ${dayAndDate(cure.readyAtMs.p50, zone)}`
      : 'no finish to cure',
    check: last
      ? `${CHECK_WORDS[last.kind].name}: ${last.pass ? CHECK_WORDS[last.kind].pass : CHECK_WORDS[last.kind].fail}, ${clockTime(last.at, zone, nowMs)}`
      : 'none recorded',
    wood: `${batch.species.name}, ${batch.origin}: ${batch.species.note}`,
    contact: `${CONTACT_WORDS[evidence.contact]}: ${contentsOf(batch).contents.join(', ').toLowerCase() || 'nothing on it'}`,
    surface: evidence.cutOn
      ? evidence.knifeSurface
        ? 'a knife works on it; no film'
        : 'a knife works on it, and a film lies there'
      : 'no knife works on it',
    mouthed: `${evidence.undeclared === 0 ? 'all contents declared' : 'contents not all declared'}; allergens ${evidence.allergens.join(', ') || 'none known'}. Look for small parts; this tool does not certify, and toy rules apply where you sell.`,
    rags: evidence.ragsOpen === 0 ? 'none open' : `${evidence.ragsOpen} open`,
  };
}

/** Release of one batch: the gates and their evidence, or the record of what was decided. */
export async function ReleasePage({ number }: { readonly number: string }) {
  const { db, shop, nowMs } = await session();
  const id = findBatchId(db, number);
  const batch = id === null ? null : loadBatch(db, id, nowMs);
  if (!batch) notFound();
  const standing = standingOfBatch(db, batch, nowMs, learnedA0(db));
  const evidence = evidenceOf(db, batch, standing);
  const ingredients = Object.values(batch.materials).flatMap((lot) => Object.keys(lot.composition).map(ingredientOf));
  const { allergens, undeclared } = contentsOf(batch);
  const held = Object.values(batch.materials).find((lot) => lot.held)?.held;
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center gap-6">
        <Ring facts={standing.ring} seed={batch.id} size={96} title={batch.number} />
        <div className="grow">
          <p className="reading font-semibold">{batch.number}</p>
          <h1>{batch.release ? `${titleOf(batch)}, ${batch.release.outcome}` : `Fit to sell? ${titleOf(batch)}`}</h1>
          <p>
            Allergens for the slip: <strong>{allergens.join(', ') || 'none known'}</strong>
          </p>
          {undeclared.length > 0 ? <p>Contents not all declared: {undeclared.join(', ')}. The slip says so.</p> : null}
          {held ? (
            <p className="font-semibold text-late">
              ▲ Lot {held.number} is held: {held.reason}. Nothing of it is released or sold until the hold is lifted.
            </p>
          ) : null}
        </div>
        <Link href={`/cure/${number}`} className={linkLook('plain')}>
          Cure and checks
        </Link>
      </div>
      {batch.release ? (
        <Decided
          batch={batch}
          unsold={unsoldPieces(db, batch).length}
          who={people(db).find((person) => person.id === batch.release?.personId)?.name ?? ''}
          zone={shop.zone}
          currency={shop.currency}
          today={dateOf(nowMs, shop.zone)}
        />
      ) : (
        <Decide
          batchId={batch.id}
          gates={gatesOf(evidence)}
          evidence={evidenceWords(batch, standing, evidence, shop.zone, nowMs)}
        />
      )}
      <div className="mt-6 max-w-3xl">
        <Cautions
          of={cautionsFor({ ingredients, doing: 'releasing', woodForFood: batch.species.food }).map(
            (caution) => CAUTION_WORDS[caution],
          )}
          open={3}
        />
      </div>
    </>
  );
}

type DecidedProps = {
  readonly batch: Batch;
  readonly unsold: number;
  readonly who: string;
  readonly zone: string;
  readonly currency: string;
  readonly today: string;
};

function Decided({ batch, unsold, who, zone, currency, today }: DecidedProps) {
  const { release } = batch;
  if (!release) return null;
  const gates = (release.gates as Gate[]).filter((gate) => GATES.includes(gate.id));
  const signed = release.signed as GateId[];
  return (
    <div className="grid gap-10 wide:grid-cols-2">
      <section>
        <h2 className="mb-1">
          Record <span className="reading">{release.number}</span>
        </h2>
        <p className="mb-2">
          {release.outcome === 'released' ? 'Released' : 'Refused'} {clockTime(release.at, zone)} on{' '}
          {dayAndDate(release.at, zone)} by {who}.{release.reason ? ` Reason: ${release.reason}.` : ''} The record does not
          change.
        </p>
        <ul>
          {gates.map((gate) => (
            <li key={gate.id} className="border-hair border-t py-1">
              <span className={gate.met ? 'text-fit' : 'text-late'}>{gate.met ? '● ' : '○ '}</span>
              {GATE_WORDS[gate.id].name}
              {signed.includes(gate.id) ? ', signed for' : ''}
            </li>
          ))}
        </ul>
      </section>
      {release.outcome === 'released' ? <SellForm batchId={batch.id} unsold={unsold} currency={currency} today={today} /> : null}
    </div>
  );
}
