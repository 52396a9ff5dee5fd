import 'server-only';
import { kindTraits, meansOver, type TrialKind } from '@/core/trial';
import { answerTo, kindsOf, type Trial } from '@/data/trials/queries';
import { sayBoards, sayCycles, sayCyclesTo, sayIssue, sayTreatment, TRIAL_KIND_WORDS, WEAR_WORDS } from '@/messages';
import { answers as wording } from '@/messages/screens/trials';
import { Fold } from '@/ui/fold';
import { dashOf, LINE_LETTERS, toneOf } from '@/ui/line-look';
import { reads } from '@/web/here';
import { SpanChart } from './components/span-chart';
import { WearChart } from './components/wear-chart';
import { orderOf } from './lies';

/** The answer to each question there is something of: the first one open, the rest a touch away. */
export function Answers({ trial }: { readonly trial: Trial }) {
  const kinds = kindsOf(trial);
  if (kinds.length === 0) return null;
  return (
    <section aria-label={wording.theAnswer}>
      <h2>{wording.theAnswer}</h2>
      {kinds.map((kind) => (
        <Fold
          key={kind}
          says={TRIAL_KIND_WORDS[kind].name}
          line="strong"
          open={kind === trial.question}
          className="border-rule border-t"
        >
          <TrialAnswerPart trial={trial} kind={kind} />
        </Fold>
      ))}
    </section>
  );
}

export function TrialAnswerPart({ trial, kind }: { readonly trial: Trial; readonly kind: TrialKind }) {
  const answer = answerTo(trial, kind);
  if (!answer.ok) return <p className="text-soft">{answer.issues.map((one) => sayIssue(one, reads())).join(' ')}</p>;
  const { treatments, atCycle } = answer.value;
  const name = (id: string): string => trial.treatments.find((one) => one.key === id)?.name ?? '';
  const traits = kindTraits(kind);
  const threshold = kind === trial.question ? trial.threshold : traits.threshold;
  const over = meansOver(trial.values, kind, trial.facts.treatments);
  return (
    <div className="flex flex-col gap-3 pb-4">
      <p className="text-sm text-soft">
        {wording.afterAgainstTheDot(
          sayCycles(atCycle, trial.wear),
          sayBoards(answer.value.blocks, trial.bearer),
          name(answer.value.against).toLowerCase(),
        )}
      </p>
      <SpanChart
        kind={kind}
        better={traits.better}
        rows={treatments.map((one) => ({ answer: one, at: orderOf(trial, one.id), name: name(one.id) }))}
      />
      <ul className="text-sm">
        {treatments.map((one) => (
          <li key={one.id}>{sayTreatment(kind, name(one.id), name(answer.value.against), one, reads())}</li>
        ))}
      </ul>
      {over.length > 1 ? (
        <>
          <WearChart
            rows={over}
            threshold={threshold}
            top={traits.unit === 'grade' ? 5 : null}
            cycleName={WEAR_WORDS[trial.wear].many}
            lines={treatments.map((one) => {
              const at = orderOf(trial, one.id);
              return { id: one.id, name: LINE_LETTERS[at] ?? '', tone: toneOf(at), dash: dashOf(at) };
            })}
          />
          <table className="reading w-full text-sm">
            <caption className="label text-left">{wording.untilItMustBe}</caption>
            <tbody>
              {treatments.map((one) => (
                <tr key={one.id} className="border-hair border-t">
                  <th scope="row" className="py-1 text-left font-normal">
                    {name(one.id)}
                  </th>
                  <td className="py-1 text-right">{sayCyclesTo(one.cyclesTo, trial.wear, one.wornAtFirst)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : null}
    </div>
  );
}
