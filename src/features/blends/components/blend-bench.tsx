'use client';

import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import {
  type Blend,
  basisOf,
  bothRatios,
  DRAFT_BASES,
  type DraftAround,
  draftLines,
  type FormulaDraft,
  isWarmed,
  moveKerf,
  otherBasis,
  ratioFor,
  ratioOf,
  reckon,
  residueFor,
} from '@/core/blend';
import { noticesOfBlend } from '@/core/caution';
import { findIngredient } from '@/core/material';
import { POT_HEATERS, type PotHeater } from '@/core/melt';
import { say } from '@/core/quantity';
import { cautionsInWords, HEATER_WORDS, noticesInWords, POT_HEATER_GUARDS, sayIssue } from '@/messages';
import { blendBench as wording } from '@/messages/screens/blends';
import { HeatLadderPicture } from '@/trade/drawing/heat-ladder';
import { Button } from '@/ui/button';
import { Cautions } from '@/ui/cautions';
import { handOn, useDraft } from '@/ui/draft';
import { Faults, NoteField, SelectField, TextField } from '@/ui/field';
import { Plank } from '@/ui/plank';
import { Tick } from '@/ui/tick';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { useSave } from '@/web/use-save';
import { beginPour, save } from '../actions';
import { BlendFacts } from './blend-facts';
import { BlendLines } from './blend-lines';
import { FeelScale } from './feel-scale';
import { PurposeRow } from './purpose-row';
import { SizeIt } from './size-it';
import { SolveSheet } from './solve-sheet';

export type BenchProps = {
  readonly id: number | null;
  readonly version: number;
  readonly revision: { readonly number: number; readonly isUsed: boolean } | null;
  readonly initial: FormulaDraft;
  readonly around: DraftAround;
  readonly currency: string;
  readonly today: string;
};

type Saved = { readonly id: number; readonly revisionId: number; readonly version: number };

const FIELDS = ['name', 'mass', 'volume', 'jar', 'jar.count'];

const boardsOf = (blend: Blend) =>
  blend.lines.map((line) => ({
    id: line.ingredient,
    name: findIngredient(line.ingredient, catalogue())?.name ?? line.ingredient,
    family: findIngredient(line.ingredient, catalogue())?.family ?? '',
    share: line.massFraction,
    under: [say(line.massG, 'g', reads()), say(line.volumeMl, 'ml', reads())],
  }));

/** The bench where a formula is written: the plank, its lines, its size, and at once what it will be. */
export function BlendBench({ id, version, revision, initial, around, currency, today }: BenchProps) {
  const [draft, setDraft, letGo] = useDraft<FormulaDraft>(`rendle-blend-${id ?? 'new'}-${version}`, initial);
  const [byMeasure, setByMeasure, forget] = useDraft(`rendle-jug-${id ?? 'new'}`, false);
  const isChanged = ratioOf(draft.lines) !== ratioOf(initial.lines) || draft.basis !== initial.basis;
  const was = revision && isChanged ? reckon(initial, around, reads(), catalogue()).blend : null;
  const { busy, faults: said, rest, run } = useSave<Saved>();
  const reckoned = reckon(draft, around, reads(), catalogue());
  const { blend, sized } = reckoned;
  const faults = { ...said, ...Object.fromEntries(reckoned.issues.map((issue) => [issue.path, sayIssue(issue, reads())])) };
  const change = (part: Partial<FormulaDraft>): void => setDraft((now) => ({ ...now, ...part }));

  const store = (then: (saved: Saved) => void): void => {
    const lines = draftLines(draft.lines, reads(), catalogue(), draft.basis);
    if (!lines.ok) return;
    void run(
      () => save({ id, version, name: draft.name, basis: basisOf(draft), note: draft.note, lines: lines.value }),
      (saved) => {
        letGo();
        // What was sized, and that there is no scale, is still so on the page of what was saved.
        handOn(`rendle-blend-${saved.id}-${saved.version}`, draft);
        handOn(`rendle-jug-${saved.id}`, byMeasure);
        if (id === null) forget();
        then(saved);
      },
    );
  };
  const takeFractions = (fractions: Readonly<Record<string, number>>): void =>
    change({
      basis: 'mass',
      lines: Object.entries(fractions)
        .sort((a, b) => b[1] - a[1])
        .map(([ingredient, share]) => ({ key: ingredient, ingredient, parts: String(Number((share * 100).toPrecision(4))) })),
    });

  return (
    <div className="flex flex-col gap-5">
      <Heads draft={draft} revision={revision} fault={said.name} onDraft={setDraft} />
      {blend ? (
        <Plank
          boards={boardsOf(blend)}
          was={was ? { name: wording.revision(revision?.number), boards: boardsOf(was) } : null}
          onKerf={(index, share) =>
            setDraft(
              moveKerf(
                draft,
                blend.lines.map((line) => line.massFraction),
                index,
                share,
                reads(),
                catalogue(),
              ),
            )
          }
        />
      ) : (
        <p className="border-rule border-y-2 border-dashed px-3 py-8 text-soft">{wording.chooseTwoIngredientsAnd}</p>
      )}
      <div className="grid gap-x-10 gap-y-6 wide:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
        <div className="flex flex-col gap-5">
          <BlendLines draft={draft} blend={blend} sized={sized} faults={faults} onChange={setDraft} />
          <OtherBasis draft={draft} />
          <SizeIt
            draft={draft}
            around={around}
            blend={blend}
            sized={sized}
            currency={currency}
            faults={faults}
            onChange={change}
          />
          <NoteField
            label={wording.notes}
            value={draft.note}
            maxLength={2000}
            onChange={(event) => change({ note: event.target.value })}
            hint={wording.keptWithTheRevision}
          />
          <MakeIt
            around={around}
            forJars={draft.sizeBy === 'jars'}
            byMeasure={byMeasure}
            onByMeasure={setByMeasure}
            blend={blend}
            sized={sized}
            busy={busy}
            faults={rest([...FIELDS])}
            isSaved={!isChanged}
            onStore={store}
          >
            <SolveSheet around={around} currency={currency} onTake={takeFractions} />
          </MakeIt>
        </div>
        {blend ? (
          <WhatItIs draft={draft} blend={blend} around={around} currency={currency} today={today} onChange={setDraft} />
        ) : null}
      </div>
    </div>
  );
}

type MakeProps = {
  readonly around: DraftAround;
  /** It is sized to fill jars. */
  readonly forJars: boolean;
  /** There is no scale: in a jug, by its marks. */
  readonly byMeasure: boolean;
  readonly onByMeasure: (byMeasure: boolean) => void;
  readonly blend: Blend | null;
  readonly sized: boolean;
  readonly busy: boolean;
  readonly faults: readonly string[];
  readonly isSaved: boolean;
  readonly onStore: (then: (saved: Saved) => void) => void;
  readonly children: ReactNode;
};

/** It is saved, poured or practised. */
function MakeIt({ around, forJars, byMeasure, onByMeasure, blend, sized, busy, faults, isSaved, onStore, children }: MakeProps) {
  const residueG = residueFor(around.residueG, forJars);
  const router = useRouter();
  const pouring = useSave<{ readonly id: number }>();
  const [takesUp, setTakesUp] = useState(false);
  const [heater, setHeater] = useState<PotHeater>('water-bath');
  const heats = isWarmed(blend?.heat);
  const pour = (as: { readonly practice: boolean }): void =>
    onStore(({ revisionId }) => {
      if (blend)
        void pouring.run(
          () =>
            beginPour({
              revisionId,
              targetG: blend.totalG + residueG,
              residueG,
              takeUp: takesUp && !as.practice,
              heater: heats ? heater : null,
              practice: as.practice,
              byMeasure,
            }),
          (made) => router.push(`/pour/${made.id}`),
        );
    });
  return (
    <div>
      <Faults of={[...faults, ...pouring.rest([])].filter(Boolean)} />
      {around.waiting && sized && isSaved ? (
        <Tick checked={takesUp} onChange={() => setTakesUp(!takesUp)}>
          {wording.takeUpTheOverpour(around.waiting)}
        </Tick>
      ) : null}
      {blend && sized ? (
        <Tick checked={byMeasure} onChange={() => onByMeasure(!byMeasure)}>
          {wording.noScaleInA(byMeasure ? wording.lessTrueThanWeighing : '')}
        </Tick>
      ) : null}
      {heats && sized ? <HeaterField value={heater} onChange={setHeater} /> : null}
      {residueG > 0 && sized && blend ? (
        <p className="text-sm text-soft">
          {wording.weighedToStaysIn(
            say(blend.totalG + residueG, 'g', reads()),
            say(residueG, 'g', reads()),
            around.residueG > 0 ? wording.asItDidThe : wording.anEstimateForA,
          )}
        </p>
      ) : null}
      <div className="mt-2 flex flex-wrap gap-3">
        <Button look="main" big disabled={busy || !blend} onClick={() => onStore((saved) => router.push(`/blends/${saved.id}`))}>
          {wording.saveTheFormula}
        </Button>
        <Button look="hand" big disabled={busy || !blend || !sized} onClick={() => pour({ practice: false })}>
          {blend && sized ? wording.pour(say(blend.totalG, 'g', reads())) : wording.pourIt}
        </Button>
        <Button disabled={busy || !blend} onClick={() => pour({ practice: true })}>
          {wording.practiseIt}
        </Button>
        {children}
      </div>
    </div>
  );
}

type HeadsProps = Pick<BenchProps, 'revision'> & {
  readonly draft: FormulaDraft;
  readonly fault: string | undefined;
  /** From what it is by then: what was picked and the ratio typed in the same breath both stay. */
  readonly onDraft: (next: (now: FormulaDraft) => FormulaDraft) => void;
};

const BASIS_HINTS = {
  mass: 'the house’s choice',
  volume: 'converted to weight',
  measured: 'each with its unit: 4 cups, 1/2 x 1 lb',
} as const;

/** Its name, its ratio in one line, and what its parts are by. */
function Heads({ draft, revision, fault, onDraft }: HeadsProps) {
  const change = (part: Partial<FormulaDraft>): void => onDraft((now) => ({ ...now, ...part }));
  const [ratio, setRatio] = useState<string | null>(null);
  const [ratioFault, setFault] = useState<string>();
  const typeRatio = (text: string): void => {
    setRatio(text);
    const parts = ratioFor(
      text,
      draft.lines.map((line) => line.ingredient),
      catalogue(),
    );
    setFault(parts.ok ? undefined : parts.issues.map((one) => sayIssue(one, reads())).join(' '));
    if (parts.ok)
      onDraft((now) => ({
        ...now,
        basis: now.basis === 'measured' ? 'mass' : now.basis,
        sizeBy: now.sizeBy === 'written' ? 'mass' : now.sizeBy,
        lines: now.lines.map((line, i) => ({ ...line, parts: parts.value[i] ?? line.parts })),
      }));
  };
  return (
    <div className="grid gap-x-6 bench:grid-cols-[minmax(0,1fr)_14rem_12rem]">
      <TextField
        label={wording.nameOfTheFormula}
        value={draft.name}
        onChange={(event) => change({ name: event.target.value })}
        fault={fault}
        hint={
          revision
            ? wording.revision2(revision.number, revision.isUsed ? wording.alreadyPouredAChange : '')
            : wording.yourOwnNameFor
        }
      />
      <TextField
        label={wording.ratio}
        value={ratio ?? ratioOf(draft.lines)}
        onChange={(event) => typeRatio(event.target.value)}
        // What was not understood stays as it was typed.
        onBlur={() => (ratioFault ? undefined : setRatio(null))}
        fault={ratio === null ? undefined : ratioFault}
        hint={wording.toPartWaxParts}
      />
      <SelectField
        label={wording.partsAreBy}
        value={draft.basis}
        onChange={(event) => {
          const basis = DRAFT_BASES.find((one) => one === event.target.value) ?? 'mass';
          change({
            basis,
            ...(basis === 'measured'
              ? { sizeBy: 'written' as const }
              : draft.sizeBy === 'written'
                ? { sizeBy: 'mass' as const }
                : {}),
          });
        }}
        hint={BASIS_HINTS[draft.basis]}
      >
        <option value="mass">{wording.weight}</option>
        <option value="volume">{wording.volume}</option>
        <option value="measured">{wording.asIMeasureThem}</option>
      </SelectField>
    </div>
  );
}

type HeaterFieldProps = {
  readonly value: PotHeater;
  readonly onChange: (heater: PotHeater) => void;
};

/** What the pot is warmed by. */
function HeaterField({ value: heater, onChange: setHeater }: HeaterFieldProps) {
  return (
    <SelectField
      className="max-w-xs"
      label={wording.warmedBy}
      value={heater}
      onChange={(event) => setHeater(POT_HEATERS.find((one) => one === event.target.value) ?? 'water-bath')}
      hint={heater === 'water-bath' ? wording.theHousesChoice : POT_HEATER_GUARDS[heater]}
    >
      {/* A hob without a bath is not among them: where it was done all the same, it is said at the pot. */}
      {POT_HEATERS.filter((one) => one !== 'hob').map((one) => (
        <option key={one} value={one}>
          {HEATER_WORDS[one]}
        </option>
      ))}
    </SelectField>
  );
}

type FactsProps = Pick<BenchProps, 'around' | 'currency' | 'today'> & {
  readonly draft: FormulaDraft;
  readonly blend: Blend;
  readonly onChange: (draft: FormulaDraft) => void;
};

/** What it will be: feel, purpose, facts, heat, and what it must be warned of. */
function WhatItIs({ draft, blend, around, currency, today, onChange }: FactsProps) {
  const cautions = [
    ...cautionsInWords(
      {
        doing: 'weighing',
        ingredients: blend.lines.map((line) => line.ingredient),
        drying: blend.drying,
      },
      catalogue(),
    ),
    ...noticesInWords(noticesOfBlend(blend, catalogue())),
  ];
  return (
    <div className="flex flex-col gap-6">
      <FeelScale waxEquivalent={blend.waxEquivalent} ambientC={around.ambientC} feel={blend.consistency} />
      <PurposeRow draft={draft} ambientC={around.ambientC} hardening={around.hardening} onChange={onChange} />
      <BlendFacts blend={blend} currency={currency} today={today} />
      <HeatLadderPicture heat={blend} />
      <Cautions of={cautions} open={1} />
    </div>
  );
}

/** By volume it is so much wax by weight, not so much: said wherever the two differ. */
function OtherBasis({ draft }: { readonly draft: FormulaDraft }) {
  const both = bothRatios(draft, reads(), catalogue());
  if (both) return <BothRatios both={both} />;
  const other = otherBasis(draft, reads(), catalogue());
  if (!other) return null;
  const percent = (share: number): string => say(share, 'fraction', reads(), 1);
  const [here, there] = draft.basis !== 'volume' ? ['weight', 'volume'] : ['volume', 'weight'];
  return (
    <p className="text-soft">
      {wording.byIs(ratioOf(draft.lines), here)}
      <strong className="reading text-ink">{percent(other.asWritten)}</strong>
      {wording.waxByWeightMeasured(there)}
      <span className="reading">{percent(other.otherwise)}</span>.
    </p>
  );
}

/** What was measured comes to by weight and by volume, and where a jug stands after each. */
function BothRatios({ both: { byWeight, byVolume, jug } }: { readonly both: NonNullable<ReturnType<typeof bothRatios>> }) {
  const wax = jug.lines
    .filter((line) => findIngredient(line.ingredient, catalogue())?.family === 'wax')
    .reduce((sum, line) => sum + line.massFraction, 0);
  return (
    <div>
      <p>
        <strong className="reading">{byWeight}</strong>
        {wording.byWeight}
        <strong className="reading">{byVolume}</strong>
        {wording.byVolumeAsIt}
        {wax > 0 ? (
          <>
            : <strong className="reading">{say(wax, 'fraction', reads(), 0)}</strong>
            {wording.waxByWeight}
          </>
        ) : null}
        .
      </p>
      <p className="text-soft">
        {wording.inOneJugIn(
          jug.lines
            .map(
              ({ ingredient, addMl, levelMl }, i) =>
                `${i === 0 ? '' : 'add '}${say(addMl, 'ml', reads())} ${findIngredient(ingredient, catalogue())?.name.toLowerCase() ?? ingredient}${i === 0 ? '' : wording.untilItStandsAt(say(levelMl, 'ml', reads()))}`,
            )
            .join(', '),
        )}
      </p>
    </div>
  );
}
