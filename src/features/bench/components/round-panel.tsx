'use client';

import { useState } from 'react';
import { type HandAction, pressOf } from '@/core/hands';
import { roundPanel as wording } from '@/messages/screens/bench';
import { useActsHere } from '@/trade/hands/acts-here';
import { Timing } from '@/trade/hands/timing';
import { useRecord } from '@/trade/hands/use-record';
import { Button } from '@/ui/button';
import { TextBox } from '@/ui/field';
import { Form } from '@/ui/form';
import { useNow } from '@/ui/now';
import { Ring } from '@/ui/ring';
import { Tick } from '@/ui/tick';
import { useShortYear } from '@/ui/zone';
import { useCamera } from './use-camera';

type Props = {
  readonly actions: readonly HandAction[];
  /** Batches by the chalk marks and codes of their pieces. */
  readonly tags: Readonly<Record<string, number>>;
  readonly nowMs: number;
  readonly zone: string;
  readonly ready: boolean;
};

/** Which of the batches go along in this round. */
function RoundTicks({
  actions,
  chosen,
  setChosen,
}: {
  readonly actions: readonly HandAction[];
  readonly chosen: readonly number[];
  readonly setChosen: (next: readonly number[]) => void;
}) {
  return (
    <>
      {actions.map((action) => (
        <div key={action.batchId} className="border-hair border-t">
          <Tick
            checked={chosen.includes(action.batchId)}
            onChange={() =>
              setChosen(
                chosen.includes(action.batchId) ? chosen.filter((id) => id !== action.batchId) : [...chosen, action.batchId],
              )
            }
          >
            <Ring facts={action.ring} seed={action.batchId} size={36} title={action.number} />
            <span>
              <strong className="reading">{action.number}</strong> {action.title}: {action.action}
            </span>
          </Tick>
        </div>
      ))}
    </>
  );
}

/** Batches in hand, gathered by what they wait for: one button records it for all of them. */
export function RoundPanel({ actions, tags, nowMs: serverNowMs, zone, ready }: Props) {
  const nowMs = useNow(serverNowMs);
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [missing, setMissing] = useState('');
  const { busy, told, record, ask } = useRecord(serverNowMs);
  const add = (text: string): void => {
    const mark = text.trim();
    const id = tags[mark] ?? tags[mark.toUpperCase()] ?? actions.find((one) => one.number === mark)?.batchId;
    if (id === undefined || !actions.some((one) => one.batchId === id)) {
      setMissing(wording.isNoOpenBatch(mark));
      return;
    }
    setMissing('');
    setChosen((before) => (before.includes(id) ? before : [...before, id]));
  };
  const camera = useCamera(add);
  const inHand = actions.filter((one) => chosen.includes(one.batchId));
  const groups = [...new Set(inHand.map((one) => one.done))].map((done) => inHand.filter((one) => one.done === done));
  const recordAll = async (group: readonly HandAction[]): Promise<void> => {
    // Whether it is too early is asked once for all of them, of the one that is so the most.
    const byStart = [...group].sort((a, b) => (b.earliestMs ?? 0) - (a.earliestMs ?? 0));
    for (const [index, action] of byStart.entries()) {
      const stored = await record(action, { early: index > 0 });
      if (!stored) return;
    }
    setChosen((before) => before.filter((id) => !group.some((one) => one.batchId === id)));
  };
  const only = groups.length === 1 ? groups[0] : undefined;
  useActsHere(chosen, only && !busy && ready ? () => void recordAll(only) : null);
  return (
    <div className="grid gap-8 wide:grid-cols-2">
      <section aria-label={wording.openBatches}>
        <MarkForm onAdd={add} camera={camera} />
        {camera.absent ? <p className="mb-2">{camera.absent}</p> : null}
        {missing ? (
          <p role="alert" className="mb-2 font-semibold text-late">
            ▲ {missing}
          </p>
        ) : null}
        <video
          ref={camera.video}
          muted
          playsInline
          className={camera.on ? 'mb-3 w-full max-w-sm border-2 border-ink' : 'hidden'}
        />
        <RoundTicks actions={actions} chosen={chosen} setChosen={setChosen} />
        {actions.length === 0 ? <p className="text-soft">{wording.noBatchWaitsFor}</p> : null}
      </section>
      <section aria-label={wording.inHand}>
        <h2 className="mb-2">{wording.inHand}</h2>
        {groups.length === 0 ? <p className="text-soft">{wording.nothingYetChooseOn}</p> : null}
        {groups.map((group) => (
          <Group
            key={group[0]?.done}
            actions={group}
            nowMs={nowMs}
            zone={zone}
            busy={busy || !ready}
            onRecord={() => void recordAll(group)}
          />
        ))}
        <p role="status" className={`min-h-6 font-semibold ${told?.tone === 'fault' ? 'text-late' : 'text-fit'}`}>
          {told?.text}
        </p>
        {ask}
        {ready ? null : <p className="font-semibold text-late">{wording.sayFirstWhoIs}</p>}
      </section>
    </div>
  );
}

type MarkProps = { readonly onAdd: (text: string) => void; readonly camera: ReturnType<typeof useCamera> };

/** A mark or number, typed, or read by the camera. */
function MarkForm({ onAdd, camera }: MarkProps) {
  const year = useShortYear();
  const [typed, setTyped] = useState('');
  return (
    <Form
      className="mb-3 flex flex-wrap items-center gap-3"
      onSubmit={() => {
        onAdd(typed);
        setTyped('');
      }}
    >
      <label className="flex items-center gap-2">
        <span className="text-soft">{wording.markOrNumber}</span>
        <TextBox
          className="reading min-h-14 w-32 text-lg"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          placeholder={`${year}-014/3`}
        />
      </label>
      <Button big type="submit">
        {wording.takeInHand}
      </Button>
      <Button big look="quiet" onClick={() => (camera.on ? camera.stop() : void camera.start())}>
        {camera.on ? wording.cameraOff : wording.readByCamera}
      </Button>
    </Form>
  );
}

type GroupProps = {
  readonly actions: readonly HandAction[];
  readonly nowMs: number;
  readonly zone: string;
  readonly busy: boolean;
  readonly onRecord: () => void;
};

/** Batches that wait for the same act: one button records it for all of them. */
function Group({ actions, nowMs, zone, busy, onRecord }: GroupProps) {
  const late = actions.some((one) => pressOf(one, nowMs) === 'at-risk');
  const early = actions.some((one) => pressOf(one, nowMs) === 'too-early');
  return (
    <div className="mb-5 border-ink border-t-2 pt-2">
      {actions.map((action) => (
        <div key={action.batchId} className="mb-2">
          <p>
            <strong className="reading">{action.number}</strong> {action.action}
            {action.round ? ` (${action.round})` : ''}
          </p>
          <Timing action={action} nowMs={nowMs} zone={zone} />
        </div>
      ))}
      <Button big look={late ? 'late' : 'hand'} className="w-full" disabled={busy} onClick={onRecord}>
        {actions[0]?.done}
        {early ? wording.early : ''}: {actions.map((one) => one.number).join(', ')}
      </Button>
    </div>
  );
}
