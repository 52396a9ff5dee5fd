'use client';

import { useRef, useState } from 'react';
import { WAYS } from '@/core/batch';
import type { Gate, GateId } from '@/core/release';
import { GATE_WORDS, WAY_WORDS } from '@/messages';
import { decide as wording } from '@/messages/screens/release';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';
import { useForm } from '@/web/form/use-form';
import { decide } from '../actions';
import { DecisionFields } from '../forms';

type DecideProps = {
  readonly batchId: number;
  readonly gates: readonly Gate[];
  readonly evidence: Readonly<Record<GateId, readonly string[]>>;
};

/** Every gate with its evidence; unmet ones may be signed for where that is allowed, with a reason that stands on the record. */
export function Decide({ batchId, gates, evidence }: DecideProps) {
  const [signed, setSigned] = useState<readonly GateId[]>([]);
  const unmet = gates.filter((gate) => !gate.met);
  const open = unmet.filter((gate) => !(gate.maySign && signed.includes(gate.id)));
  const [then, setThen] = useState('wait');
  const refusal = { next: then === 'reject' ? 'reject' : 'mend', way: WAYS.find((way) => way === then) ?? null };
  const outcomeNow = useRef<'released' | 'refused'>('released');
  const form = useForm<{ reason: string }, { readonly number: string }>({
    schema: DecisionFields,
    start: { reason: '' },
    save: ({ reason }) =>
      decide({
        batchId,
        outcome: outcomeNow.current,
        reason,
        signed: outcomeNow.current === 'released' ? signed : [],
        ...(outcomeNow.current === 'refused' ? { refusal } : {}),
      }),
    keptAs: `decision ${batchId}`,
  });
  const say = (now: 'released' | 'refused'): void => {
    outcomeNow.current = now;
    form.submit();
  };
  return (
    <section>
      <ol className="border-ink border-b">
        {gates.map((gate) => (
          <GateRow
            key={gate.id}
            gate={gate}
            evidence={evidence[gate.id]}
            signed={signed.includes(gate.id)}
            onSign={() => setSigned(signed.includes(gate.id) ? signed.filter((one) => one !== gate.id) : [...signed, gate.id])}
          />
        ))}
      </ol>
      <div className="mt-4 max-w-xl">
        <TextField label={unmet.length > 0 ? wording.reasonForTheRecord : wording.reasonNeededOnlyTo} {...form.field('reason')} />
        <Faults of={form.faults} />
        <div className="mt-2 flex flex-wrap items-center gap-4">
          <Button look="main" big disabled={form.busy || open.length > 0} onClick={() => say('released')}>
            {wording.release}
          </Button>
          {open.length > 0 ? (
            <p className="min-w-60 flex-1 text-soft">
              {wording.beforeRelease(open.map((gate) => GATE_WORDS[gate.id].name.toLowerCase()).join('; '))}
            </p>
          ) : null}
        </div>
        <div className="mt-5 grid items-end gap-4 bench:grid-cols-[auto_minmax(0,1fr)]">
          <Button big disabled={form.busy} onClick={() => say('refused')}>
            {wording.refuse}
          </Button>
          <SelectField label={wording.andThen} value={then} onChange={(event) => setThen(event.target.value)}>
            <option value="wait">{wording.waitAndJudgeIt}</option>
            {WAYS.map((way) => (
              <option key={way} value={way}>
                {wording.andJudgeItAgain(WAY_WORDS[way].charAt(0).toLowerCase() + WAY_WORDS[way].slice(1))}
              </option>
            ))}
            <option value="reject">{wording.rejectItThePieces}</option>
          </SelectField>
        </div>
      </div>
    </section>
  );
}

type GateProps = {
  readonly gate: Gate;
  readonly evidence: readonly string[];
  readonly signed: boolean;
  readonly onSign: () => void;
};

/** One gate with its evidence, and a box to sign for it where that is allowed. */
function GateRow({ gate, evidence, signed, onSign }: GateProps) {
  return (
    <li className="grid items-center gap-x-4 border-rule border-t py-2 bench:grid-cols-[1.6rem_minmax(0,1fr)_minmax(0,1.4fr)]">
      <span aria-hidden="true" className={`text-xl ${gate.met ? 'text-fit' : 'text-late'}`}>
        {gate.met ? '●' : '○'}
      </span>
      <span>
        <strong>{GATE_WORDS[gate.id].name}</strong>
        <span className="sr-only">{gate.met ? wording.met : wording.notMet}</span>
      </span>
      <span className="text-sm">
        {evidence.map((line) => (
          <span key={line} className="reading block">
            {line}
          </span>
        ))}
        {gate.met ? null : <span className="block font-semibold text-late">{GATE_WORDS[gate.id].unmet}</span>}
        {!gate.met && !gate.maySign ? <span className="block">{wording.nobodyMaySignFor}</span> : null}
        {!gate.met && gate.maySign ? (
          <Tick checked={signed} onChange={onSign}>
            {wording.iSignForIt}
          </Tick>
        ) : null}
      </span>
    </li>
  );
}
