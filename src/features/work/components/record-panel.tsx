'use client';

import { useEffect, useRef, useState } from 'react';
import { type HandAction, pressOf } from '@/core/hands';
import type { Geometry } from '@/core/piece';
import { instantOf, parseHumidity, parseMass, parseTemperature, type Result, say } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { recordPanel as wording } from '@/messages/screens/work';
import { useActsHere } from '@/trade/hands/acts-here';
import type { LastRecord } from '@/trade/hands/last-record';
import { RecordButtons } from '@/trade/hands/record-buttons';
import { riskWords } from '@/trade/hands/risk-words';
import { Timing } from '@/trade/hands/timing';
import { type Details, useRecord } from '@/trade/hands/use-record';
import { Button } from '@/ui/button';
import { useDraft } from '@/ui/draft';
import { SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { MomentField } from '@/ui/moment-field';
import { useNow } from '@/ui/now';
import { reads } from '@/web/here';
import { LookOver, NOTHING_SEEN, type Seen } from './look-over';
import { faultsIn } from './surface-list';
import { TinScale } from './tin-scale';

const EMPTY = { grams: '', temp: '', rh: '', seen: '', at: '', next: '', nextGrams: '' };

/** A typed field that may be left empty: then what is usual stands. */
const maybe = <T,>(text: string, parse: (text: string) => Result<T>): { readonly value: T | null; readonly fault: string } => {
  if (text.trim() === '') return { value: null, fault: '' };
  const parsed = parse(text);
  return parsed.ok
    ? { value: parsed.value, fault: '' }
    : { value: null, fault: parsed.issues.map((one) => sayIssue(one, reads())).join(' ') };
};

type Props = {
  readonly batchId: number;
  readonly action: HandAction | null;
  readonly nowMs: number;
  readonly zone: string;
  readonly geometry: Geometry;
  readonly speciesId: string;
  readonly tags: readonly string[];
  readonly mayPractise: boolean;
  /** Whether anything on it dries. */
  readonly dries: boolean;
  /** Lots that may be taken up when the one in hand runs out. */
  readonly nextLots: readonly { readonly id: number; readonly says: string }[];
};

type Typed = typeof EMPTY;

/** What is typed beside an act, and what was understood of it. */
function readTyped(typed: Typed, zone: string) {
  const read = {
    grams: maybe(typed.grams, (one) => parseMass(one, reads())),
    temp: maybe(typed.temp, (one) => parseTemperature(one, reads())),
    rh: maybe(typed.rh, parseHumidity),
    at: maybe(typed.at, (text) => instantOf(text, zone)),
    nextGrams: maybe(typed.nextGrams, (one) => parseMass(one, reads())),
  };
  return { ...read, faulty: Object.values(read).some((one) => one.fault !== '') };
}

/** Records the next action of one batch with all that was seen; what is left empty is taken from the estimate and the room's last reading. */
export function RecordPanel({ action, ...rest }: Props) {
  const [unkept, setUnkept] = useState<Unkept | null>(null);
  // What became of an act is said while the next one is asked already.
  const hands = useRecord(rest.nowMs);
  return (
    <>
      {unkept ? (
        <p role="alert" className="mb-3 flex flex-wrap items-center gap-x-4 border-cure border-l-8 bg-paper px-3 py-2">
          <span className="grow">{wording.wasRecordedFromSomewhere(unkept.done, unkept.words)}</span>
          <Button look="quiet" onClick={() => setUnkept(null)}>
            {wording.letItGo}
          </Button>
        </p>
      ) : null}
      {action ? (
        // What is written for one act is never kept with the next.
        <Recording key={action.task} action={action} onUnkept={setUnkept} hands={hands} {...rest} />
      ) : (
        <AllDone batchId={rest.batchId} told={hands.told?.text ?? ''} />
      )}
    </>
  );
}

/** Nothing is next: neither the key nor the strip records anything of another batch from here. */
function AllDone({ batchId, told }: Pick<Props, 'batchId'> & { readonly told: string }) {
  useActsHere([batchId], null);
  return (
    <>
      <p className="text-lg">{wording.everyStepOfThe}</p>
      <p role="status" className="font-semibold text-fit">
        {told}
      </p>
    </>
  );
}

/** What was written for an act that was recorded without it. */
type Unkept = { readonly done: string; readonly words: string };
type ActionProps = Props & {
  readonly action: HandAction;
  readonly hands: ReturnType<typeof useRecord>;
  readonly onUnkept: (unkept: Unkept) => void;
};

const wordsOf = (typed: Typed, seen: Seen): string =>
  [
    ...[typed.grams, typed.temp, typed.rh, typed.at.replace('T', ' '), typed.seen].filter((text) => text.trim() !== ''),
    ...(faultsIn(seen.surfaces).length > 0 ? [wording.whatWasAmiss] : []),
    ...(seen.photo ? [wording.aPhoto] : []),
  ].join(', ');

/** The buttons that record, and the way back of what was recorded last. */
function RecordRow({
  action,
  nowMs,
  blocked,
  write,
  busy,
  last,
  takeBack,
}: {
  readonly action: HandAction;
  readonly nowMs: number;
  readonly blocked: boolean;
  readonly write: (more?: Details) => Promise<void>;
  readonly busy: boolean;
  readonly last: LastRecord | null;
  readonly takeBack: () => Promise<void>;
}) {
  return (
    <div className="flex flex-wrap gap-3">
      <RecordButtons
        action={action}
        nowMs={nowMs}
        busy={blocked}
        className="min-w-48"
        onRecord={(pass) => void write(pass === undefined ? {} : { pass })}
      />
      {action.optional ? (
        <Button big disabled={busy} onClick={() => void write({ kind: 'left-out' })}>
          {wording.leftOut}
        </Button>
      ) : null}
      {last?.batchId === action.batchId ? (
        <Button look="quiet" disabled={busy} onClick={() => void takeBack()}>
          {wording.takeBack(last.says)}
        </Button>
      ) : null}
    </div>
  );
}

function Recording(props: ActionProps) {
  const { action, nowMs: serverNowMs, zone, geometry, speciesId, tags, mayPractise, dries, nextLots, hands, onUnkept } = props;
  const nowMs = useNow(serverNowMs);
  // It is no form of the kit: what it records goes by the device's own queue, with or without a network.
  const [typed, setTyped, letGo] = useDraft<Typed>(`rendle-record-${action.batchId}-${action.task}`, EMPTY);
  const [seen, setSeen] = useState(NOTHING_SEEN);
  const { busy, told, record, last, takeBack, ask } = hands;
  const read = readTyped(typed, zone);
  const change = (part: Partial<Typed>): void => setTyped((now) => ({ ...now, ...part }));
  const write = async (more: Details = {}): Promise<void> => {
    const stored = await record(action, {
      grams: read.grams.value,
      tempC: read.temp.value ?? action.tempC,
      rh: read.rh.value ?? action.rh,
      seen: typed.seen,
      faults: faultsIn(seen.surfaces, seen.spots, seen.piece),
      photo: seen.photo?.blob ?? null,
      ...(typed.next === '' ? {} : { nextLot: { lotId: Number(typed.next), grams: read.nextGrams.value } }),
      ...(read.at.value === null ? {} : { at: read.at.value }),
      ...more,
    });
    if (!stored) return;
    open.current = '';
    setTyped(EMPTY);
    letGo();
    setSeen(NOTHING_SEEN);
  };
  const blocked = busy || read.faulty;
  const open = useRef('');
  open.current = busy ? open.current : wordsOf(typed, seen);
  const { done } = action;
  useEffect(
    () => () => {
      if (open.current !== '') onUnkept({ done, words: open.current });
    },
    [done, onUnkept],
  );
  useActsHere([action.batchId], blocked || action.outcome ? null : () => void write());
  return (
    <section aria-label={wording.recordTheNextAction} className="border-ink border-y-2 bg-paper px-4 py-4">
      <NextAct action={action} nowMs={nowMs} zone={zone} />
      <TypedBeside action={action} typed={typed} read={read} onChange={change} />
      {action.estimatedG === null ? null : (
        <TinScale mayPractise={mayPractise} onUsed={(g) => change({ grams: say(g, 'g', reads(), 1) })} />
      )}
      {action.estimatedG !== null && nextLots.length > 0 ? (
        <RanOut lot={action.lot} nextLots={nextLots} typed={typed} fault={read.nextGrams.fault} onChange={change} />
      ) : null}
      <LookOver
        action={action}
        geometry={geometry}
        speciesId={speciesId}
        dries={dries}
        tags={tags}
        seen={seen}
        onChange={setSeen}
      />
      <RecordRow action={action} nowMs={nowMs} blocked={blocked} write={write} busy={busy} last={last} takeBack={takeBack} />
      <p role="status" className={`min-h-6 pt-1 font-semibold ${told?.tone === 'fault' ? 'text-late' : 'text-fit'}`}>
        {told?.tone === 'fault' ? '▲ ' : ''}
        {told?.text}
      </p>
      {ask}
      {told?.asks ? (
        <Button disabled={blocked} onClick={() => void write({ sure: true, early: true })}>
          {wording.itWasSoRecord}
        </Button>
      ) : null}
    </section>
  );
}

type ActProps = { readonly action: HandAction; readonly nowMs: number; readonly zone: string };

/** What is next, its window, what the regimen and the label say of it, and what an early or late hand risks. */
function NextAct({ action, nowMs, zone }: ActProps) {
  const risk = riskWords(action, nowMs);
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="text-xl">
          {wording.next(action.action, action.round ? wording.pieces(action.round, action.pieces) : '')}
        </h2>
        {action.lot ? <span className="reading text-soft">{wording.from(action.lot)}</span> : null}
      </div>
      <Timing action={action} nowMs={nowMs} zone={zone} />
      {action.note ? <p className="text-soft">{action.note}</p> : null}
      {action.room ? <p className="my-1 border-cure border-l-4 pl-3">{action.room}</p> : null}
      {action.house ? (
        <p>
          <strong>{wording.houseRule}</strong> {action.house}
        </p>
      ) : null}
      {action.labelRule ? (
        <p>
          <strong>{wording.theLabelSays}</strong>
          {wording.theHousesTimesStand(action.labelRule)}
        </p>
      ) : null}
      {risk ? (
        <p className={`my-2 border-l-4 pl-3 ${pressOf(action, nowMs) === 'at-risk' ? 'border-late' : 'border-cure'}`}>{risk}</p>
      ) : null}
      {action.blocked ? <p className="my-2 border-late border-l-4 pl-3">{wording.noPlan(action.blocked)}</p> : null}
    </>
  );
}

type TypedProps = {
  readonly action: HandAction;
  readonly typed: Typed;
  readonly read: ReturnType<typeof readTyped>;
  readonly onChange: (part: Partial<Typed>) => void;
};

/** What may be typed beside an act; left empty, the estimate and the room's last reading stand. */
function TypedBeside({ action, typed, read, onChange }: TypedProps) {
  const set = (field: keyof Typed) => (event: { readonly target: { readonly value: string } }) =>
    onChange({ [field]: event.target.value });
  return (
    <div className="mt-2 grid grid-cols-2 gap-x-4 bench:grid-cols-4">
      {action.estimatedG === null ? null : (
        <TextField
          label={shared.used}
          value={typed.grams}
          onChange={set('grams')}
          placeholder={wording.about(say(action.estimatedG, 'g', reads()))}
          hint={wording.anEstimateUnlessWeighed}
          fault={read.grams.fault}
          inputMode="decimal"
        />
      )}
      <MomentField
        label={wording.doneAt}
        lean="back"
        value={typed.at}
        onChange={set('at')}
        hint={wording.nowUnlessTypedMin}
        fault={read.at.fault}
      />
      <TextField
        label={wording.temperature}
        value={typed.temp}
        onChange={set('temp')}
        placeholder={action.tempC === null ? '' : say(action.tempC, '°C', reads())}
        hint={wording.asTheRoomWas}
        fault={read.temp.fault}
      />
      <TextField
        label={wording.humidity}
        value={typed.rh}
        onChange={set('rh')}
        placeholder={action.rh === null ? '' : say(action.rh, 'fraction', reads())}
        fault={read.rh.fault}
      />
      <TextField
        label={wording.seen}
        value={typed.seen}
        onChange={set('seen')}
        placeholder={wording.drySpotsRaisedFibre}
        className={action.estimatedG === null ? '' : 'col-span-2 bench:col-span-3'}
      />
    </div>
  );
}

type RanOutProps = {
  readonly lot: string | null;
  readonly nextLots: Props['nextLots'];
  readonly typed: Typed;
  readonly fault: string;
  readonly onChange: (part: Partial<Typed>) => void;
};

/** Its lot ran out within the coat: what the rest came from. */
function RanOut({ lot, nextLots, typed, fault, onChange }: RanOutProps) {
  return (
    <Fold
      className="mb-1"
      says={
        <>
          {lot}
          {wording.ranOutWithinThis(typed.next === '' ? '' : wording.theRestFromAnother)}
        </>
      }
    >
      <div className="grid max-w-xl grid-cols-2 gap-x-4">
        <SelectField
          label={wording.theRestCameFrom}
          value={typed.next}
          onChange={(event) => onChange({ next: event.target.value })}
          hint={wording.andSoDoThe}
        >
          <option value="">{wording.itDidNotRun}</option>
          {nextLots.map((lot) => (
            <option key={lot.id} value={lot.id}>
              {lot.says}
            </option>
          ))}
        </SelectField>
        <TextField
          label={wording.ofThat}
          value={typed.nextGrams}
          onChange={(event) => onChange({ nextGrams: event.target.value })}
          hint={wording.emptyWhatTheFirst}
          fault={fault}
          inputMode="decimal"
        />
      </div>
    </Fold>
  );
}
