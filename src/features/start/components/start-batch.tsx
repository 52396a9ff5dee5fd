'use client';

import { useRouter } from 'next/navigation';
import { useDeferredValue, useRef } from 'react';
import type { z } from 'zod';
import { ORIGINS } from '@/core/material';
import { instantOf, parsePositive } from '@/core/quantity';
import type { UptakeFactor } from '@/core/piece';
import { offerFor, type Regimen, type ShopNow } from '@/core/regimen';
import { ORIGIN_WORDS, sayIssue, VERDICT_WORDS } from '@/messages';
import { gatesAhead } from '@/core/use';
import type { Design } from '@/data/work/catalogue';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { useForm } from '@/web/form/use-form';
import { start } from '../actions';
import { StartFields } from '../forms';
import { type LotChoice, needsOf } from '@/core/cost';
import { Beyond } from './beyond';
import { GatesAhead } from './gates-ahead';
import { SlotFields } from './slot-fields';
import { usePromise } from './use-promise';
import { NewDesign } from './new-design';
import { PlanPreview } from './plan-preview';
import { Needs } from './needs';
import { UsesOf } from './uses';
import { type SpeciesChoice, WoodFacts } from './wood-facts';

/** What a start form may be opened with. */
export type NewBatchAsked = {
  readonly regimen?: string;
  readonly wood?: string;
  readonly origin?: string;
  readonly lots: Readonly<Record<string, number>>;
};

type StartTyped = z.input<typeof StartFields>;
type RegimenChoice = Regimen & { readonly revisionId: number };
type Props = {
  readonly designs: readonly Design[];
  readonly species: readonly SpeciesChoice[];
  readonly regimens: readonly RegimenChoice[];
  readonly lots: readonly LotChoice[];
  /** What it begins with, where it was chosen before: a regimen with lots for its slots, a wood. */
  readonly first: NewBatchAsked;
  readonly zone: string;
  /** The shop as it is planned now: what is promised goes round it. */
  readonly shop: ShopNow;
  readonly uptake: readonly UptakeFactor[];
  readonly initials: Readonly<Record<string, string>>;
  readonly currency: string;
  readonly now: string;
};

/** Design, wood, regimen and lots; what it will take and when it will be done stands beside them at once. */
export function StartBatch({ designs, species, regimens, lots, first, zone, shop, uptake, initials, currency, now }: Props) {
  const router = useRouter();
  const asking = useRef(false);
  const slotsNow = useRef<readonly string[]>([]);
  const form = useForm<StartTyped, { readonly number: string }>({
    schema: StartFields,
    start: {
      designRevisionId: designs[0]?.revisionId ?? 0,
      speciesId: species.find((one) => one.id === first.wood)?.id ?? 'sycamore',
      origin: ORIGINS.find((one) => one === first.origin) ?? 'bought',
      tree: null,
      pieces: '6',
      regimenRevisionId: (regimens.find((one) => one.id === first.regimen) ?? regimens[0])?.revisionId ?? 0,
      materials: { ...first.lots },
      start: '',
      due: '',
      beyond: '',
    },
    save: ({ tree: _, materials, ...typed }) =>
      start({
        ...typed,
        treeKnown: asking.current,
        materials: Object.fromEntries(Object.entries(materials).filter(([slot, lot]) => slotsNow.current.includes(slot) && lot)),
      }),
    done: (made) => router.push(`/work/${made.number}`),
    keptAs: 'start',
  });
  const { designRevisionId: design, speciesId: wood, origin, tree, pieces, beyond, due } = form.values;
  const { regimenRevisionId: regimenId, materials: chosen } = form.values;
  // Empty is now, as the field shows it.
  const startAt = form.values.start || now;
  const setDesign = (revisionId: number): void => form.set('designRevisionId', revisionId);
  const regimen = regimens.find((one) => one.revisionId === regimenId);
  const timber = species.find((one) => one.id === wood);
  const shape = designs.find((one) => one.revisionId === design);
  const offered = new Map(regimen?.slots.map((slot) => [slot.slot, offerFor(slot, lots, regimen.steps)]));
  const fitting = (slot: string): readonly LotChoice[] => offered.get(slot)?.lots ?? [];
  const count = parsePositive(pieces);
  const wish = useDeferredValue({
    regimen,
    shape,
    timber,
    count: count.ok && Number.isInteger(count.value) && count.value <= 500 ? count.value : null,
    chosen,
    startAt,
    due,
    beyond: beyond.trim() !== '',
  });
  const lotsOf = (of: Regimen) =>
    Object.fromEntries(of.slots.map(({ slot }) => [slot, lots.find((lot) => lot.id === wish.chosen[slot])]));
  const needs =
    wish.regimen && wish.shape && wish.timber && wish.count
      ? needsOf({
          regimen: wish.regimen,
          pieces: wish.count,
          area: wish.shape.area,
          geometry: wish.shape.geometry,
          beyond: wish.beyond,
          species: wish.timber,
          lots: lotsOf(wish.regimen),
          uptake,
        })
      : null;
  const dueMs = momentOf(wish.due === '' ? '' : `${wish.due}T18:00`, zone);
  const startMs = momentOf(wish.startAt || now, zone);
  const wishedLots = wish.regimen ? lotsOf(wish.regimen) : {};
  const chosenLots = Object.values(wishedLots).filter((lot) => lot !== undefined);
  const tooLong = needs && !needs.ok ? needs.issues.find((issue) => issue.code === 'dwell-past-chemistry') : undefined;
  const { regimen: asRegimen, shape: asShape, count: pieceCount, beyond: isBeyond, timber: asTimber } = wish;
  const promised = usePromise(shop, {
    regimen: asRegimen,
    shape: asShape,
    count: pieceCount,
    lots: wishedLots,
    beyond: isBeyond,
    slowsCure: asTimber?.slowsCure ?? false,
    startMs,
    dueMs,
  });

  const asked = timber?.ask !== undefined && tree?.of !== timber.id;
  const known = timber?.ask === undefined || (tree?.of === timber.id && tree.known);
  const ahead =
    shape && timber && regimen
      ? gatesAhead({
          use: [...shape.uses],
          tableware: shape.tableware,
          // Until it is said which tree it is, the wood is taken at its name, and the page says so.
          wood: { food: known || asked ? timber.food : 'unknown', keepOff: [...timber.keepOff], origin },
          film: !regimen.knifeSurface,
          chosen: Object.fromEntries(
            regimen.slots.map(({ slot }) => {
              const lot = lots.find((one) => one.id === chosen[slot]);
              return [slot, lot && { ...lot.layer, id: lot.id }];
            }),
          ),
          choices: Object.fromEntries(
            regimen.slots.map((of) => [of.slot, fitting(of.slot).map((lot) => ({ ...lot.layer, id: lot.id }))]),
          ),
        })
      : null;

  // What goes with the form though nobody types it, as it is when it is sent.
  asking.current = known;
  slotsNow.current = regimen?.slots.map(({ slot }) => slot) ?? [];
  return (
    <div className="grid gap-10 wide:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)]">
      <form noValidate onSubmit={form.submit} className="flex flex-col gap-1">
        <div className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-4">
          <SelectField
            label="Design"
            {...form.field('designRevisionId')}
            onChange={(event) => setDesign(Number(event.target.value))}
            hint={
              shape
                ? `${(shape.area.areaMm2 / 100).toFixed(0)} cm² a piece, ${(shape.area.endGrainMm2 / 100).toFixed(0)} of it end grain`
                : 'Draw the first design.'
            }
          >
            {designs.length === 0 ? <option value={0}>None yet</option> : null}
            {designs.map((one) => (
              <option key={one.revisionId} value={one.revisionId}>
                {one.name}
              </option>
            ))}
          </SelectField>
          <NewDesign onMade={setDesign} />
        </div>
        {shape ? <UsesOf key={shape.revisionId} design={shape} onSaid={setDesign} /> : null}
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)_5rem] gap-4">
          <SelectField label="Wood" {...form.field('speciesId')}>
            {species.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
                {one.food === 'good' ? '' : `, ${VERDICT_WORDS[one.food]}`}
              </option>
            ))}
          </SelectField>
          <SelectField label="It was" {...form.field('origin')}>
            {ORIGINS.map((one) => (
              <option key={one} value={one}>
                {ORIGIN_WORDS[one]}
              </option>
            ))}
          </SelectField>
          <TextField
            label="Pieces"
            inputMode="numeric"
            {...form.field('pieces')}
            fault={form.fault('pieces') ?? (count.ok ? undefined : count.issues.map(sayIssue).join(' '))}
          />
        </div>
        {timber ? (
          <WoodFacts
            timber={timber}
            known={tree?.of === timber.id ? tree.known : null}
            onSay={(said) => form.set('tree', { of: timber.id, known: said })}
          />
        ) : null}
        <SelectField
          label="Regimen"
          {...form.field('regimenRevisionId')}
          onChange={(event) => form.set('regimenRevisionId', Number(event.target.value))}
        >
          {regimens.map((one) => (
            <option key={one.revisionId} value={one.revisionId}>
              {one.name}: {one.school}
            </option>
          ))}
        </SelectField>
        {regimen ? (
          <p className="mb-3 text-sm">
            <strong>Gains:</strong> {regimen.gains} <strong>Costs:</strong> {regimen.costs}{' '}
            {regimen.knifeSurface ? '' : <strong className="text-late">▲ Not under a knife.</strong>}
          </p>
        ) : null}
        {regimen ? (
          <SlotFields
            slots={regimen.slots}
            offered={offered}
            chosen={chosen}
            faultOf={(slot) => form.fault(`materials.${slot}`)}
            onChoose={(slot, lot) => form.set(`materials.${slot}`, lot)}
          />
        ) : null}
        {tooLong || beyond !== '' ? (
          <Beyond
            most={Number(tooLong?.with?.most ?? 0)}
            why={beyond}
            onChange={(why) => form.set('beyond', why)}
            fault={form.fault('beyond')}
          />
        ) : null}
        <div className="grid grid-cols-2 gap-4">
          <TextField label="Start" type="datetime-local" {...form.field('start')} value={startAt} />
          <TextField label="Due, if it is" type="date" {...form.field('due')} />
        </div>
        <Faults of={form.faults} />
        <Button look="main" big type="submit" disabled={form.busy || (timber?.ask !== undefined && tree?.of !== timber.id)}>
          Start the batch
        </Button>
      </form>
      <section aria-label="What it will take" aria-live="polite">
        {promised?.offer ? (
          <PlanPreview
            offer={promised.offer}
            pieces={wish.count ?? 1}
            dueMs={dueMs}
            sets={
              wish.regimen?.slots.length === 0
                ? 'bare'
                : chosenLots.length === 0
                  ? null
                  : chosenLots.every((lot) => lot.drying === 'never')
                    ? 'settles'
                    : 'cures'
            }
            zone={zone}
            initials={initials}
          />
        ) : promised ? (
          <p className="border-late border-l-4 pl-3">▲ {promised.fault}</p>
        ) : (
          <p className="text-soft">
            {needs?.ok
              ? 'The shop’s plan is gone through …'
              : 'With a design, a wood and a number of pieces, what can be promised and the finish it takes stand here.'}
          </p>
        )}
        {ahead?.ok ? (
          <GatesAhead
            gates={ahead.value.gates}
            notForFood={ahead.value.notForFood}
            asks={asked ? 'Say which tree it is: who cannot, must sign for its wood or take another.' : null}
            nameOf={(id) => {
              const lot = lots.find((one) => one.id === id);
              return lot ? `${lot.number} ${lot.title}` : '';
            }}
          />
        ) : null}
        {needs?.ok ? (
          <Needs needs={needs.value} regimen={regimen} pieces={count.ok ? count.value : 1} currency={currency} />
        ) : null}
      </section>
    </div>
  );
}

/** A typed moment in UTC ms; null where there is none or it makes no sense. */
function momentOf(text: string, zone: string): number | null {
  const read = text === '' ? null : instantOf(text, zone);
  return read?.ok ? read.value : null;
}
