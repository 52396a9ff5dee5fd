'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { heatConflictWay, type HeatLadder as Ladder } from '@/core/blend';
import type { Heater } from '@/core/caution';
import { type MeltRow, POT_ALARMS, POT_HEATERS, type PotCall, type PotHeater, potCallsAt } from '@/core/melt';
import { figure, MS_PER_MINUTE, parseTemperature, say, sayMinutes, signOf } from '@/core/quantity';
import type { DevicePort } from '@/devices/line';
import { practiceThermometer } from '@/devices/practice-thermometer';
import { HEATER_WORDS, POT_CALL_WORDS, POT_HEATER_GUARDS, sayIssue } from '@/messages';
import { melting as wording } from '@/messages/screens/pour';
import { shared } from '@/messages/screens/shared';
import { HeatLadderPicture } from '@/trade/drawing/heat-ladder';
import { AlarmSwitch } from '@/trade/hands/alarm-switch';
import { useAlarms } from '@/trade/hands/use-alarms';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Form } from '@/ui/form';
import { freshId } from '@/ui/id';
import { useNow } from '@/ui/now';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { portOf, useDevice } from '@/web/use-device';
import { useSave } from '@/web/use-save';
import { atThePot, heatSlip, offTheHeat, onTheHeat, readPot, warmedBy } from '../actions';
import { TemperatureFields } from '../forms';
import { useRehearsal } from '../use-rehearsal';
import { Bursts } from './bursts';
import { PanChoice, type PanFacts } from './pan-choice';
import { type CurvePoint, PotCurve } from './pot-curve';
import { PotFacts } from './pot-facts';

type Props = {
  readonly pourId: number;
  readonly version: number;
  readonly heat: Ladder;
  readonly heater: Heater | null;
  /** Whether a practice thermometer may write into it. */
  readonly mayPractise: boolean;
  readonly potG: number;
  readonly waxFraction: number;
  readonly ambientC: number;
  readonly onHeatAt: number | null;
  readonly mindedAt: number | null;
  readonly pieceMm: number | null;
  readonly waterG: number | null;
  readonly panId: number | null;
  readonly pans: readonly PanFacts[];
  readonly temperatures: readonly { readonly at: number; readonly tempC: number }[];
  readonly nowMs: number;
};

/** A connected thermometer is written down this often, ms. */
const EVERY_MS = 20_000;
/** Pieces of wax as they are usually cut, mm. */
const PIECE_MM = 8;
/** Wax that was shaved. */
const SHAVED_MM = 2;
const REHEARSED_MIN = 120;

/** Before it is read: how the vessel is set. */
const SET_IT: Readonly<Record<PotHeater, string>> = {
  'water-bath': wording.setTheVesselIn,
  'slow-cooker': wording.switchItToLow,
  microwave: wording.oneBurstStirAnd,
  hob: wording.betterSetItIn,
};

/** What the pot says now: its gravest call, or that it is not clear yet. */
function adviceNow(
  calls: readonly PotCall[],
  heater: PotHeater,
  heat: Ladder,
  tempC: number | null,
): { readonly text: string; readonly bad: boolean } {
  const [first] = calls;
  if (first) return { text: POT_CALL_WORDS[first](heat, reads()), bad: POT_ALARMS.includes(first) || first === 'near-ceiling' };
  return { text: tempC === null ? SET_IT[heater] : wording.notClearYetStir, bad: false };
}

/** What the pot calls out, on the screen and aloud where this device calls. */
function usePotCalls(props: Props, tempC: number | null, dryAtMin: number | null): readonly PotCall[] {
  const { pourId, heat, onHeatAt, mindedAt, temperatures, nowMs } = props;
  const heater = POT_HEATERS.find((one) => one === props.heater) ?? 'water-bath';
  const now = useNow(nowMs, 5000);
  const readAt = temperatures.at(-1)?.at ?? null;
  const calls = potCallsAt({ heater, heat, tempC, onHeatAt, mindedAt, readAt }, now, dryAtMin);
  const said = calls.join(' ');
  const troubles = useMemo(
    () =>
      said
        .split(' ')
        .filter(Boolean)
        .map((call) => ({ key: `pot ${pourId} ${call}`, text: POT_CALL_WORDS[call as PotCall](heat, reads()) })),
    [said, pourId, heat],
  );
  useAlarms(NO_ACTIONS, now, troubles);
  return calls;
}
const NO_ACTIONS: readonly never[] = [];

type PotSaysProps = {
  readonly heat: Ladder;
  readonly heater: PotHeater;
  readonly tempC: number | null;
  readonly calls: readonly PotCall[];
};

/** How hot the pot is, what it says, and every alarm it calls. */
function PotSays({ heat, heater, tempC, calls }: PotSaysProps) {
  const words = adviceNow(calls, heater, heat, tempC);
  return (
    <>
      <p className="reading text-[clamp(4rem,10vw,8rem)] font-semibold leading-none">
        {tempC === null ? '–' : figure(tempC, '°C', reads(), 0)}
        <span className="ml-2 text-[0.3em] font-normal text-soft">{wording.inThePot(signOf('°C', reads()))}</span>
      </p>
      <p role={words.bad ? 'alert' : 'status'} className={`mt-2 text-lg font-semibold ${words.bad ? 'text-late' : ''}`}>
        {words.bad ? '▲ ' : ''}
        {words.text}
      </p>
      {calls
        .slice(1)
        .filter((call) => POT_ALARMS.includes(call))
        .map((call) => (
          <p key={call} className="font-semibold text-late">
            ▲ {POT_CALL_WORDS[call](heat, reads())}
          </p>
        ))}
    </>
  );
}

type WarmedProps = { readonly said: Heater | null; readonly by: PotHeater; readonly onSay: (heater: PotHeater) => void };

/** By what the pot is warmed, and what to mind with it. */
function WarmedBy({ said, by, onSay }: WarmedProps) {
  return (
    <>
      <SelectField
        className="mt-2 max-w-xs"
        label={wording.warmedBy}
        value={said ?? ''}
        onChange={(event) => {
          const chosen = POT_HEATERS.find((one) => one === event.target.value);
          if (chosen) onSay(chosen);
        }}
      >
        <option value="">{wording.notSaidYet}</option>
        {POT_HEATERS.map((one) => (
          <option key={one} value={one}>
            {HEATER_WORDS[one]}
            {one === 'hob' ? wording.notAdvised : ''}
          </option>
        ))}
      </SelectField>
      <p className={by === 'hob' ? 'font-semibold text-late' : 'text-soft'}>{POT_HEATER_GUARDS[by]}</p>
    </>
  );
}

/** The melt: the pot's curve against the ladder, rehearsed beforehand, read by hand or from a thermometer. */
export function Melting(props: Props) {
  const { pourId, version, heat, heater, mayPractise, onHeatAt, panId, pans, temperatures } = props;
  const [chosenId, setChosenId] = useState(panId ?? pans[0]?.id ?? 0);
  const [port, setPort] = useState<DevicePort | null>(null);
  const { busy, rest, run } = useSave<void>();
  const pan = pans.find((one) => one.id === chosenId);
  const { rehearsed, trace, clearAt, dryAt, shavedAt } = useRehearsed(pan, props);
  const heatedBy = POT_HEATERS.find((one) => one === heater) ?? 'water-bath';
  const written = useRef(0);
  const live = useDevice(port, (event) => {
    if (event.kind !== 'reading' || event.atMs - written.current < EVERY_MS) return;
    written.current = event.atMs;
    void run(() => readPot({ clientId: freshId(), pourId, temp: `${event.value.toFixed(1)} C`, practice: true }));
  });
  const now = live.value !== null && live.trouble === null ? live.value : (temperatures.at(-1)?.tempC ?? null);
  const calls = usePotCalls(props, now, dryAt);
  return (
    <div className="grid gap-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
      <section>
        <PotSays heat={heat} heater={heatedBy} tempC={now} calls={calls} />
        <Conflict heat={heat} />
        <WarmedBy said={heater} by={heatedBy} onSay={(chosen) => void run(() => warmedBy({ pourId, heater: chosen }))} />
        {onHeatAt === null ? (
          <Button
            look="hand"
            big
            className="mt-4"
            disabled={busy}
            onClick={() => void run(() => onTheHeat({ pourId, version, panId: pan?.id ?? null }))}
          >
            {heatedBy === 'microwave' ? wording.theFirstBurst : wording.itIsOnThe}
          </Button>
        ) : (
          <p className="mt-3 flex flex-wrap items-center gap-3">
            {heatedBy === 'microwave' ? (
              <Bursts pourId={pourId} nowMs={props.nowMs} busy={busy} onBurst={() => void run(() => atThePot({ pourId }))} />
            ) : (
              <Button disabled={busy} onClick={() => void run(() => atThePot({ pourId }))}>
                {wording.iAmAtThe}
              </Button>
            )}
            <AlarmSwitch />
          </p>
        )}
        <TypedReading pourId={pourId} />
        {rehearsed && mayPractise ? (
          <p className="flex flex-wrap items-center gap-3">
            <Button
              look="quiet"
              onClick={() => {
                const sim = practiceThermometer({
                  seed: pourId,
                  pot: rehearsed,
                  startMin: onHeatAt === null ? 0 : (Date.now() - onHeatAt) / MS_PER_MINUTE,
                });
                setPort(port ? null : portOf(wording.practiceThermometer, 'temp', sim));
              }}
            >
              {port ? wording.putThePracticeThermometer : wording.useThePracticeThermometer}
            </Button>
            {live.trouble ? <span className="font-semibold text-late">{wording.theThermometerIsSilent}</span> : null}
          </p>
        ) : null}
        <Faults of={rest([])} />
        <Button look="hand" big className="mt-2" disabled={busy} onClick={() => void run(() => offTheHeat({ pourId, version }))}>
          {heat.addBelowC === undefined ? wording.clearOffTheHeat : wording.belowOnToThe(say(heat.addBelowC, '°C', reads()))}
        </Button>
        <WentWrong pourId={pourId} />
      </section>
      <div className="flex flex-col gap-6">
        <HeatLadderPicture heat={heat} potC={now} by={HEATER_WORDS[heatedBy]} />
        <Curve {...props} trace={trace} clearAt={clearAt} shavedAt={shavedAt} dryAt={dryAt} pan={pan} onPan={setChosenId} />
      </div>
    </div>
  );
}

/** The melt as it is rehearsed beforehand in the pan that was chosen: its trace, and when it clears, minutes. */
function useRehearsed(pan: PanFacts | undefined, { heat, heater, ambientC, potG, waxFraction, pieceMm, waterG }: Props) {
  const [dryAt, setDryAt] = useState<number | null>(null);
  const [shavedAt, setShavedAt] = useState<number | null>(null);
  const [trace, setTrace] = useState<readonly MeltRow[]>([]);
  const [clearAt, setClearAt] = useState<number | null>(null);
  const rehearsal = useRehearsal();
  const [faults, setFaults] = useState<readonly string[]>([]);
  const rehearsed = useMemo(
    () =>
      // Only a water bath is rehearsed.
      pan && heat.clearC !== null && (heater ?? 'water-bath') === 'water-bath'
        ? {
            ...pan,
            ...(waterG === null ? {} : { waterG }),
            ambientC,
            potG,
            waxFraction,
            pieceMm: pieceMm ?? PIECE_MM,
            clearC: heat.clearC,
            minutes: REHEARSED_MIN,
          }
        : null,
    [pan, heat.clearC, heater, ambientC, potG, waxFraction, pieceMm, waterG],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: the worker's face does not change
  useEffect(() => {
    let isStale = false;
    setTrace([]);
    setDryAt(null);
    setShavedAt(null);
    if (!rehearsed) return;
    void rehearsal((face) => face.melt(rehearsed)).then((result) => {
      if (isStale) return;
      setFaults(result.ok ? [] : result.issues.map((one) => sayIssue(one, reads())));
      if (!result.ok) return;
      setTrace(result.value.trace);
      setClearAt(result.value.clearAtMin);
      setDryAt(result.value.dryAtMin);
    });
    void rehearsal((face) => face.melt({ ...rehearsed, pieceMm: SHAVED_MM })).then((result) => {
      if (!isStale && result.ok) setShavedAt(result.value.clearAtMin);
    });
    return () => {
      isStale = true;
    };
  }, [rehearsed]);
  return { rehearsed, trace, clearAt, dryAt, shavedAt, faults };
}

/** What the thermometer says, typed. */
function TypedReading({ pourId }: Pick<Props, 'pourId'>) {
  const form = useForm({
    schema: TemperatureFields,
    start: { temp: '' },
    save: ({ temp: said }) => readPot({ clientId: freshId(), pourId, temp: said, practice: false }),
    keptAs: `thermometer ${pourId}`,
  });
  const { temp } = form.values;
  const typed = parseTemperature(temp, reads());
  return (
    <>
      <Form className="mt-4 flex items-start gap-4" onSubmit={form.submit}>
        <TextField
          className="w-56"
          label={wording.theThermometerSays}
          inputMode="decimal"
          hint="68, 150F"
          echo={typed.ok ? say(typed.value, '°C', reads()) : null}
          {...form.field('temp')}
          fault={temp !== '' && !typed.ok ? typed.issues.map((one) => sayIssue(one, reads())).join(' ') : form.fault('temp')}
        />
        <Button look="plain" big type="submit" className="mt-5" disabled={form.busy || temp === ''}>
          {shared.read}
        </Button>
      </Form>
      <Faults of={form.faults} />
    </>
  );
}

/** Where pour and ceiling are at odds: what to do. */
function Conflict({ heat }: Pick<Props, 'heat'>) {
  const conflict = heatConflictWay(heat);
  if (conflict === null) return null;
  return (
    <p className="mt-2 border-late border-l-8 bg-paper px-4 py-2">
      {conflict === 'in-two-goes' ? (
        <>
          <strong>{wording.inTwoGoes}</strong>
          {wording.meltTheHarderWax(heat.holdMaxC === null ? wording.theCeiling : say(heat.holdMaxC, '°C', reads()))}
        </>
      ) : (
        <>
          <strong>{wording.itWillSetGrainy}</strong>
          {wording.itsWaxIsNot}
        </>
      )}
    </p>
  );
}

/** What can go wrong on the heat, recorded as it was. */
function WentWrong({ pourId }: Pick<Props, 'pourId'>) {
  const { busy, rest, run } = useSave<void>();
  return (
    <>
      <Fold className="mt-4" line="strong" says={wording.somethingWentWrong}>
        <div className="flex flex-wrap gap-2">
          <Button disabled={busy} onClick={() => void run(() => heatSlip({ pourId, kind: 'browned', spoilt: true }))}>
            {wording.itBrownedToolWax}
          </Button>
          <Button disabled={busy} onClick={() => void run(() => heatSlip({ pourId, kind: 'boiled-dry', spoilt: false }))}>
            {wording.theBathBoiledDry}
          </Button>
          <Button disabled={busy} onClick={() => void run(() => heatSlip({ pourId, kind: 'boiled-dry', spoilt: true }))}>
            {wording.theBathBoiledDryAnd}
          </Button>
        </div>
        <p className="mt-1 max-w-prose text-sm text-soft">{wording.brownedWaxIsHeld}</p>
      </Fold>
      <Faults of={rest([])} />
    </>
  );
}

type CurveProps = Props & {
  readonly trace: readonly MeltRow[];
  readonly clearAt: number | null;
  readonly shavedAt: number | null;
  readonly dryAt: number | null;
  readonly pan: PanFacts | undefined;
  readonly onPan: (id: number) => void;
};

/** The pot's curve against clear, pour and ceiling, beside its rehearsal. */
function Curve(props: CurveProps) {
  const { pourId, heat, heater, pans, pan, onPan, trace, clearAt, shavedAt, dryAt, temperatures, onHeatAt, nowMs } = props;
  const pieceMm = props.pieceMm ?? PIECE_MM;
  const start = onHeatAt ?? temperatures[0]?.at ?? nowMs;
  const points: CurvePoint[] = [
    ...temperatures.filter((one) => one.at >= start).map((one) => ({ min: (one.at - start) / MS_PER_MINUTE, pot: one.tempC })),
    ...trace.filter((_, i) => i % 6 === 0).map((row) => ({ min: row.min, rehearsed: row.potC })),
  ].sort((a, b) => a.min - b.min);
  return (
    <section className="flex flex-col gap-4">
      <PotCurve points={points} heat={heat} />
      {(heater ?? 'water-bath') === 'water-bath' ? (
        <>
          <PanChoice pans={pans} chosen={pan} onChoose={onPan} />
          <PotFacts pourId={pourId} pieceMm={pieceMm} waterG={props.waterG} usualG={pan?.waterG ?? null} />
          {clearAt !== null && trace.length > 0 ? (
            <p>
              {wording.rehearsedClearAfterAbout}
              <strong className="reading">{sayMinutes(clearAt)}</strong>
              {wording.onTheHeatFrom(
                say(pieceMm, 'mm', reads()),
                shavedAt !== null && clearAt - shavedAt >= 1
                  ? wording.shavedToItWould(say(SHAVED_MM, 'mm', reads()), sayMinutes(clearAt - shavedAt))
                  : '',
                dryAt === null ? '' : wording.theBathWouldBe(sayMinutes(dryAt)),
              )}
            </p>
          ) : null}
        </>
      ) : (
        <p className="text-soft">{wording.onlyAWaterBath}</p>
      )}
      <ol className="reading flex flex-wrap gap-x-4 text-soft" aria-label={wording.thermometerLog}>
        {temperatures.map(({ at, tempC }) => (
          <li key={at}>{say(tempC, '°C', reads())}</li>
        ))}
      </ol>
    </section>
  );
}
