'use client';

import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults } from '@/ui/field';
import { MomentField } from '@/ui/moment-field';
import { Link } from '@/ui/link';
import { clockTime } from '@/ui/when';
import { HoldFields } from '../forms';
import { useForm } from '@/web/form/use-form';
import { useSave } from '@/web/use-save';
import { holdStep, letGo } from '../actions';
import type { Peg } from '../pegs';

type Props = {
  readonly peg: Peg;
  readonly zone: string;
  readonly nowMs: number;
  readonly localStart: string;
  readonly onClose: () => void;
};

/** One piece of hand-work: when it may be, when it is planned, and the time it can be held to; the typed twin of dragging it. */
export function PegSheet({ peg, zone, nowMs, localStart, onClose }: Props) {
  const { busy, rest, run } = useSave();
  const time = (ms: number): string => clockTime(ms, zone, nowMs);
  const where = { batchId: peg.batchId, task: peg.task };
  const form = useForm({
    schema: HoldFields,
    start: { at: localStart },
    save: ({ at }) => holdStep({ ...where, at }),
    done: onClose,
    keptAs: `hold ${peg.key}`,
  });
  return (
    <Sheet title={peg.action} open onOpenChange={(open) => (open ? undefined : onClose())} say={`${peg.number}, ${peg.title}`}>
      <dl className="grid grid-cols-[8rem_1fr] gap-y-1">
        <dt className="text-soft">Planned</dt>
        <dd className="reading font-semibold">
          {time(peg.fromMs)} to {time(peg.toMs)}
          {peg.who ? `, ${peg.who}` : ''}
          {peg.pinned ? ', held there' : ''}
        </dd>
        <dt className="text-soft">Window</dt>
        <dd className="reading">
          {peg.earliestMs === null
            ? 'nothing bounds it'
            : peg.latestMs === null
              ? `from ${time(peg.earliestMs)}; nothing spoils`
              : `${time(peg.earliestMs)} to ${time(peg.latestMs)}: harm outside it`}
        </dd>
        <dt className="text-soft">Slack</dt>
        <dd className="reading">
          {peg.slackUntilMs > peg.fromMs ? `until ${time(peg.slackUntilMs)} nothing else moves` : 'none'}
        </dd>
      </dl>
      <form noValidate className="flex flex-col gap-2" onSubmit={form.submit}>
        <MomentField
          label="Hold it at"
          lean="ahead"
          hint="tomorrow 9, fri 14:00; everything else goes round it"
          {...form.field('at')}
        />
        <Faults of={[...form.faults, ...rest([])]} />
        <div className="flex flex-wrap gap-3">
          <Button look="main" big type="submit" disabled={form.busy}>
            Hold it there
          </Button>
          {peg.pinned ? (
            <Button big disabled={busy} onClick={() => void run(() => letGo(where), onClose)}>
              Let the plan choose
            </Button>
          ) : null}
        </div>
      </form>
      <Link href={`/work/${peg.number}`}>Coat book of {peg.number}</Link>
    </Sheet>
  );
}
