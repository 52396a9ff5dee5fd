'use client';

import { Choice } from '@/ui/choice';
import { type Blend, mostJars, residueFor } from '@/core/blend';
import { Button } from '@/ui/button';
import { findIngredient } from '@/core/material';
import { say } from '@/core/quantity';
import { SelectField, TextField } from '@/ui/field';
import type { DraftAround, FormulaDraft, SizeBy } from '@/core/blend';

const MODES: readonly { readonly id: SizeBy; readonly name: string }[] = [
  { id: 'mass', name: 'A total' },
  { id: 'volume', name: 'A volume' },
  { id: 'from', name: 'What I have' },
  { id: 'jars', name: 'So many jars' },
];

type Props = {
  readonly draft: FormulaDraft;
  readonly around: DraftAround;
  readonly blend: Blend | null;
  readonly sized: boolean;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (change: Partial<FormulaDraft>) => void;
};

/** Sizes the pot from whatever is fixed. */
export function SizeIt({ draft, around, blend, sized, faults, onChange }: Props) {
  return (
    <fieldset>
      <legend className="mb-1 text-[1.12rem] font-[640]" style={{ fontStretch: '114%' }}>
        How much?
      </legend>
      <Choice
        asks="What is fixed"
        hidden
        value={draft.sizeBy}
        options={MODES.map(({ id, name }) => ({ value: id, name }))}
        onChange={(sizeBy) => onChange({ sizeBy })}
        lies="bar"
      />
      {draft.sizeBy === 'mass' ? (
        <TextField
          label="Total weight"
          value={draft.mass}
          onChange={(event) => onChange({ mass: event.target.value })}
          hint="900 g, 2 lb"
          fault={faults.mass}
        />
      ) : null}
      {draft.sizeBy === 'volume' ? (
        <TextField
          label="Total volume when cool"
          value={draft.volume}
          onChange={(event) => onChange({ volume: event.target.value })}
          hint="1 l, 32 fl oz"
          fault={faults.volume}
        />
      ) : null}
      {draft.sizeBy === 'jars' ? (
        <JarSize draft={draft} around={around} faults={faults} onChange={onChange} blend={blend} />
      ) : null}
      {draft.sizeBy === 'from' ? (
        <FromStock draft={draft} around={around} faults={faults} onChange={onChange} blend={sized ? blend : null} />
      ) : null}
    </fieldset>
  );
}

type PartProps = Omit<Props, 'blend' | 'sized'>;

function JarSize({ draft, around, faults, onChange, blend }: PartProps & { readonly blend: Blend | null }) {
  const jar = around.jars.find((one) => one.id === draft.jar.id);
  const most =
    jar && blend ? mostJars(blend.lines, around.stock, blend.densityGPerMl, residueFor(around.residueG, true), jar) : null;
  return (
    <>
      {most && jar ? (
        <p className="mb-1 flex flex-wrap items-center gap-x-3">
          <span>
            Most you can fill now: <strong className="reading">{most.count}</strong> × {jar.name} (
            {most.endsWith === 'jars' ? 'the jars run out' : `${findIngredient(most.endsWith)?.name.toLowerCase()} runs out`})
          </span>
          {most.count > 0 && draft.jar.count !== String(most.count) ? (
            <Button look="quiet" onClick={() => onChange({ jar: { ...draft.jar, count: String(most.count) } })}>
              Take {most.count}
            </Button>
          ) : null}
        </p>
      ) : null}
      <div className="grid grid-cols-[1fr_7rem] gap-4">
        <SelectField
          label="Jar or tin"
          value={draft.jar.id}
          onChange={(event) => onChange({ jar: { ...draft.jar, id: Number(event.target.value) } })}
          fault={faults.jar}
        >
          <option value={0}>Choose …</option>
          {around.jars.map((jar) => (
            <option key={jar.id} value={jar.id}>
              {jar.name}, {jar.have} there
            </option>
          ))}
        </SelectField>
        <TextField
          label="How many"
          inputMode="numeric"
          value={draft.jar.count}
          onChange={(event) => onChange({ jar: { ...draft.jar, count: event.target.value } })}
          fault={faults['jar.count']}
        />
      </div>
    </>
  );
}

function FromStock({ draft, around, faults, onChange, blend }: PartProps & { readonly blend: Blend | null }) {
  return (
    <>
      <div className="grid grid-cols-2 gap-x-4">
        {draft.lines.flatMap(({ ingredient: id }) => {
          const ingredient = findIngredient(id);
          if (!ingredient) return [];
          const have = around.stock[id] ?? 0;
          return [
            <TextField
              key={id}
              label={ingredient.name}
              value={draft.from[id] ?? ''}
              placeholder={have > 0 ? say(have, 'g') : ''}
              hint={have > 0 ? 'as in the stores, unless typed' : 'none in the stores'}
              fault={faults[`from.${id}`] ?? faults[`make.from.${id}`]}
              onChange={(event) => onChange({ from: { ...draft.from, [id]: event.target.value } })}
            />,
          ];
        })}
      </div>
      {blend?.limiting ? <RunsOut limiting={blend.limiting} left={blend.left ?? {}} /> : null}
    </>
  );
}

type RunsOutProps = { readonly limiting: string; readonly left: Readonly<Record<string, number>> };

/** Which ingredient ends it, and what is left over of the others. */
function RunsOut({ limiting, left }: RunsOutProps) {
  return (
    <p>
      <strong>{findIngredient(limiting)?.name}</strong> runs out first. Left over:{' '}
      <span className="reading">
        {Object.entries(left)
          .filter(([, grams]) => grams > 0.05)
          .map(([id, grams]) => `${say(grams, 'g')} ${findIngredient(id)?.name.toLowerCase() ?? id}`)
          .join(', ') || 'nothing'}
      </span>
      .
    </p>
  );
}
