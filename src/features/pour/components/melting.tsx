'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { heatConflictWay, type HeatLadder as Ladder } from '@/core/blend';
import { type Heater, HEATERS } from '@/core/caution';
import type { MeltRow } from '@/core/melt';
import { say, MS_PER_MINUTE, parseTemperature, figure } from '@/core/quantity';
import type { DevicePort } from '@/devices/line';
import { practiceThermometer } from '@/devices/practice-thermometer';
import { HEATER_WORDS, sayIssue } from '@/messages';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { useForm } from '@/web/form/use-form';
import { useSave } from '@/web/use-save';
import { heatSlip, offTheHeat, onTheHeat, readPot, warmedBy } from '../actions';
import { TemperatureFields } from '../forms';
import { HeatLadder } from '@/web/drawing/heat-ladder';
import { portOf, useDevice } from '@/web/use-device';
import { useRehearsal } from '../use-rehearsal';
import { PanChoice, type PanFacts } from './pan-choice';
import { type CurvePoint, PotCurve } from './pot-curve';
import { Fold } from '@/ui/fold';

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
  readonly panId: number | null;
  readonly pans: readonly PanFacts[];
  readonly temperatures: readonly { readonly at: number; readonly tempC: number }[];
  readonly nowMs: number;
};

/** What a pot may be warmed by. */
const POT_HEATERS: readonly Heater[] = ['water-bath', 'slow-cooker', 'microwave', 'hob'];
/** Within this of the ceiling the screen warns. */
const NEAR_CEILING_K = 5;
/** A connected thermometer is written down this often, ms. */
const EVERY_MS = 20_000;
/** Pieces of wax as they are usually cut, mm. */
const PIECE_MM = 8;
const REHEARSED_MIN = 60;

/** What the pot's temperature means for this blend. */
function adviceAt(
  tempC: number | null,
  { clearC, pourC, holdMaxC, addBelowC }: Ladder,
): { readonly text: string; readonly bad: boolean } {
  if (tempC === null) return { text: 'Set the vessel in the water bath, off its bottom, and read the thermometer.', bad: false };
  if (holdMaxC !== null && tempC > holdMaxC)
    return { text: 'Past the ceiling: off the heat now. If it has browned or lost its scent, say so below.', bad: true };
  if (holdMaxC !== null && tempC > holdMaxC - NEAR_CEILING_K)
    return { text: `Close to the ceiling of ${say(holdMaxC, '°C')}: turn the heat down.`, bad: true };
  if (clearC !== null && tempC < clearC)
    return { text: 'Not clear yet. Stir now and then; no rolling boil, water below the rim.', bad: false };
  if (addBelowC !== undefined)
    return {
      text: `Clear: off the heat, away from any flame. The solvent goes in below ${say(addBelowC, '°C')}; let it fall and read again.`,
      bad: false,
    };
  if (pourC !== null && tempC < pourC) return { text: 'Clear soon. Pour as soon as it is clear and a little above.', bad: false };
  return { text: 'Hot enough to pour: take it off, fill at once.', bad: false };
}

/** The melt: the pot's curve against the ladder, rehearsed beforehand, read by hand or from a thermometer. */
export function Melting(props: Props) {
  const { pourId, version, heat, heater, mayPractise, onHeatAt, panId, pans, temperatures } = props;
  const [chosenId, setChosenId] = useState(panId ?? pans[0]?.id ?? 0);
  const [port, setPort] = useState<DevicePort | null>(null);
  const { busy, rest, run } = useSave<void>();
  const pan = pans.find((one) => one.id === chosenId);
  const { rehearsed, trace, clearAt } = useRehearsed(pan, props);
  const written = useRef(0);
  const live = useDevice(port, (event) => {
    if (event.kind !== 'reading' || event.atMs - written.current < EVERY_MS) return;
    written.current = event.atMs;
    void run(() => readPot({ clientId: freshId(), pourId, temp: `${event.value.toFixed(1)} C`, practice: true }));
  });
  const now = live.value !== null && live.trouble === null ? live.value : (temperatures.at(-1)?.tempC ?? null);
  const words = adviceAt(now, heat);
  return (
    <div className="grid gap-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
      <section>
        <p className="reading text-[clamp(4rem,10vw,8rem)] font-semibold leading-none">
          {now === null ? '–' : figure(now, '°C', 0)}
          <span className="ml-2 text-[0.3em] font-normal text-soft">°C in the pot</span>
        </p>
        <p role="status" className={`mt-2 text-lg font-semibold ${words.bad ? 'text-late' : ''}`}>
          {words.bad ? '▲ ' : ''}
          {words.text}
        </p>
        <Conflict heat={heat} />
        <SelectField
          className="mt-2 max-w-xs"
          label="Warmed by"
          value={heater ?? ''}
          onChange={(event) => {
            const chosen = HEATERS.find((one) => one === event.target.value);
            if (chosen) void run(() => warmedBy({ pourId, heater: chosen }));
          }}
        >
          <option value="">not said yet</option>
          {HEATERS.filter((one) => POT_HEATERS.includes(one)).map((one) => (
            <option key={one} value={one}>
              {HEATER_WORDS[one]}
            </option>
          ))}
        </SelectField>
        {onHeatAt === null ? (
          <Button
            look="hand"
            big
            className="mt-4"
            disabled={busy}
            onClick={() => void run(() => onTheHeat({ pourId, version, panId: pan?.id ?? null }))}
          >
            It is on the heat
          </Button>
        ) : null}
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
                setPort(port ? null : portOf('practice thermometer', 'temp', sim));
              }}
            >
              {port ? 'Put the practice thermometer away' : 'Use the practice thermometer'}
            </Button>
            {live.trouble ? (
              <span className="font-semibold text-late">▲ the thermometer is silent: dip another, and type it</span>
            ) : null}
          </p>
        ) : null}
        <Faults of={rest([])} />
        <Button look="hand" big className="mt-2" disabled={busy} onClick={() => void run(() => offTheHeat({ pourId, version }))}>
          {heat.addBelowC === undefined ? 'Clear, off the heat' : `Below ${say(heat.addBelowC, '°C')}: on to the solvent`}
        </Button>
        <WentWrong pourId={pourId} />
      </section>
      <div className="flex flex-col gap-6">
        <HeatLadder heat={heat} potC={now} />
        <Curve {...props} trace={trace} clearAt={clearAt} pan={pan} onPan={setChosenId} />
      </div>
    </div>
  );
}

/** The melt as it is rehearsed beforehand in the pan that was chosen: its trace, and when it clears, minutes. */
function useRehearsed(pan: PanFacts | undefined, { heat, ambientC, potG, waxFraction }: Props) {
  const [trace, setTrace] = useState<readonly MeltRow[]>([]);
  const [clearAt, setClearAt] = useState<number | null>(null);
  const rehearsal = useRehearsal();
  const rehearsed = useMemo(
    () =>
      pan && heat.clearC !== null
        ? { ...pan, ambientC, potG, waxFraction, pieceMm: PIECE_MM, clearC: heat.clearC, minutes: REHEARSED_MIN }
        : null,
    [pan, heat.clearC, ambientC, potG, waxFraction],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: the worker's face does not change
  useEffect(() => {
    let isStale = false;
    setTrace([]);
    if (!rehearsed) return;
    void rehearsal()
      .melt(rehearsed)
      .then((result) => {
        if (isStale || !result.ok) return;
        setTrace(result.value.trace);
        setClearAt(result.value.clearAtMin);
      });
    return () => {
      isStale = true;
    };
  }, [rehearsed]);
  return { rehearsed, trace, clearAt };
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
  const typed = parseTemperature(temp);
  return (
    <>
      <form noValidate className="mt-4 flex items-start gap-4" onSubmit={form.submit}>
        <TextField
          className="w-56"
          label="The thermometer says"
          inputMode="decimal"
          hint="68, 150F"
          echo={typed.ok ? say(typed.value, '°C') : null}
          {...form.field('temp')}
          fault={temp !== '' && !typed.ok ? typed.issues.map(sayIssue).join(' ') : form.fault('temp')}
        />
        <Button look="plain" big type="submit" className="mt-5" disabled={form.busy || temp === ''}>
          Read
        </Button>
      </form>
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
          <strong>In two goes:</strong> melt the harder wax in part of the oil first, let it fall below{' '}
          {heat.holdMaxC === null ? 'the ceiling' : say(heat.holdMaxC, '°C')}, then stir in the rest.
        </>
      ) : (
        <>
          <strong>It will set grainy:</strong> its wax is not even clear below the ceiling. Use less of the hardest wax next time.
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
      <Fold className="mt-4" line="strong" says="Something went wrong">
        <div className="flex flex-wrap gap-2">
          <Button disabled={busy} onClick={() => void run(() => heatSlip({ pourId, kind: 'browned', spoilt: true }))}>
            It browned: tool wax
          </Button>
          <Button disabled={busy} onClick={() => void run(() => heatSlip({ pourId, kind: 'boiled-dry', spoilt: false }))}>
            The bath boiled dry, nothing browned
          </Button>
          <Button disabled={busy} onClick={() => void run(() => heatSlip({ pourId, kind: 'boiled-dry', spoilt: true }))}>
            The bath boiled dry and it browned
          </Button>
        </div>
        <p className="mt-1 max-w-prose text-sm text-soft">
          Browned wax is held: it goes on no board, and stays as tool wax. A dry bath: heat off, let the pan cool before water
          goes in.
        </p>
      </Fold>
      <Faults of={rest([])} />
    </>
  );
}

type CurveProps = Props & {
  readonly trace: readonly MeltRow[];
  readonly clearAt: number | null;
  readonly pan: PanFacts | undefined;
  readonly onPan: (id: number) => void;
};

/** The pot's curve against clear, pour and ceiling, beside its rehearsal. */
function Curve({ heat, pans, pan, onPan, trace, clearAt, temperatures, onHeatAt, nowMs }: CurveProps) {
  const start = onHeatAt ?? temperatures[0]?.at ?? nowMs;
  const points: CurvePoint[] = [
    ...temperatures.filter((one) => one.at >= start).map((one) => ({ min: (one.at - start) / MS_PER_MINUTE, pot: one.tempC })),
    ...trace.filter((_, i) => i % 6 === 0).map((row) => ({ min: row.min, rehearsed: row.potC })),
  ].sort((a, b) => a.min - b.min);
  return (
    <section className="flex flex-col gap-4">
      <PotCurve points={points} heat={heat} />
      <PanChoice pans={pans} chosen={pan} onChoose={onPan} />
      {clearAt !== null && trace.length > 0 ? (
        <p>
          Rehearsed: clear after about <strong className="reading">{say(clearAt, 'min')}</strong> on the heat, from {PIECE_MM} mm
          pieces.
        </p>
      ) : null}
      <ol className="reading flex flex-wrap gap-x-4 text-soft" aria-label="Thermometer log">
        {temperatures.map(({ at, tempC }) => (
          <li key={at}>{say(tempC, '°C')}</li>
        ))}
      </ol>
    </section>
  );
}
