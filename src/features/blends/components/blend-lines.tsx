'use client';

import { useState } from 'react';
import { type Blend, type DraftLine, type FormulaDraft, MEASURED_AT_C, setGrams, setShare } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { figure, parseMass, parsePositive, say, signOf } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { blendLines as wording } from '@/messages/screens/blends';
import { IngredientPicker } from '@/trade/ingredient-picker';
import { Button } from '@/ui/button';
import type { Next } from '@/ui/draft';
import { TextBox } from '@/ui/field';
import { Headings } from '@/ui/headings';
import { freshId } from '@/ui/id';
import { Tick } from '@/ui/tick';
import { Toggle } from '@/ui/toggle';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

const MOST_LINES = 12;
const WEIGHT_WORD: Readonly<Record<string, string>> = { g: 'Grams', oz: 'Ounces' };

type Props = {
  readonly draft: FormulaDraft;
  readonly blend: Blend | null;
  readonly sized: boolean;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (draft: Next<FormulaDraft>) => void;
};

type TypedProps = {
  readonly label: string;
  readonly value: string;
  readonly disabled: boolean;
  readonly onTake: (text: string) => string | null;
};

/** A number that may be typed over: what was reckoned until it is touched, taken up when it is left. */
function Typed({ label, value, disabled, onTake }: TypedProps) {
  const [text, setText] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = (): void => {
    const said = text !== null && text !== value ? onTake(text) : null;
    setFault(said);
    if (said === null) setText(null);
  };
  return (
    <>
      <TextBox
        aria-label={label}
        className="reading w-full text-right disabled:border-hair"
        inputMode="decimal"
        disabled={disabled}
        value={text ?? value}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take();
          if (event.key === 'Escape') {
            setText(null);
            setFault(null);
          }
        }}
        aria-invalid={fault ? true : undefined}
      />
      {fault ? (
        <p role="alert" className="text-right text-sm font-semibold leading-4 text-late">
          ▲ {fault}
        </p>
      ) : null}
    </>
  );
}

type LineRowProps = {
  readonly line: DraftLine;
  readonly index: number;
  /** Written as it is measured, with its unit. */
  readonly measured: boolean;
  /** What it comes to in the blend; nothing until it can be reckoned. */
  readonly made: Blend['lines'][number] | undefined;
  readonly fault: string | undefined;
  readonly alone: boolean;
  readonly onSet: (change: Partial<DraftLine>) => void;
  readonly onShare: (text: string) => string | null;
  readonly onGrams: (text: string) => string | null;
  readonly onOut: () => void;
};

/** How a measured line is: a wax melted or in pieces, and how warm what is hot. */
function HowMeasured({ line, name, onSet }: Pick<LineRowProps, 'line' | 'onSet'> & { readonly name: string }) {
  const isWax = findIngredient(line.ingredient, catalogue())?.family === 'wax';
  if (!isWax) return null;
  return (
    <span className="flex flex-wrap items-center gap-x-3">
      <Tick checked={line.molten === true} onChange={() => onSet({ molten: line.molten !== true })}>
        {wording.measuredMelted}
      </Tick>
      {line.molten ? (
        <TextBox
          aria-label={wording.howWarmIs(name)}
          className="reading w-28"
          placeholder={say(MEASURED_AT_C.molten, '°C', reads(), 0)}
          value={line.temp ?? ''}
          onChange={(event) => onSet({ temp: event.target.value })}
        />
      ) : null}
    </span>
  );
}

/** One line: its ingredient and parts; its share and grams may be typed over. */
function LineRow({ line, index, measured, made, fault, alone, onSet, onShare, onGrams, onOut }: LineRowProps) {
  const name = findIngredient(line.ingredient, catalogue())?.name ?? wording.line(index + 1);
  return (
    <tr className="border-hair border-b align-top">
      <td className="py-1">
        <IngredientPicker
          key={`${line.key}-${line.ingredient}`}
          plain
          label={wording.ingredient(index + 1)}
          value={line.ingredient}
          onPick={(ingredient) => onSet({ ingredient })}
        />
        {fault && (line.parts !== '' || line.ingredient !== '') ? (
          <p className="text-sm font-semibold text-late">▲ {fault}</p>
        ) : null}
        {measured ? <HowMeasured line={line} name={name} onSet={onSet} /> : null}
      </td>
      <td className="py-1 pl-2">
        <TextBox
          aria-label={wording.ofLine(measured ? wording.amount : wording.parts, index + 1)}
          aria-invalid={fault ? true : undefined}
          className="reading w-full text-right"
          {...(measured ? { placeholder: index === 0 ? '1/2 x 1 lb' : '4 x 16 fl oz' } : { inputMode: 'decimal' as const })}
          value={line.parts}
          onChange={(event) => onSet({ parts: event.target.value })}
        />
      </td>
      <td className="py-1 pl-2">
        <Typed
          label={wording.percentOf(name)}
          value={made ? figure(made.massFraction, 'fraction', reads(), 1) : ''}
          disabled={!made || alone || line.locked === true}
          onTake={onShare}
        />
      </td>
      <td className="py-1 pl-2">
        <Typed
          label={`${WEIGHT_WORD[signOf('g', reads())]} of ${name}`}
          value={made ? figure(made.massG, 'g', reads()) : ''}
          disabled={!made}
          onTake={onGrams}
        />
      </td>
      <td className="reading py-3 pl-3 text-right text-soft">{made ? say(made.volumeMl, 'ml', reads()) : '–'}</td>
      <td className="whitespace-nowrap py-1 text-right">
        <Toggle
          on={line.locked === true}
          aria-label={wording.lockTheShareOf(name)}
          className={`min-h-11 min-w-10 text-sm font-semibold ${line.locked ? 'bg-ink text-bench' : 'text-soft underline underline-offset-4'}`}
          onTurn={(locked) => onSet({ locked })}
        >
          {line.locked ? 'fixed' : wording.fix}
        </Toggle>
        <button
          type="button"
          aria-label={wording.takeLineOut(index + 1)}
          disabled={alone}
          className="min-h-11 min-w-8 text-xl disabled:opacity-30"
          onClick={onOut}
        >
          ×
        </button>
      </td>
    </tr>
  );
}

/** The lines of a formula: the typed twin of the plank. Parts, percent and grams can each be typed over. */
export function BlendLines({ draft, blend, sized, faults, onChange }: Props) {
  const lines = (next: readonly DraftLine[]): void => onChange({ ...draft, lines: next });
  const set = (index: number, change: Partial<DraftLine>): void =>
    onChange((now) => ({ ...now, lines: now.lines.map((line, i) => (i === index ? { ...line, ...change } : line)) }));
  const shares = blend?.lines.map((line) => line.massFraction) ?? [];
  const takeShare = (index: number, text: string): string | null => {
    const typed = parsePositive(text.replace('%', ''));
    if (!typed.ok) return typed.issues.map((one) => sayIssue(one, reads())).join(' ');
    const next = setShare(draft, shares, index, typed.value / 100, reads(), catalogue());
    if (!next) return wording.noRoomTheFixed;
    onChange(next);
    return null;
  };
  const takeGrams = (index: number, text: string): string | null => {
    const typed = parseMass(text, reads());
    if (!typed.ok) return typed.issues.map((one) => sayIssue(one, reads())).join(' ');
    onChange(setGrams(draft, blend?.lines.map((line) => line.massG) ?? [], index, typed.value, reads(), catalogue()));
    return null;
  };
  return (
    <div>
      <table className="w-full">
        <Headings
          of={[
            wording.ingredient2,
            {
              says: draft.basis === 'measured' ? wording.asMeasured : wording.parts,
              is: `${draft.basis === 'measured' ? 'w-36' : 'w-18'} pl-2 text-right`,
            },
            { says: wording.weight, is: 'w-18 pl-2 text-right' },
            { says: sized ? WEIGHT_WORD[signOf('g', reads())] : wording.perKg(signOf('g', reads())), is: 'w-20 pl-2 text-right' },
            { says: wording.volume, is: 'w-18 pl-2 text-right' },
            { says: <span className="sr-only">{wording.lockOrTakeOut}</span>, is: 'w-20' },
          ]}
        />
        <tbody>
          {draft.lines.map((line, index) => (
            <LineRow
              key={line.key}
              line={line}
              index={index}
              made={blend?.lines[index]}
              measured={draft.basis === 'measured'}
              fault={faults[`lines.${index}.parts`] ?? faults[`lines.${index}.temp`] ?? faults[`lines.${index}.ingredient`]}
              alone={draft.lines.length < 2}
              onSet={(change) => set(index, change)}
              onShare={(text) => takeShare(index, text)}
              onGrams={(text) => takeGrams(index, text)}
              onOut={() => lines(draft.lines.filter((_, i) => i !== index))}
            />
          ))}
        </tbody>
        {blend ? (
          <tfoot>
            <tr className="reading font-semibold">
              <td className="py-2" colSpan={3}>
                {wording.together(sized ? '' : wording.reckonedForAKilogram)}
              </td>
              <td className="py-2 pr-2 pl-3 text-right">{say(blend.totalG, 'g', reads())}</td>
              <td className="py-2 pl-3 text-right">{say(blend.volumeMl, 'ml', reads())}</td>
              <td />
            </tr>
          </tfoot>
        ) : null}
      </table>
      {draft.lines.length < MOST_LINES ? (
        <Button onClick={() => lines([...draft.lines, { key: freshId(), ingredient: '', parts: '' }])} className="mt-1">
          {wording.addALine}
        </Button>
      ) : null}
    </div>
  );
}
