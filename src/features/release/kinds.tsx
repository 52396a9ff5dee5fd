import 'server-only';
import { gatesOfKinds } from '@/data/release/uses';
import { type Batch, tagOf } from '@/data/work/batch';
import { GATE_WORDS, USE_WORDS } from '@/messages';
import { kinds as wording } from '@/messages/screens/release';
import { lookOf } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { catalogue } from '@/web/here-catalogue';
import { JudgeApart } from './components/judge-apart';

/** Unlike pieces of one batch, each kind with what stands against it; what does not pass may be judged apart. */
export function Kinds({ batch }: { readonly batch: Batch }) {
  const kinds = gatesOfKinds(batch, catalogue()).map((one) => ({
    ...one,
    here: one.kind.pieces.filter((piece) => piece.leftAt === null),
    unmet: one.gates.filter((gate) => !gate.met),
  }));
  if (kinds.length < 2) return null;
  const some = kinds.some((one) => one.unmet.length === 0);
  return (
    <section aria-label={wording.kindsOfPieces} className="mb-5">
      <h2 className="mb-1">{wording.unlikePiecesEachIs}</h2>
      <ul>
        {kinds.map(({ kind, here, unmet, notForFood }) => {
          const name = `${here.length} ${kind.species.name.toLowerCase()} ${kind.design.name.toLowerCase()}`;
          return (
            <li
              key={`${kind.design.revisionId} ${kind.species.id} ${kind.design.uses.join()}`}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 border-hair border-t py-2"
            >
              <PieceMark look={lookOf(kind.design.geometry, kind.species.id)} scale={0.8} count={here.length} />
              <span className="min-w-60 grow">
                <strong>{name}</strong>
                {wording.forWord(kind.design.uses.map((use) => USE_WORDS[use]).join(', '))}
                {unmet.length === 0 ? (
                  <span className="block text-fit">{wording.nothingInWoodAnd}</span>
                ) : (
                  unmet.map((gate) => (
                    <span key={gate.id} className="block font-semibold text-late">
                      ▲ {GATE_WORDS[gate.id].unmet}
                    </span>
                  ))
                )}
                {notForFood ? <span className="block font-semibold text-late">{wording.itsSlipWillSay}</span> : null}
              </span>
              {unmet.length > 0 && some ? (
                <JudgeApart
                  batchId={batch.id}
                  pieces={here.map((piece) => tagOf(batch, piece)).join(', ')}
                  says={wording.judgeTheApart(here.length === 1 ? 'one' : here.length)}
                  why={wording.judgedApart(name)}
                />
              ) : null}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
