'use client';

import { useRouter } from 'next/navigation';
import { useDeferredValue, useRef } from 'react';
import type { z } from 'zod';
import { type LotChoice, needsOf } from '@/core/cost';
import { ORIGINS } from '@/core/material';
import type { UptakeFactor } from '@/core/piece';
import { instantOf, parsePositive } from '@/core/quantity';
import { offerFor, type Regimen, type ShopNow } from '@/core/regimen';
import { gatesAhead } from '@/core/use';
import type { Design } from '@/data/work/catalogue';
import { useForm } from '@/web/form/use-form';
import { start } from '../actions';
import { StartFields } from '../forms';
import { usePromise } from './use-promise';
import type { SpeciesChoice } from './wood-facts';

/** What a start form may be opened with. */
export type NewBatchAsked = {
  readonly regimen?: string;
  readonly wood?: string;
  readonly piece?: string;
  readonly origin?: string;
  readonly lots: Readonly<Record<string, number>>;
};

export type StartTyped = z.input<typeof StartFields>;
export type RegimenChoice = Regimen & { readonly revisionId: number };
export type StartProps = {
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

/** More pieces than this are not reckoned with while they are typed. */
const MOST_PIECES = 500;

/** What of the form nobody types, as it is when it is sent. */
type Beside = { readonly treeKnown: boolean; readonly slots: readonly string[] };

function useStartForm({ designs, species, regimens, first }: StartProps) {
  const router = useRouter();
  const beside = useRef<Beside>({ treeKnown: false, slots: [] });
  const form = useForm<StartTyped, { readonly number: string }>({
    schema: StartFields,
    start: {
      designRevisionId: (designs.find((one) => String(one.revisionId) === first.piece) ?? designs[0])?.revisionId ?? 0,
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
        treeKnown: beside.current.treeKnown,
        materials: Object.fromEntries(
          Object.entries(materials).filter(([slot, lot]) => beside.current.slots.includes(slot) && lot),
        ),
      }),
    done: (made) => router.push(`/work/${made.number}`),
    keptAs: 'start',
  });
  return { form, beside };
}

/** What was chosen so far, by its things. */
function chosenOf({ designs, species, regimens, lots, now }: StartProps, values: StartTyped) {
  const regimen = regimens.find((one) => one.revisionId === values.regimenRevisionId);
  const count = parsePositive(values.pieces);
  return {
    regimen,
    timber: species.find((one) => one.id === values.speciesId),
    shape: designs.find((one) => one.revisionId === values.designRevisionId),
    offered: new Map(regimen?.slots.map((slot) => [slot.slot, offerFor(slot, lots, regimen.steps)])),
    count,
    pieces: count.ok && Number.isInteger(count.value) && count.value <= MOST_PIECES ? count.value : null,
    // Empty is now, as the field shows it.
    startAt: values.start || now,
  };
}
export type Chosen = ReturnType<typeof chosenOf>;

/** Whether the wood's question is still open, and what is known of its tree. */
const treeOf = ({ timber }: Chosen, { tree }: StartTyped) => ({
  asked: timber?.ask !== undefined && tree?.of !== timber.id,
  known: timber?.ask === undefined || (tree?.of === timber.id && tree.known),
});

/** What release will ask of what was chosen; null until there is enough. */
function aheadOf(
  { shape, timber, regimen, offered }: Chosen,
  values: StartTyped,
  lots: readonly LotChoice[],
  tree: ReturnType<typeof treeOf>,
) {
  if (!shape || !timber || !regimen) return null;
  const layer = (lot: LotChoice) => ({ ...lot.layer, id: lot.id });
  return gatesAhead({
    use: [...shape.uses],
    tableware: shape.tableware,
    // Until it is said which tree it is, the wood is taken at its name, and the page says so.
    wood: { food: tree.known || tree.asked ? timber.food : 'unknown', keepOff: [...timber.keepOff], origin: values.origin },
    film: !regimen.knifeSurface,
    chosen: Object.fromEntries(
      regimen.slots.map(({ slot }) => {
        const lot = lots.find((one) => one.id === values.materials[slot]);
        return [slot, lot && layer(lot)];
      }),
    ),
    choices: Object.fromEntries(regimen.slots.map(({ slot }) => [slot, (offered.get(slot)?.lots ?? []).map(layer)])),
  });
}

/** What it will take of each lot, when it can be promised, and how it sets; a breath behind what is typed. */
function useOutlook(props: StartProps, chosen: Chosen, values: StartTyped) {
  const { lots, uptake, zone, now, shop } = props;
  const { regimen, shape, timber, pieces, startAt } = chosen;
  const wish = useDeferredValue({
    regimen,
    shape,
    timber,
    count: pieces,
    materials: values.materials,
    startAt,
    due: values.due,
    beyond: values.beyond.trim() !== '',
  });
  const lotsOf = (of: Regimen | undefined) =>
    Object.fromEntries((of?.slots ?? []).map(({ slot }) => [slot, lots.find((lot) => lot.id === wish.materials[slot])]));
  const wishedLots = lotsOf(wish.regimen);
  const needs =
    wish.regimen && wish.shape && wish.timber && wish.count
      ? needsOf({
          regimen: wish.regimen,
          pieces: wish.count,
          area: wish.shape.area,
          geometry: wish.shape.geometry,
          beyond: wish.beyond,
          species: wish.timber,
          lots: wishedLots,
          uptake,
        })
      : null;
  const dueMs = momentOf(wish.due === '' ? '' : `${wish.due}T18:00`, zone);
  const promised = usePromise(shop, {
    regimen: wish.regimen,
    shape: wish.shape,
    count: wish.count,
    lots: wishedLots,
    beyond: wish.beyond,
    slowsCure: wish.timber?.slowsCure ?? false,
    startMs: momentOf(wish.startAt || now, zone),
    dueMs,
  });
  return { needs, promised, dueMs, pieces: wish.count ?? 1, sets: setsBy(wish.regimen, Object.values(wishedLots)) };
}

/** How what was chosen sets; null until a lot is. */
function setsBy(regimen: Regimen | undefined, lots: readonly (LotChoice | undefined)[]): 'bare' | 'settles' | 'cures' | null {
  if (regimen?.slots.length === 0) return 'bare';
  const chosen = lots.filter((lot) => lot !== undefined);
  if (chosen.length === 0) return null;
  return chosen.every((lot) => lot.drying === 'never') ? 'settles' : 'cures';
}

/** A typed moment in UTC ms; null where there is none or it makes no sense. */
function momentOf(text: string, zone: string): number | null {
  const read = text === '' ? null : instantOf(text, zone);
  return read?.ok ? read.value : null;
}

/** Starting a batch: its form, what was chosen, what it will take, and what release will ask. */
export function useStart(props: StartProps) {
  const { form, beside } = useStartForm(props);
  const chosen = chosenOf(props, form.values);
  const tree = treeOf(chosen, form.values);
  beside.current = { treeKnown: tree.known, slots: chosen.regimen?.slots.map(({ slot }) => slot) ?? [] };
  const outlook = useOutlook(props, chosen, form.values);
  return { form, chosen, tree, outlook, ahead: aheadOf(chosen, form.values, props.lots, tree) };
}
export type Start = ReturnType<typeof useStart>;
