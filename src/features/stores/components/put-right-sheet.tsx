'use client';

import { useRef } from 'react';
import type { z } from 'zod';
import { PURPOSES, putRight, type Right, type RightLot, rightChoices, rightsOf } from '@/core/blend';
import { say } from '@/core/quantity';
import { PURPOSE_WORDS, sayIssue } from '@/messages';
import { rightWords } from '@/messages/right';
import { shared } from '@/messages/screens/shared';
import { putRightSheet as wording } from '@/messages/screens/stores';
import { ChoiceField } from '@/ui/choice';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { RightFields } from '../forms';
import { saveRight } from '../lot-actions';

const MODES: readonly { readonly id: Right; readonly name: string; readonly says: string }[] = [
  { id: 'feel', name: wording.tooSoftOrToo, says: wording.meltItAgainAnd },
  { id: 'marry', name: wording.marryTwoPartLots, says: wording.meltedTogetherSoThat },
  { id: 'top-up', name: wording.solventLeftThroughThe, says: wording.weighTheBottleWhat },
  { id: 'let-down', name: wording.letAConcentrateDown, says: wording.thinnedForUseWith },
];

type Props = {
  readonly lot: RightLot;
  readonly others: readonly RightLot[];
  readonly ambientC: number;
};

/** Puts a made lot right: what to add is reckoned before anything is weighed, and what was done is kept. */
export function PutRightSheet({ lot, others, ambientC, open, onOpenChange }: Props & Opened) {
  const may = rightsOf(lot, catalogue());
  const ways = MODES.filter(({ id }) => may.includes(id));
  const form = useForm<z.input<typeof RightFields>, { readonly id: number }>({
    schema: RightFields,
    start: { mode: ways[0]?.id ?? 'let-down', other: 0, purpose: 'board-paste', gross: '', tare: '', target: '50' },
    save: (input) => saveRight({ lotId: lot.id, ...input, other: chosen.current }),
    done: () => onOpenChange(false),
    keptAs: `right ${lot.id}`,
  });
  const input = form.values;
  const { mode } = input;
  const choices = rightChoices(mode, lot, others, catalogue());
  const other = choices.find((one) => one.id === input.other) ?? choices[0];
  const chosen = useRef(0);
  chosen.current = other?.id ?? 0;
  const reckoned = putRight(lot, other, input, ambientC, reads(), catalogue());
  const said = reckoned.ok ? {} : Object.fromEntries(reckoned.issues.map((issue) => [issue.path, sayIssue(issue, reads())]));
  const faultAt = (name: 'gross' | 'tare'): string | undefined => (input[name] ? said[name] : undefined) ?? form.fault(name);
  return (
    <SheetForm
      form={form}
      title={wording.putRight(lot.number)}
      open={open}
      onOpenChange={onOpenChange}
      saves={wording.weighedAndDone}
      notYet={!reckoned.ok}
    >
      <ChoiceField
        asks={wording.whatIsWrongWith}
        hidden
        value={mode}
        options={ways.map(({ id, name, says }) => ({ value: id, name, says }))}
        onChange={(way) => form.set('mode', way)}
      />
      <SelectField
        label={mode === 'marry' ? wording.withWord : shared.add}
        value={other?.id ?? 0}
        onChange={(event) => form.set('other', Number(event.target.value))}
        fault={said.other ?? form.fault('other')}
        hint={choices.length === 0 ? wording.nothingInTheStores : ''}
      >
        {choices.map((one) => (
          <option key={one.id} value={one.id}>
            {wording.left(one.number, one.title, say(one.leftG, 'g', reads()))}
          </option>
        ))}
      </SelectField>
      {mode === 'feel' || mode === 'marry' ? (
        <SelectField label={wording.itShouldBe} {...form.field('purpose')}>
          {PURPOSES.map((purpose) => (
            <option key={purpose} value={purpose}>
              {PURPOSE_WORDS[purpose]}
            </option>
          ))}
        </SelectField>
      ) : null}
      {mode === 'top-up' ? (
        <div className="grid grid-cols-2 gap-4">
          <TextField label={wording.bottleAndAll} {...form.field('gross')} fault={faultAt('gross')} hint="612 g" />
          <TextField label={wording.emptyWithLid} {...form.field('tare')} fault={faultAt('tare')} hint="180 g" />
        </div>
      ) : null}
      {mode === 'let-down' ? (
        <TextField label={wording.solventInTheMix} {...form.field('target')} fault={said.target ?? form.fault('target')} />
      ) : null}
      {reckoned.ok && other ? (
        <p role="status" className="border-fit border-l-8 bg-paper px-4 py-3 text-lg">
          {rightWords(reckoned.value, lot, other, reads())}
        </p>
      ) : null}
    </SheetForm>
  );
}
