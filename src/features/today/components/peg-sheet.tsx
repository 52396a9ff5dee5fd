'use client';

import { useState } from 'react';
import { shared } from '@/messages/screens/shared';
import { pegSheet as wording } from '@/messages/screens/today';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults } from '@/ui/field';
import { Form } from '@/ui/form';
import { Link } from '@/ui/link';
import { MomentField } from '@/ui/moment-field';
import { clockTime, wallTime } from '@/ui/when';
import { useForm } from '@/web/form/use-form';
import { useSave } from '@/web/use-save';
import { holdStep, letGo } from '../actions';
import { HoldFields } from '../forms';
import type { Peg } from '../pegs';

type Props = {
  readonly peg: Peg;
  readonly zone: string;
  readonly nowMs: number;
  readonly localStart: string;
  readonly onClose: () => void;
};

/** One piece of hand-work: when it may be, when it is planned, and the time it can be held to; the typed twin of dragging it. */
function PegSheet({ peg, zone, nowMs, localStart, onClose }: Props) {
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
        <dt className="text-soft">{shared.planned}</dt>
        <dd className="reading font-semibold">
          {wording.to(time(peg.fromMs), time(peg.toMs), peg.who ? `, ${peg.who}` : '', peg.pinned ? wording.heldThere : '')}
        </dd>
        <dt className="text-soft">{wording.window}</dt>
        <dd className="reading">
          {peg.earliestMs === null
            ? wording.nothingBoundsIt
            : peg.latestMs === null
              ? wording.fromNothingSpoils(time(peg.earliestMs))
              : wording.toHarmOutsideIt(time(peg.earliestMs), time(peg.latestMs))}
        </dd>
        <dt className="text-soft">{wording.slack}</dt>
        <dd className="reading">
          {peg.slackUntilMs > peg.fromMs ? wording.untilNothingElseMoves(time(peg.slackUntilMs)) : wording.none}
        </dd>
      </dl>
      <Form className="flex flex-col gap-2" onSubmit={form.submit}>
        <MomentField label={wording.holdItAt} lean="ahead" hint={wording.tomorrowFriEverythingElse} {...form.field('at')} />
        <Faults of={[...form.faults, ...rest([])]} />
        <div className="flex flex-wrap gap-3">
          <Button look="main" big type="submit" disabled={form.busy}>
            {wording.holdItThere}
          </Button>
          {peg.pinned ? (
            <Button big disabled={busy} onClick={() => void run(() => letGo(where), onClose)}>
              {wording.letThePlanChoose}
            </Button>
          ) : null}
        </div>
      </Form>
      <Link href={`/work/${peg.number}`}>{wording.coatBookOf(peg.number)}</Link>
    </Sheet>
  );
}

type PegsProps = Omit<Props, 'peg' | 'localStart'> & { readonly pegs: readonly Peg[] };

/** One step; or of several that lie close together, which. */
export function PegsSheet({ pegs, zone, nowMs, onClose }: PegsProps) {
  const [chosen, setChosen] = useState<Peg | null>(pegs.length === 1 ? (pegs[0] ?? null) : null);
  if (chosen)
    return <PegSheet peg={chosen} zone={zone} nowMs={nowMs} localStart={wallTime(chosen.fromMs, zone)} onClose={onClose} />;
  return (
    <Sheet
      title={wording.stepsOneAfterThe(pegs.length)}
      open
      onOpenChange={(open) => (open ? undefined : onClose())}
      say={wording.touchOneToSee}
    >
      <ul>
        {pegs.map((peg) => (
          <li key={peg.key} className="border-hair border-t">
            <button type="button" className="flex min-h-11 w-full items-center gap-4 text-left" onClick={() => setChosen(peg)}>
              <span className="reading font-semibold">{clockTime(peg.fromMs, zone, nowMs)}</span>
              <span className="reading">{peg.number}</span>
              <span className="grow">{peg.action}</span>
              <span className="reading">{peg.who}</span>
            </button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
