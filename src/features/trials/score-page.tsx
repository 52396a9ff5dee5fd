import 'server-only';
import { notFound } from 'next/navigation';
import { kindTraits } from '@/core/trial';
import { findTrial, type Trial } from '@/data/trials/queries';
import { session } from '@/web/session';
import { ScoreDesk } from './components/score-desk';

/** A number for a field that is the same for a cycle and tells nothing: fields come in its order. */
function shuffleKey({ seed, cycle }: Trial, board: number, place: number): number {
  let h = Math.imul(seed ^ (cycle * 7919), 0x9e3779b1) ^ Math.imul(board * 101 + place, 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 0;
}

/** Scores, one field after another; blind unless names are asked for. */
export async function ScorePage({ number, names }: { readonly number: string; readonly names: boolean }) {
  const { db, person } = await session();
  const trial = findTrial(db, number);
  if (!trial) notFound();
  const kinds = trial.kinds.filter((kind) => kindTraits(kind).from === null);
  const fields = [...trial.fields].sort((a, b) =>
    names ? a.board - b.board || a.place - b.place : shuffleKey(trial, a.board, a.place) - shuffleKey(trial, b.board, b.place),
  );
  // One question over all fields before the next: the eye stays with what it looks for.
  const asked = kinds.flatMap((kind) =>
    fields.map(({ board, place, treatment }) => ({
      board,
      place,
      kind,
      name: names ? (trial.treatments.find((one) => one.key === treatment)?.name ?? null) : null,
    })),
  );
  return (
    <ScoreDesk trialId={trial.id} number={number} cycle={trial.cycle} blind={!names} asked={asked} ready={person !== null} />
  );
}
