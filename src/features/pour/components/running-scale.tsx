'use client';

import { useState } from 'react';
import { type Gathered, HAIR_G, markWith, type Running, running } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { figure, parseMass, say, sayMark, sayOther, signOf, typedAs } from '@/core/quantity';
import type { DevicePort } from '@/devices/line';
import { type PracticeScale, practiceScale } from '@/devices/practice-scale';
import { sayIssue } from '@/messages';
import { runningScale as wording } from '@/messages/screens/pour';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { freshId } from '@/ui/id';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { portOf, useDevice } from '@/web/use-device';
import { useSave } from '@/web/use-save';
import { allIn, bookMore, giveUp, goOnShort, growPot, leaveForNext, madeCold, weigh } from '../actions';
import { WeighFields } from '../forms';
import { Gather, type ShelfLot } from './gather';
import { Jug } from './jug';
import { OverpourAsked } from './overpour';
import { PotMarks, ToMark } from './pot-marks';
import { PracticePanel } from './practice-panel';
import { type Stray, StraySheet } from './stray-sheet';
import { WeighForm } from './weigh-form';

type Props = {
  readonly pot: {
    readonly id: number;
    readonly version: number;
    readonly targetG: number;
    readonly residueG: number;
    readonly basis: 'mass' | 'volume';
    readonly lines: readonly { readonly ingredient: string; readonly parts: number }[];
    /** Draws no stock. */
    readonly practice: boolean;
    /** Whether a practice scale may write into it. */
    readonly mayPractise: boolean;
    /** Measured in a jug; where it stands, ml, and how its lines were written. */
    readonly jug: { readonly levelMl: number; readonly beforeLastMl: number; readonly lines: readonly JugLine[] } | null;
    /** Wax with solvent that has not been begun in two stages yet. */
    readonly mayBeCold: boolean;
  };
  readonly poured: Readonly<Record<string, number>>;
  readonly last: {
    readonly clientId: string;
    readonly ingredientId: string;
    readonly lotId: number | null;
    readonly readingG: number;
    readonly grams: number;
  } | null;
  /** Lots that gave more than their book held. */
  readonly overdrawn: readonly { readonly lotId: number; readonly number: string; readonly overG: number }[];
  readonly struck: readonly number[];
  readonly slips: readonly string[];
  readonly lots: Readonly<Record<string, readonly ShelfLot[]>>;
  readonly gathered: readonly Gathered[];
  readonly strays: readonly Stray[];
};

type JugLine = { readonly ingredient: string; readonly amount?: string; readonly tempC?: number | null };

const nameOf = (id: string): string => findIngredient(id, catalogue())?.name ?? id;

type Device = { readonly scale: PracticeScale; readonly port: DevicePort };

/** What is weighed next, from which lot, and the reading of it that is typed or comes from the scale. */
function useWeighing({ pot, poured, last, lots }: Pick<Props, 'pot' | 'poured' | 'last' | 'lots'>, device: Device | null) {
  const shown = useDevice(device?.port ?? null);
  const [correcting, setCorrecting] = useState(false);
  const [chosen, setChosen] = useState<Readonly<Record<string, number>>>({});
  const state = running(pot.lines, pot.basis, pot.targetG, poured, catalogue(), last?.ingredientId);
  const next = state.ok ? state.value.next : null;
  const entering = correcting && last ? last.ingredientId : (next?.ingredient ?? null);
  const choices = entering ? (lots[entering] ?? []) : [];
  const lotId = entering ? ((correcting && last ? last.lotId : (chosen[entering] ?? choices[0]?.id)) ?? 0) : 0;
  const lot = choices.find((one) => one.id === lotId);
  const stands = last?.clientId ?? null;
  // Until the page knows the reading that was sent, the next one would go to the ingredient before.
  const [sentAfter, setSentAfter] = useState<string | null>();
  const form = useForm({
    schema: WeighFields,
    start: { reading: '', lotId: '' },
    save: ({ reading: text }) =>
      weigh({
        clientId: freshId(),
        pourId: pot.id,
        ingredientId: entering,
        lotId: pot.practice ? null : lotId,
        fromPractice: device !== null && text === '',
        reading: text === '' ? typedAs(shown.value ?? 0, 'g', reads()) : text,
        corrects: correcting ? stands : null,
        stray: false,
        follows: stands,
      }),
    done: () => {
      setCorrecting(false);
      setSentAfter(stands);
    },
    keptAs: `weighing ${pot.id} ${entering ?? ''}`,
  });
  const booked = lot && !correcting && !pot.practice ? lot.leftG : null;
  const mark = next && !correcting ? { ...markWith(next, booked), wholeG: next.stopAtG } : null;
  const { reading } = form.values;
  const typed = parseMass(reading, reads());
  const live = reading !== '' && typed.ok ? typed.value : shown.value;
  const still = mark && live !== null && (reading !== '' || device) ? mark.stopAtG - live : (mark?.toGoG ?? 0);
  return {
    state,
    form,
    shown,
    entering,
    choices,
    lot,
    lotId,
    mark,
    still,
    correcting,
    setCorrecting,
    waits: sentAfter === stands,
    choose: (id: number) => setChosen({ ...chosen, [entering ?? '']: id }),
  };
}

/** One number fills the screen: grams still to go, with the cumulative reading to stop at. Read from a scale or typed as it shows. */
export function RunningScale({ pot, poured, last, overdrawn, struck, slips, lots, gathered, strays }: Props) {
  const [isGathered, setGathered] = useState(last !== null || pot.practice);
  const [device, setDevice] = useState<Device | null>(null);
  const { busy, rest, run } = useSave<unknown>();
  const weighing = useWeighing({ pot, poured, last, lots }, device);
  const { state, form, shown, entering, mark, correcting } = weighing;
  if (!state.ok) return <Faults of={state.issues.map((one) => sayIssue(one, reads()))} />;
  const shelf = Object.values(lots).flat();
  if (!isGathered) return <Gather gathered={gathered} lots={shelf} residueG={pot.residueG} onDone={() => setGathered(true)} />;
  const { over, lines } = state.value;
  return (
    <div className="grid gap-8 wide:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
      <section aria-label={wording.runningScale}>
        {over && !correcting ? (
          <OverpourAsked
            ingredient={over.ingredient}
            overG={over.overG}
            busy={busy}
            onRescale={() => void run(() => growPot({ pourId: pot.id, version: pot.version }))}
            onSpread={() => void run(() => leaveForNext({ pourId: pot.id, version: pot.version }))}
          />
        ) : null}
        {entering && pot.jug ? (
          <Jug
            key={`${last?.clientId ?? ''}-${correcting}`}
            pourId={pot.id}
            practice={pot.practice}
            lines={lines}
            ingredient={entering}
            toGoG={toGoInJug(lines, entering, correcting ? last : null, poured)}
            written={pot.jug.lines.find((line) => line.ingredient === entering)?.amount ?? ''}
            tempC={pot.jug.lines.find((line) => line.ingredient === entering)?.tempC ?? null}
            beforeMl={correcting ? pot.jug.beforeLastMl : pot.jug.levelMl}
            choices={weighing.choices}
            last={last?.clientId ?? null}
            correcting={correcting}
            onDone={() => weighing.setCorrecting(false)}
          />
        ) : entering ? (
          <>
            <Prompt {...weighing} entering={entering} />
            {mark ? <ToGo ingredient={entering} still={weighing.still} target={mark.toGoG} /> : null}
            <WeighForm
              form={form}
              shown={shown}
              device={device !== null}
              practice={pot.practice}
              choices={weighing.choices}
              lotId={weighing.lotId}
              correcting={correcting}
              waits={weighing.waits}
              onChoose={weighing.choose}
            />
          </>
        ) : (
          <p className="text-lg">{wording.everythingIsIn}</p>
        )}
        <Overdrawn lots={overdrawn} />
        <Faults of={[...form.faults, ...rest([])]} />
        <PotActions
          pot={pot}
          last={last}
          strays={strays}
          state={state.value}
          onScaleG={Object.values(poured).reduce((sum, one) => sum + one, 0)}
          correcting={correcting}
          onCorrect={() => weighing.setCorrecting(!correcting)}
        />
        <Struck readings={struck} />
        {pot.jug ? null : pot.mayPractise ? (
          <PracticePanel
            scale={device?.scale ?? null}
            state={shown}
            markG={mark?.stopAtG ?? null}
            onStart={() => {
              // The pot stands on the scale with what is in it already.
              const scale = practiceScale({ seed: pot.id, startG: last?.readingG ?? 0 });
              setDevice({ scale, port: portOf(wording.practiceScale, 'mass', scale) });
            }}
            onStop={() => setDevice(null)}
          />
        ) : (
          <p className="mt-3 text-soft">{wording.aPracticeScaleWrites}</p>
        )}
      </section>
      <PotMarks lines={lines} entering={entering} targetG={pot.targetG} slips={slips} />
    </div>
  );
}

/** What is still to be measured of a line; of one that is read again, all that is not in from before. */
const toGoInJug = (lines: Running['lines'], ingredient: string, corrected: Props['last'], poured: Props['poured']): number => {
  const target = lines.find((line) => line.ingredient === ingredient)?.targetG ?? 0;
  return Math.max(0, target - (poured[ingredient] ?? 0) + (corrected?.grams ?? 0));
};

type PromptProps = Pick<ReturnType<typeof useWeighing>, 'mark' | 'correcting' | 'lot' | 'choices'> & {
  readonly entering: string;
};

/** What to add, and the reading to stop at; where the lot ends before that, what then. */
function Prompt({ entering, mark, correcting, lot, choices }: PromptProps) {
  return (
    <p className="text-lg">
      {correcting ? wording.correctTheLastReading : shared.add} <strong>{nameOf(entering)}</strong>
      {mark ? (
        <>
          {wording.untilTheScaleSays}
          <strong className="reading text-2xl">{sayMark(mark.stopAtG, reads())}</strong>{' '}
          <span className="text-base text-soft">({sayOther(mark.stopAtG, 'g', reads())})</span>
          {mark.isSplit
            ? wording.andIsEmptyBy(
                lot?.number,
                choices.length > 1 ? wording.theRestComesFrom : wording.thereIsNoOther,
                sayMark(mark.wholeG, reads()),
              )
            : ''}
        </>
      ) : null}
    </p>
  );
}

/** Lots that gave more than their book held: it is kept, and the book may be put right at once. */
function Overdrawn({ lots }: { readonly lots: Props['overdrawn'] }) {
  const { busy, rest, run } = useSave<unknown>();
  return (
    <>
      {lots.map((one) => (
        <p key={one.lotId} role="status" className="mt-2 flex flex-wrap items-center gap-x-4 border-cure border-l-4 pl-3">
          <span>{wording.heldMoreThanIts(one.number, say(one.overG, 'g', reads()))}</span>
          <Button disabled={busy} onClick={() => void run(() => bookMore({ lotId: one.lotId }))}>
            {wording.theBottleHeldMore(say(one.overG, 'g', reads()))}
          </Button>
        </p>
      ))}
      <Faults of={rest([])} />
    </>
  );
}

/** Readings that were corrected stay to be seen. */
function Struck({ readings }: { readonly readings: readonly number[] }) {
  return readings.length > 0 ? (
    <p className="reading text-soft">
      {wording.struckThrough}
      {readings.map((value) => (
        <s key={value} className="mr-2">
          {sayMark(value, reads())}
        </s>
      ))}
    </p>
  ) : null;
}

/** How far it is to the mark, as large as the screen allows. */
function ToGo({ ingredient, still, target }: { readonly ingredient: string; readonly still: number; readonly target: number }) {
  return (
    <>
      <p
        className={`reading text-[clamp(5rem,15vw,11rem)] font-semibold leading-[0.95] ${still < -0.5 ? 'text-late' : ''}`}
        aria-live="off"
      >
        {still < -HAIR_G ? `+${figure(-still, 'g', reads())}` : figure(Math.max(0, still), 'g', reads())}
        <span className="ml-3 text-[0.25em] font-normal text-soft">
          {still < -HAIR_G ? wording.over(signOf('g', reads())) : wording.stillToGo(signOf('g', reads()))}
        </span>
      </p>
      <ToMark toGo={still} target={target} family={findIngredient(ingredient, catalogue())?.family ?? ''} />
    </>
  );
}

type ActionsProps = Pick<Props, 'pot' | 'last' | 'strays'> & {
  readonly state: Running;
  readonly onScaleG: number;
  readonly correcting: boolean;
  readonly onCorrect: () => void;
};

/** What may be done with the pot beside weighing. */
function PotActions({ pot, last, strays, state: { next, short, lines }, onScaleG, correcting, onCorrect }: ActionsProps) {
  const { busy, rest, run } = useSave<unknown>();
  return (
    <>
      <Faults of={rest([])} />
      <div className="mt-2 flex flex-wrap gap-3">
        {!next ? (
          <Button look="hand" big disabled={busy} onClick={() => void run(() => allIn({ pourId: pot.id, version: pot.version }))}>
            {wording.allIn}
          </Button>
        ) : null}
        {short && !correcting ? (
          <Button
            look={short.near ? 'hand' : 'plain'}
            big={short.near}
            disabled={busy}
            onClick={() => void run(() => goOnShort({ pourId: pot.id, version: pot.version, how: 'as-it-is' }))}
          >
            {short.near
              ? wording.nearEnoughGoOn
              : wording.goOnWithWhat(
                  sayMark(short.shortG, reads()),
                  nameOf(short.ingredient).toLowerCase(),
                  say(short.share, 'fraction', reads()),
                )}
          </Button>
        ) : null}
        {short && !short.near && short.lessG !== null && !correcting ? (
          <Button
            disabled={busy}
            onClick={() => void run(() => goOnShort({ pourId: pot.id, version: pot.version, how: 'less' }))}
          >
            {wording.makeLessItsRatio(sayMark(short.lessG, reads()))}
          </Button>
        ) : null}
        {last ? (
          <Button look="quiet" disabled={busy} onClick={() => onCorrect()}>
            {correcting ? wording.leaveItAsIt : wording.correctTheLastReading2(sayMark(last.readingG, reads()))}
          </Button>
        ) : null}
        {pot.mayBeCold ? (
          <Button look="quiet" disabled={busy} onClick={() => void run(() => madeCold({ pourId: pot.id, version: pot.version }))}>
            {wording.makeItColdInstead}
          </Button>
        ) : null}
        <StraySheet pourId={pot.id} strays={strays} lines={lines} onScaleG={onScaleG} />
        <Button look="quiet" disabled={busy} onClick={() => void run(() => giveUp({ pourId: pot.id, version: pot.version }))}>
          {wording.giveThisPotUp}
        </Button>
      </div>
    </>
  );
}
