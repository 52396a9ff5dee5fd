import type { Plan } from '@/core/plan';
import { formatDuration } from '@/core/quantity';
import type { Task } from '@/core/regimen';
import { sayBlocking } from '@/messages';
import { clockTime } from '@/ui/when';

/** The plan before it begins: every step with its hands, the chemistry's window, and the plan's own slack told apart from it. */
export function PlanPreview({
  plan,
  tasks,
  zone,
}: {
  readonly plan: Plan;
  readonly tasks: readonly Task[];
  readonly zone: string;
}) {
  const task = (key: string): Task | undefined => tasks.find((one) => one.key === key);
  if (!plan.feasible) {
    return (
      <p className="border-late border-l-4 pl-3 font-semibold">
        ▲ No plan: {sayBlocking(plan.blocking, (key) => task(key)?.step.action.toLowerCase() ?? key)}.
      </p>
    );
  }
  const at = (text: string): string => clockTime(Date.parse(text), zone);
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full">
        <thead>
          <tr className="label border-ink border-b text-left">
            <th className="py-1 font-normal">Step</th>
            <th className="py-1 pl-3 font-normal">Planned</th>
            <th className="py-1 pl-3 font-normal">Window: harm outside it</th>
            <th className="py-1 pl-3 font-normal">Slack of the plan</th>
          </tr>
        </thead>
        <tbody className="reading">
          {plan.steps.map((step) => {
            const of = task(step.id);
            const { earliest, latest } = step.window;
            return (
              <tr key={step.id} className="border-hair border-b align-top">
                <td className="py-1">
                  {of?.step.action}
                  {of && of.rounds > 1 ? ` (${of.round} of ${of.rounds}, ${of.pieces} pieces)` : ''}
                  <span className="text-soft"> {of ? formatDuration(of.handsMin) : ''}</span>
                </td>
                <td className="py-1 pl-3 font-semibold">{at(step.startAt)}</td>
                <td className="py-1 pl-3">
                  {earliest ? (latest ? `${at(earliest)} to ${at(latest)}` : `from ${at(earliest)}`) : '–'}
                </td>
                <td className="py-1 pl-3 text-soft italic">
                  {step.slackUntil === step.startAt ? 'none' : `until ${at(step.slackUntil)}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
