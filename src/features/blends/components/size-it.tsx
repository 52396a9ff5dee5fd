'use client';

import {
  type Blend,
  type DraftAround,
  type FormulaDraft,
  jarsOf,
  mostJars,
  neededOf,
  residueFor,
  type SizeBy,
} from '@/core/blend';
import { findIngredient } from '@/core/material';
import { formatMoney, say } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { SelectField, TextField } from '@/ui/field';
import { catalogue } from '@/web/catalogue-here';
import { reads } from '@/web/reads-here';

const MODES: readonly { readonly id: SizeBy; readonly name: string }[] = [
  { id: 'mass', name: 'A total' },
  { id: 'volume', name: 'A volume' },
  { id: 'from', name: 'What I have' },
  { id: 'jars', name: 'So many jars' },
];
const AS_WRITTEN = { id: 'written', name: 'As written' } as const;

type Props = {
  readonly draft: FormulaDraft;
  readonly around: DraftAround;
  readonly blend: Blend | null;
  readonly sized: boolean;
  readonly currency: string;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (change: Partial<FormulaDraft>) => void;
};

/** Sizes the pot from whatever is fixed. */
export function SizeIt({ draft, around, blend, sized, currency, faults, onChange }: Props) {
  return (
    <fieldset>
      <legend className="mb-1 text-[1.12rem] font-[640]" style={{ fontStretch: '114%' }}>
        How much?
      </legend>
      <Choice
        asks="What is fixed"
        hidden
        value={draft.sizeBy}
        options={[...(draft.basis === 'measured' ? [AS_WRITTEN] : []), ...MODES].map(({ id, name }) => ({ value: id, name }))}
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
      {blend && sized ? <Takes blend={blend} around={around} forJars={draft.sizeBy === 'jars'} currency={currency} /> : null}
    </fieldset>
  );
}

type PartProps = Omit<Props, 'blend' | 'sized' | 'currency'>;

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
            {most.endsWith === 'jars'
              ? 'the jars run out'
              : `${findIngredient(most.endsWith, catalogue())?.name.toLowerCase()} runs out`}
            )
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
  const isLump = draft.others === 'enough';
  return (
    <>
      <Choice
        asks="Of the rest there is"
        value={draft.others ?? 'stock'}
        options={[
          { value: 'stock', name: 'what the stores hold' },
          { value: 'enough', name: 'enough, or it is bought: one lump fixes the pot' },
        ]}
        onChange={(others) => onChange({ others })}
        lies="beside"
      />
      <p className="text-sm font-semibold text-late">{faults.from ? `▲ ${faults.from}` : ''}</p>
      <div className="grid grid-cols-2 gap-x-4">
        {draft.lines.flatMap(({ ingredient: id }) => {
          const ingredient = findIngredient(id, catalogue());
          if (!ingredient) return [];
          const have = around.stock[id] ?? 0;
          return [
            <TextField
              key={id}
              label={ingredient.name}
              value={draft.from[id] ?? ''}
              placeholder={isLump ? 'enough' : have > 0 ? say(have, 'g', reads()) : ''}
              hint={
                isLump
                  ? have > 0
                    ? `${say(have, 'g', reads())} in the stores; empty: enough`
                    : 'none in the stores; empty: enough'
                  : have > 0
                    ? 'as in the stores, unless typed'
                    : 'none in the stores'
              }
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
      <strong>{findIngredient(limiting, catalogue())?.name}</strong> runs out first. Left over:{' '}
      <span className="reading">
        {Object.entries(left)
          .filter(([, grams]) => grams > 0.05)
          .map(([id, grams]) => `${say(grams, 'g', reads())} ${findIngredient(id, catalogue())?.name.toLowerCase() ?? id}`)
          .join(', ') || 'nothing'}
      </span>
      .
    </p>
  );
}

type TakesProps = {
  readonly blend: Blend;
  readonly around: DraftAround;
  readonly forJars: boolean;
  readonly currency: string;
};

/** What the pot takes before anything is melted: what must be bought, the tins it fills, what it costs. */
function Takes({ blend, around, forJars, currency }: TakesProps) {
  const residueG = residueFor(around.residueG, forJars);
  const needed = neededOf(blend.lines, around.stock);
  const buy = needed.filter((one) => one.buyG > 0.05);
  const jars = jarsOf(blend.totalG, forJars ? 0 : residueG, blend.densityGPerMl, around.jars).filter((one) => one.count > 0);
  const nameOf = (id: string): string => findIngredient(id, catalogue())?.name.toLowerCase() ?? id;
  const cost = typeof blend.costPerKg === 'number' ? (blend.costPerKg * blend.totalG) / 1000 : null;
  return (
    <section aria-label="What it takes" className="mt-2 border-rule border-t pt-2">
      <p>
        <strong className="reading text-xl">{say(blend.totalG, 'g', reads())}</strong>:{' '}
        {needed.map((one) => `${say(one.needG, 'g', reads())} ${nameOf(one.ingredient)}`).join(', ')}.
      </p>
      <p className={buy.length > 0 ? 'font-semibold' : 'text-soft'}>
        {buy.length > 0
          ? `To buy: ${buy.map((one) => `${say(one.buyG, 'g', reads())} ${nameOf(one.ingredient)}`).join(', ')}.`
          : 'All of it is in the stores.'}
      </p>
      {jars.length > 0 ? (
        <p>
          It fills{' '}
          {jars
            .map(
              ({ jar, count, restG }) =>
                `${count} × ${jar.name}${jar.have < count ? ` (${jar.have} there)` : ''}${restG > 0.5 ? `, ${say(restG, 'g', reads())} over for the shop jar` : ''}`,
            )
            .join('; or ')}
          .
        </p>
      ) : null}
      <p className="text-soft">
        {cost === null
          ? 'No price for every line yet: what it costs cannot be said.'
          : `It costs ${formatMoney(cost, currency)}, by the lots in stock.`}
      </p>
    </section>
  );
}
