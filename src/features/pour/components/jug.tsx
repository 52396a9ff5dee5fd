'use client';

import { useState } from 'react';
import { jugMark, type Running, readJug, shareIfKept } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { parseVolume, say, sayOther } from '@/core/quantity';
import { jug as wording } from '@/messages/screens/pour';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { freshId } from '@/ui/id';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { useSave } from '@/web/use-save';
import { measured } from '../actions';
import type { ShelfLot } from './gather';
import { LotField } from './weigh-form';

type Props = {
  readonly pourId: number;
  readonly practice: boolean;
  readonly lines: Running['lines'];
  readonly ingredient: string;
  readonly toGoG: number;
  /** As it was written: `1/2 x 1 lb`; empty where the formula has parts. */
  readonly written: string;
  readonly tempC: number | null;
  readonly beforeMl: number;
  readonly choices: readonly ShelfLot[];
  /** The reading that stood last, and whether it is put right. */
  readonly last: string | null;
  readonly correcting: boolean;
  readonly onDone: () => void;
};

type MarksProps = { readonly addMl: number; readonly levelMl: number; readonly beforeMl: number };

/** How much goes in, and where the jug then stands. */
function Marks({ addMl, levelMl, beforeMl }: MarksProps) {
  return (
    <div className="mt-2 grid gap-4 bench:grid-cols-2">
      <div className="border-4 border-ink px-4 py-2">
        <p className="label">{wording.add}</p>
        <p className="reading text-[clamp(2.5rem,7vw,5rem)] font-semibold leading-none">{say(addMl, 'ml', reads(), 0)}</p>
        <p className="text-soft">{wording.moreThanIsIn(sayOther(addMl, 'ml', reads()))}</p>
      </div>
      <div className="bg-ink px-4 py-2 text-bench">
        <p className="label !text-bench">{wording.untilTheJugStands}</p>
        <p className="reading text-[clamp(2.5rem,7vw,5rem)] font-semibold leading-none">{say(levelMl, 'ml', reads(), 0)}</p>
        <p>
          {wording.allInAll(
            sayOther(levelMl, 'ml', reads()),
            beforeMl > 0 ? wording.itStandsAtNow(say(beforeMl, 'ml', reads())) : wording.itIsEmptyNow,
          )}
        </p>
      </div>
    </div>
  );
}

type AsksProps = Omit<MarksProps, 'beforeMl'> & {
  /** How the level was understood. */
  readonly filledTo: boolean;
  readonly atMl: number;
  readonly name: string;
  /** The share of the blend as it would be, and as it should be. */
  readonly would: string;
  readonly should: string;
  readonly busy: boolean;
  readonly onRest: () => void;
  readonly onKeep: () => void;
};

/** Asks where the level looks like the amount, or the amount like the level. */
function LevelAsked({ addMl, levelMl, atMl, filledTo, name, would, should, busy, onRest, onKeep }: AsksProps) {
  return (
    <div role="alert" className="mt-3 border-late border-l-8 bg-paper px-4 py-3">
      <p className="text-lg font-semibold">
        {filledTo
          ? wording.filledToWhereShould(say(addMl, 'ml', reads()))
          : wording.addedWhereItShould(say(levelMl, 'ml', reads()))}
      </p>
      <p>
        {wording.keptSoTheBlend}
        <strong className="reading">{would}</strong>
        {wording.byWeightInsteadOf(name.toLowerCase())}
        <span className="reading">{should}</span>.{' '}
        {filledTo ? wording.addMoreUntilIt(say(levelMl - atMl, 'ml', reads()), say(levelMl, 'ml', reads(), 0)) : ''}
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        {filledTo ? (
          <Button look="hand" onClick={onRest}>
            {wording.iAddTheRest}
          </Button>
        ) : null}
        <Button disabled={busy} onClick={onKeep}>
          {wording.itIsInSo}
        </Button>
      </div>
    </div>
  );
}

/** One line into the jug: how much is added, and the level at which the jug then stands; two words that never look alike. */
export function Jug(props: Props) {
  const { pourId, practice, lines, ingredient, toGoG, written, tempC, beforeMl, choices, last, correcting, onDone } = props;
  const [level, setLevel] = useState('');
  const [lotId, setLot] = useState(choices[0]?.id ?? 0);
  const { busy, faults, rest, run } = useSave<unknown>();
  const mark = jugMark(ingredient, toGoG, beforeMl, tempC, catalogue());
  if (!mark) return null;
  const typed = level.trim() === '' ? null : parseVolume(level, reads());
  const read = typed?.ok ? readJug(typed.value, beforeMl, mark.addMl) : null;
  const asks = read?.as === 'filled-to' || read?.as === 'added';
  const name = findIngredient(ingredient, catalogue())?.name ?? ingredient;
  const isWax = findIngredient(ingredient, catalogue())?.family === 'wax';
  const send = (kept: boolean): void =>
    void run(
      () =>
        measured({
          clientId: freshId(),
          pourId,
          ingredientId: ingredient,
          lotId: practice ? null : lotId,
          level,
          corrects: correcting ? last : null,
          follows: last,
          kept,
        }),
      () => {
        setLevel('');
        onDone();
      },
    );
  const share = (grams: number): string => say(shareIfKept(lines, ingredient, grams), 'fraction', reads(), 0);
  const grams = typed?.ok ? (typed.value - beforeMl) * mark.densityGPerMl : 0;
  const target = lines.find((line) => line.ingredient === ingredient)?.targetG ?? toGoG;
  return (
    <Form
      onSubmit={() => {
        if (!busy && !asks && (typed === null || typed.ok)) send(false);
      }}
    >
      <p className="text-lg">
        {correcting ? wording.readAgain : ''}
        <strong>{name}</strong>
        {isWax ? wording.meltedReadHot : ''}
        {written ? <span className="text-soft">{wording.writtenAs(written)}</span> : null}
      </p>
      <Marks addMl={mark.addMl} levelMl={mark.levelMl} beforeMl={beforeMl} />
      <div className="mt-4 grid items-start gap-4 bench:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]">
        <TextField
          label={wording.theJugStandsAt}
          value={level}
          onChange={(event) => setLevel(event.target.value)}
          placeholder={say(mark.levelMl, 'ml', reads(), 0)}
          hint={wording.emptyAtItsMark}
          fault={faults.level ?? (typed && !typed.ok ? wording.likeMlCupsUs : undefined)}
        />
        {practice ? (
          <p className="pt-6 text-soft">{wording.fromNoLotIt}</p>
        ) : (
          <LotField hidden={false} choices={choices} value={lotId} disabled={correcting} fault={faults.lotId} onChoose={setLot} />
        )}
        <Button look="hand" big type="submit" className="bench:mt-5" disabled={busy || asks || (typed !== null && !typed.ok)}>
          {level.trim() === '' ? wording.itStandsAtThe : wording.measured}
        </Button>
      </div>
      {asks && typed?.ok ? (
        <LevelAsked
          addMl={mark.addMl}
          levelMl={mark.levelMl}
          filledTo={read?.as === 'filled-to'}
          atMl={typed.value}
          name={name}
          would={share(target - toGoG + grams)}
          should={share(target)}
          busy={busy}
          onRest={() => setLevel('')}
          onKeep={() => send(true)}
        />
      ) : null}
      <Faults of={rest(['level', 'lotId'])} />
    </Form>
  );
}
