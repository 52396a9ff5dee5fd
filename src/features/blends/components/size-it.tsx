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
import { sizeIt as wording } from '@/messages/screens/blends';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/choice';
import { SelectField, TextField } from '@/ui/field';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

const MODES: readonly { readonly id: SizeBy; readonly name: string }[] = [
  { id: 'mass', name: wording.aTotal },
  { id: 'volume', name: wording.aVolume },
  { id: 'from', name: wording.whatIHave },
  { id: 'jars', name: wording.soManyJars },
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
        {wording.howMuch}
      </legend>
      <ChoiceField
        asks={wording.whatIsFixed}
        hidden
        value={draft.sizeBy}
        options={[...(draft.basis === 'measured' ? [AS_WRITTEN] : []), ...MODES].map(({ id, name }) => ({ value: id, name }))}
        onChange={(sizeBy) => onChange({ sizeBy })}
        lies="bar"
      />
      {draft.sizeBy === 'mass' ? (
        <TextField
          label={wording.totalWeight}
          value={draft.mass}
          onChange={(event) => onChange({ mass: event.target.value })}
          hint={wording.gLb}
          fault={faults.mass}
        />
      ) : null}
      {draft.sizeBy === 'volume' ? (
        <TextField
          label={wording.totalVolumeWhenCool}
          value={draft.volume}
          onChange={(event) => onChange({ volume: event.target.value })}
          hint={wording.lFlOz}
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
            {wording.mostYouCanFill}
            <strong className="reading">{most.count}</strong> × {jar.name} (
            {most.endsWith === 'jars'
              ? wording.theJarsRunOut
              : wording.runsOut(findIngredient(most.endsWith, catalogue())?.name.toLowerCase())}
            )
          </span>
          {most.count > 0 && draft.jar.count !== String(most.count) ? (
            <Button look="quiet" onClick={() => onChange({ jar: { ...draft.jar, count: String(most.count) } })}>
              {wording.take(most.count)}
            </Button>
          ) : null}
        </p>
      ) : null}
      <div className="grid grid-cols-[1fr_7rem] gap-4">
        <SelectField
          label={wording.jarOrTin}
          value={draft.jar.id}
          onChange={(event) => onChange({ jar: { ...draft.jar, id: Number(event.target.value) } })}
          fault={faults.jar}
        >
          <option value={0}>{wording.choose}</option>
          {around.jars.map((jar) => (
            <option key={jar.id} value={jar.id}>
              {wording.there(jar.name, jar.have)}
            </option>
          ))}
        </SelectField>
        <TextField
          label={shared.howMany}
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
      <ChoiceField
        asks={wording.ofTheRestThere}
        value={draft.others ?? 'stock'}
        options={[
          { value: 'stock', name: wording.whatTheStoresHold },
          { value: 'enough', name: wording.enoughOrItIs },
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
                    ? wording.inTheStoresEmpty(say(have, 'g', reads()))
                    : wording.noneInTheStores
                  : have > 0
                    ? wording.asInTheStores
                    : wording.noneInTheStores2
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
      <strong>{findIngredient(limiting, catalogue())?.name}</strong>
      {wording.runsOutFirstLeft}
      <span className="reading">
        {Object.entries(left)
          .filter(([, grams]) => grams > 0.05)
          .map(([id, grams]) => `${say(grams, 'g', reads())} ${findIngredient(id, catalogue())?.name.toLowerCase() ?? id}`)
          .join(', ') || wording.nothing}
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
    <section aria-label={wording.whatItTakes} className="mt-2 border-rule border-t pt-2">
      <p>
        <strong className="reading text-xl">{say(blend.totalG, 'g', reads())}</strong>:{' '}
        {needed.map((one) => `${say(one.needG, 'g', reads())} ${nameOf(one.ingredient)}`).join(', ')}.
      </p>
      <p className={buy.length > 0 ? 'font-semibold' : 'text-soft'}>
        {buy.length > 0
          ? wording.toBuy(buy.map((one) => `${say(one.buyG, 'g', reads())} ${nameOf(one.ingredient)}`).join(', '))
          : wording.allOfItIs}
      </p>
      {jars.length > 0 ? (
        <p>
          {wording.itFills(
            jars
              .map(
                ({ jar, count, restG }) =>
                  `${count} × ${jar.name}${jar.have < count ? wording.there2(jar.have) : ''}${restG > 0.5 ? wording.overForTheShop(say(restG, 'g', reads())) : ''}`,
              )
              .join('; or '),
          )}
        </p>
      ) : null}
      <p className="text-soft">{cost === null ? wording.noPriceForEvery : wording.itCostsByThe(formatMoney(cost, currency))}</p>
    </section>
  );
}
