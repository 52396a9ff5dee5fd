'use client';

import { useState } from 'react';
import { PIECE_USES } from '@/core/material';
import { readList } from '@/core/piece';
import { usualUses } from '@/core/use';
import { sizeWords, USE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { mixedList as wording } from '@/messages/screens/start';
import { lookOf } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { freshId } from '@/ui/id';
import { Tick } from '@/ui/tick';
import { reads } from '@/web/here';
import type { Start, StartProps, StartTyped } from './use-start';

type Props = Pick<StartProps, 'designs' | 'species'> & Pick<Start, 'form'>;
type Row = StartTyped['mixed'][number];

/** A list of unlike pieces, typed or pasted: each line is read as it is written and stands to be put right. */
export function MixedList({ designs, species, form }: Props) {
  const { mixed, list, speciesId } = form.values;
  const [text, setText] = useState(list);
  const read = (): void => {
    const known = { designs: designs.map((one) => ({ ...one, id: one.revisionId })), woods: species };
    const rows = readList(text, known).map(({ count, name, designId, geometry, woodId }): Row => {
      const design = designs.find((one) => one.revisionId === designId);
      const of = geometry.shape === 'like' ? geometry.of : geometry;
      return {
        key: freshId(),
        count: String(count),
        name: design?.name ?? name,
        designRevisionId: designId,
        geometry,
        speciesId: woodId ?? speciesId,
        uses: [...(design?.uses ?? usualUses(of))],
      };
    });
    form.set('list', text);
    form.set('mixed', rows);
  };
  const set = (index: number, part: Partial<Row>): void =>
    form.set(
      'mixed',
      mixed.map((row, i) => (i === index ? { ...row, ...part } : row)),
    );
  return (
    <Fold says={wording.aListOfUnlike} open={mixed.length > 0} className="mb-3">
      <label className="flex flex-col gap-1">
        <span className="label">{wording.whatThereIsAs}</span>
        <textarea
          rows={3}
          value={text}
          placeholder={wording.spoonsPlumBowlsBoard}
          onChange={(event) => setText(event.target.value)}
          className="border-0 border-ink border-b-2 bg-paper px-3 py-2 placeholder:text-soft"
        />
      </label>
      <p className="mt-2 flex flex-wrap gap-3">
        <Button disabled={text.trim() === ''} onClick={read}>
          {wording.readTheList}
        </Button>
        {mixed.length > 0 ? (
          <Button look="quiet" onClick={() => form.set('mixed', [])}>
            {wording.alikePiecesAfterAll}
          </Button>
        ) : null}
      </p>
      <ol>
        {mixed.map((row, i) => (
          <MixedLine
            key={row.key}
            row={row}
            species={species}
            fault={form.fault(`mixed.${i}.count`)}
            onChange={(part) => set(i, part)}
            onOut={() =>
              form.set(
                'mixed',
                mixed.filter((_, at) => at !== i),
              )
            }
          />
        ))}
      </ol>
    </Fold>
  );
}

type LineProps = Pick<StartProps, 'species'> & {
  readonly row: Row;
  readonly fault: string | undefined;
  readonly onChange: (part: Partial<Row>) => void;
  readonly onOut: () => void;
};

/** One line of the list: how many, what it is taken for, its wood, and what it is for. */
function MixedLine({ row, species, fault, onChange, onOut }: LineProps) {
  const geometry = row.geometry as Parameters<typeof sizeWords>[0];
  return (
    <li className="border-hair border-t py-2">
      <div className="grid grid-cols-[4.5rem_4rem_minmax(0,1fr)_minmax(0,1fr)_2.75rem] items-end gap-2">
        <TextField
          label={shared.howMany}
          inputMode="numeric"
          value={row.count}
          onChange={(event) => onChange({ count: event.target.value })}
          fault={fault}
        />
        <span className="flex h-14 items-center justify-center self-center">
          <PieceMark look={lookOf(geometry, row.speciesId)} scale={0.8} />
        </span>
        <TextField
          label={wording.what}
          value={row.name}
          onChange={(event) => onChange({ name: event.target.value, designRevisionId: null })}
          hint={sizeWords(geometry, reads())}
        />
        <SelectField label={shared.wood} value={row.speciesId} onChange={(event) => onChange({ speciesId: event.target.value })}>
          {species.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </SelectField>
        <button type="button" aria-label={wording.takeOut(row.name)} className="min-h-11 self-center text-xl" onClick={onOut}>
          ×
        </button>
      </div>
      <Fold says={wording.forWord(row.uses.map((use) => USE_WORDS[use]).join(', '))} lineClass="text-sm">
        <div className="grid grid-cols-2 gap-x-4 bench:grid-cols-3">
          {PIECE_USES.map((use) => (
            <Tick
              key={use}
              checked={row.uses.includes(use)}
              onChange={() => {
                const uses = PIECE_USES.filter((one) => (one === use ? !row.uses.includes(use) : row.uses.includes(one)));
                // What it is for decides its gates: it is always for something.
                if (uses.length > 0) onChange({ uses });
              }}
            >
              {USE_WORDS[use]}
            </Tick>
          ))}
        </div>
      </Fold>
    </li>
  );
}
