'use client';

import { useEffect, useState } from 'react';
import { type ScaleReading, typedScale } from '@/devices/scale';
import { running } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { formatMass, parseMass } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { Button } from '@/ui/button';
import { familyFill } from '@/ui/family';
import { Faults, SelectField, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { useSave } from '../../shop/use-save';
import { allIn, giveUp, growPot, weigh } from '../actions';

type Line = { readonly ingredient: string; readonly parts: number };
type LotChoice = { readonly id: number; readonly number: string; readonly leftG: number; readonly bestBefore: string | null };
type Props = {
  readonly pot: {
    readonly id: number;
    readonly version: number;
    readonly targetG: number;
    readonly basis: 'mass' | 'volume';
    readonly lines: readonly Line[];
  };
  readonly poured: Readonly<Record<string, number>>;
  readonly last: {
    readonly clientId: string;
    readonly ingredientId: string;
    readonly lotId: number;
    readonly readingG: number;
  } | null;
  readonly struck: readonly number[];
  readonly lots: Readonly<Record<string, readonly LotChoice[]>>;
};

const nameOf = (id: string): string => findIngredient(id)?.name ?? id;
const grams = (value: number): string => value.toFixed(value >= 100 ? 0 : 1);

/** One number fills the screen: grams still to go, with the cumulative reading to stop at. Readings are typed as the scale shows them. */
export function RunningScale({ pot, poured, last, struck, lots }: Props) {
  const [scale] = useState(typedScale);
  const [said, setSaid] = useState<ScaleReading | null>(null);
  useEffect(() => scale.follow(setSaid), [scale]);
  const [reading, setReading] = useState('');
  const [correcting, setCorrecting] = useState(false);
  const [chosen, setChosen] = useState<Readonly<Record<string, number>>>({});
  const { busy, faults, rest, run } = useSave<unknown>();
  const state = running(pot.lines, pot.basis, pot.targetG, poured);
  if (!state.ok) return <Faults of={state.issues.map(sayIssue)} />;
  const { next, over, lines } = state.value;
  const entering = correcting && last ? last.ingredientId : next?.ingredient;
  const choices = entering ? (lots[entering] ?? []) : [];
  const lotId = entering
    ? correcting && last
      ? last.lotId
      : (chosen[entering] ?? choices.find((lot) => lot.leftG >= (next?.toGoG ?? 0))?.id ?? choices[0]?.id ?? 0)
    : 0;
  const typed = parseMass(reading);
  const live = said && reading !== '' && next && !correcting ? next.stopAtG - said.grams : (next?.toGoG ?? 0);
  const type = (text: string): void => {
    setReading(text);
    const parsed = parseMass(text);
    if (parsed.ok) scale.say(parsed.value, Date.now());
  };
  const submit = (): void => {
    if (!entering) return;
    void run(
      () =>
        weigh({
          clientId: freshId(),
          pourId: pot.id,
          ingredientId: entering,
          lotId,
          reading,
          corrects: correcting ? (last?.clientId ?? null) : null,
        }),
      () => {
        setReading('');
        setCorrecting(false);
      },
    );
  };
  return (
    <div className="grid gap-8 wide:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
      <section aria-label="Running scale">
        {over && !correcting ? (
          <div role="alert" className="mb-4 border-late border-l-8 bg-paper px-4 py-3">
            <p className="text-lg font-semibold">
              ▲ {grams(over.overG)} g too much {nameOf(over.ingredient).toLowerCase()}
            </p>
            <p>Rescaling keeps the ratio: the pot grows, and each other ingredient’s mark moves up with it.</p>
            <Button
              look="late"
              big
              className="mt-2"
              disabled={busy}
              onClick={() => void run(() => growPot({ pourId: pot.id, version: pot.version }))}
            >
              Rescale the pot
            </Button>
          </div>
        ) : null}
        {entering ? (
          <>
            <p className="text-lg">
              {correcting ? 'Correct the last reading of' : 'Add'} <strong>{nameOf(entering)}</strong>
              {next && !correcting ? (
                <>
                  {' '}
                  until the scale says <strong className="reading text-2xl">{grams(next.stopAtG)} g</strong>
                </>
              ) : null}
            </p>
            {next && !correcting ? (
              <>
                <p
                  className={`reading text-[clamp(5rem,15vw,11rem)] font-semibold leading-[0.95] ${live < -0.5 ? 'text-late' : ''}`}
                  aria-live="polite"
                >
                  {live < -0.05 ? `+${grams(-live)}` : grams(Math.max(0, live))}
                  <span className="ml-3 text-[0.25em] font-normal text-soft">{live < -0.05 ? 'g over' : 'g still to go'}</span>
                </p>
                <ToMark toGo={live} target={next.toGoG} family={findIngredient(entering)?.family ?? ''} />
              </>
            ) : null}
            <form
              className="mt-4 grid items-start gap-4 bench:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]"
              onSubmit={(event) => {
                event.preventDefault();
                submit();
              }}
            >
              <TextField
                label="The scale says"
                value={reading}
                onChange={(event) => type(event.target.value)}
                inputMode="decimal"
                hint="the whole reading, after tare"
                echo={typed.ok ? formatMass(typed.value) : null}
                fault={reading !== '' && !typed.ok ? typed.issues.map(sayIssue).join(' ') : faults.reading}
              />
              <SelectField
                label="From lot"
                value={lotId}
                disabled={correcting}
                onChange={(event) => setChosen({ ...chosen, [entering]: Number(event.target.value) })}
                fault={faults.lotId}
                hint={choices.length === 0 ? 'none in the stores: receive a lot first' : 'earliest best-before first'}
              >
                {choices.length === 0 ? <option value={0}>–</option> : null}
                {choices.map((lot) => (
                  <option key={lot.id} value={lot.id}>
                    {lot.number}, {formatMass(lot.leftG)} left
                  </option>
                ))}
              </SelectField>
              <Button look="hand" big type="submit" className="bench:mt-5" disabled={busy || reading === ''}>
                Weighed
              </Button>
            </form>
          </>
        ) : (
          <p className="text-lg">Everything is in, and the ratio holds.</p>
        )}
        <Faults of={rest(['reading', 'lotId'])} />
        <div className="mt-2 flex flex-wrap gap-3">
          {!next ? (
            <Button
              look="hand"
              big
              disabled={busy}
              onClick={() => void run(() => allIn({ pourId: pot.id, version: pot.version }))}
            >
              All in
            </Button>
          ) : null}
          {last ? (
            <Button look="quiet" disabled={busy} onClick={() => setCorrecting(!correcting)}>
              {correcting ? 'Leave it as it was' : `Correct the last reading (${grams(last.readingG)} g)`}
            </Button>
          ) : null}
          <Button look="quiet" disabled={busy} onClick={() => void run(() => giveUp({ pourId: pot.id, version: pot.version }))}>
            Give this pot up
          </Button>
        </div>
        {struck.length > 0 ? (
          <p className="reading text-soft">
            Struck through:{' '}
            {struck.map((value) => (
              <s key={value} className="mr-2">
                {grams(value)} g
              </s>
            ))}
          </p>
        ) : null}
      </section>
      <section aria-label="Marks">
        <h2 className="mb-2">The pot, {formatMass(pot.targetG)}</h2>
        <ol>
          {lines.map((line) => (
            <li key={line.ingredient} className="border-hair border-b py-2">
              <div className="flex items-center gap-3">
                <span aria-hidden="true" className="h-6 w-6" style={familyFill(findIngredient(line.ingredient)?.family ?? '')} />
                <span className={`grow ${line.ingredient === entering ? 'font-semibold' : ''}`}>{nameOf(line.ingredient)}</span>
                <span className="reading">
                  <strong>{grams(line.pouredG)}</strong> of {grams(line.targetG)} g
                </span>
                <span
                  className={`w-20 text-right text-sm font-semibold ${line.overG > 0 ? 'text-late' : line.isDone ? 'text-fit' : 'text-soft'}`}
                >
                  {line.overG > 0 ? '▲ over' : line.isDone ? '● in' : '○ to go'}
                </span>
              </div>
            </li>
          ))}
        </ol>
        <p className="mt-3 text-sm text-soft">
          Small pieces of wax melt faster. Tare with the empty pot on the scale, then type what it shows; nothing is taken off or
          added in your head.
        </p>
      </section>
    </div>
  );
}

/** The way to the mark; its last tenth is drawn as long as all before it, so that the bar slows. */
function ToMark({ toGo, target, family }: { readonly toGo: number; readonly target: number; readonly family: string }) {
  const share = Math.min(1, Math.max(0, 1 - toGo / Math.max(target, 1e-9)));
  const drawn = share < 0.9 ? (share / 0.9) * 0.5 : 0.5 + ((share - 0.9) / 0.1) * 0.5;
  return (
    <div className="relative mt-2 h-7 border-ink border-2" aria-hidden="true">
      <div className="h-full" style={{ ...familyFill(family), width: `${drawn * 100}%` }} />
      <span className="absolute inset-y-0 left-1/2 border-ink border-l border-dashed" />
    </div>
  );
}
