import 'server-only';
import type { Db } from '@/data/db';
import { answerTo, triedWith } from '@/data/trials/queries';
import { sayAnswer } from '@/messages';
import { tried as wording } from '@/messages/screens/trade';
import { Link } from '@/ui/link';

type Props = { readonly db: Db } & Parameters<typeof triedWith>[1];

/** What was tried of a regimen, a formula or a lot, and what it said; nothing where it never was. */
export function Tried({ db, ...asked }: Props) {
  const tried = triedWith(db, asked);
  if (tried.length === 0) return null;
  return (
    <section aria-label={wording.whatWasTried} className="mt-6 max-w-prose">
      <h2>{wording.whatWasTried}</h2>
      <ul>
        {tried.map(({ trial, treatment }) => {
          const answer = answerTo(trial, trial.question, null);
          const name = (key: string): string => trial.treatments.find((one) => one.key === key)?.name ?? '';
          return (
            <li key={treatment.id} className="border-hair border-t py-1.5">
              <Link href={`/trials/${trial.number}`}>{trial.name}</Link> <span className="reading text-soft">{trial.number}</span>
              <span className="block text-sm">
                {treatment.name}. {answer.ok ? sayAnswer(trial.question, trial, answer.value, name) : wording.notAnsweredYet}
                {trial.closedWhy ? ` ${trial.closedWhy}` : ''}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
