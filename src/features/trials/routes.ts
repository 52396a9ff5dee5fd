import 'server-only';
import { findTrial, type Trial } from '@/data/trials/queries';
import { trialsTrialsRoutes as wording } from '@/messages/screens/trials';
import { trialPdf } from '@/print/trial-pdf';
import { csvFile, download } from '@/web/csv';
import { session } from '@/web/session';
import { namesByBoard, placesOf } from './lies';

/** Every value of a trial, a row each: what was scored, by whom and whether blind, and what was read from pictures. */
const rowsOf = (trial: Trial) => {
  const name = (id: string): string => trial.treatments.find((one) => one.key === id)?.name ?? '';
  const field = (board: string, treatment: string) =>
    trial.fields.find((one) => String(one.board) === board && one.treatment === treatment);
  return trial.values.map((one) => {
    const place = field(one.block, one.treatment)?.place ?? null;
    const isBlind = trial.scores.some(
      (said) =>
        said.blind &&
        String(said.board) === one.block &&
        said.place === place &&
        said.cycle === one.cycle &&
        said.kind === one.kind,
    );
    return {
      trial: trial.number,
      board: Number(one.block),
      field: place,
      treatment: name(one.treatment),
      cycle: one.cycle,
      kind: one.kind,
      value: Math.round(one.value * 1e6) / 1e6,
      blind: isBlind ? 'yes' : 'no',
    };
  });
};

/** A trial as a table, or as its papers: template, tags, what goes where. */
export async function exportTrial(request: Request): Promise<Response> {
  const { db } = await session();
  const asked = new URL(request.url).searchParams;
  const trial = findTrial(db, asked.get('number') ?? '');
  if (!trial) return new Response(wording.thereIsNoSuch, { status: 404 });
  if (asked.get('as') === 'csv') return csvFile(`${trial.number}.csv`, rowsOf(trial));
  const { number, name, lengthMm, widthMm, boards } = trial;
  const pdf = await trialPdf({ number, name, lengthMm, widthMm, boards, places: placesOf(trial), names: namesByBoard(trial) });
  return download(`${number}.pdf`, 'application/pdf', pdf);
}
