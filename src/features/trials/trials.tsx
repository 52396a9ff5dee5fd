import 'server-only';
import { allTrials, answerTo, type Trial } from '@/data/trials/queries';
import { sayAnswer, sayBoards, sayCycles } from '@/messages';
import { trials as wording } from '@/messages/screens/trials';
import { linkLook } from '@/ui/button';
import { LINE_LETTERS } from '@/ui/line-look';
import { Link } from '@/ui/link';
import { fullDate } from '@/ui/when';
import { session } from '@/web/session';
import { BoardPlan } from './components/board-plan';
import { fieldsByBoard } from './lies';

/** What a trial says by now, or what it waits for. */
export function saysNow(trial: Trial): string {
  const answer = answerTo(trial, trial.question, null);
  const name = (id: string): string => trial.treatments.find((one) => one.key === id)?.name ?? '';
  return answer.ok ? sayAnswer(trial.question, trial, answer.value, name) : wording.nothingIsScoredOn;
}

/** Every trial: what runs, and what was found. */
export async function Trials() {
  const { db, shop } = await session();
  const all = allTrials(db);
  const [running, closed] = [all.filter((one) => one.closedAt === null), all.filter((one) => one.closedAt !== null)];
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1>{wording.trials}</h1>
        <Link href="/trials/new" className={linkLook('main')}>
          {wording.layOutATrial}
        </Link>
      </div>
      {all.length === 0 ? <p className="mt-4 max-w-prose">{wording.whichFinishIsBetter}</p> : null}
      <Rows of={running} zone={shop.zone} />
      {closed.length > 0 ? <h2 className="mt-8">{wording.closed}</h2> : null}
      <Rows of={closed} zone={shop.zone} />
    </>
  );
}

function Rows({ of, zone }: { readonly of: readonly Trial[]; readonly zone: string }) {
  return (
    <ul className="mt-3">
      {of.map((trial) => (
        <li key={trial.id} className="border-rule border-t">
          <Link
            href={`/trials/${trial.number}`}
            className="grid items-center gap-x-6 gap-y-2 py-4 no-underline hover:underline bench:grid-cols-[15rem_minmax(0,1fr)_7rem]"
          >
            <BoardPlan
              id={`list-${trial.id}`}
              lengthMm={trial.lengthMm}
              widthMm={trial.widthMm}
              fields={fieldsByBoard(trial)[0] ?? []}
              says={`${trial.number}: ${trial.treatments.map((one) => one.name).join(', ')}`}
            />
            <span>
              <span className="text-lg font-semibold">{trial.name}</span>
              <span className="block text-soft">
                {trial.treatments.map((one, at) => `${LINE_LETTERS[at]} ${one.name}`).join(' · ')}
              </span>
              <span className="mt-1 block">{saysNow(trial)}</span>
              {trial.closedWhy ? <span className="mt-1 block border-ink border-l-4 pl-2">{trial.closedWhy}</span> : null}
            </span>
            <span className="reading text-right">
              <strong>{trial.number}</strong>
              <span className="block text-soft">
                {sayBoards(trial.boards, trial.bearer)}, {sayCycles(trial.cycle, trial.wear)}
              </span>
              <span className="block text-sm text-soft">{fullDate(trial.closedAt ?? trial.at, zone)}</span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
