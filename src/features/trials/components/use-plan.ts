'use client';

import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { type LotChoice, needsOf } from '@/core/cost';
import type { Species } from '@/core/material';
import { areaOf, type UptakeFactor } from '@/core/piece';
import { parseLength, parsePositive } from '@/core/quantity';
import { laysCoat, offerFor } from '@/core/regimen';
import { type Evenness, evenness, fieldsOn, kindTraits, layFields, powerOf, solidsPerM2 } from '@/core/trial';
import { TRIAL_KIND_WORDS, WEAR_WORDS } from '@/messages';
import type { RegimenChoice } from '@/trade/use-regimens';
import { freshId } from '@/ui/id';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { layOut } from '../actions';
import { TrialFields, type TrialTyped } from '../forms';

export type PlanProps = {
  readonly regimens: readonly RegimenChoice[];
  readonly lots: readonly LotChoice[];
  readonly woods: readonly Pick<Species, 'id' | 'name' | 'porosity' | 'densityKgPerM3'>[];
  readonly uptake: readonly UptakeFactor[];
  /** The share of each lot that leaves into the air. */
  readonly volatile: Readonly<Record<number, number>>;
  readonly seed: number;
};

/** The most boards whose power is drawn. */
const DRAWN_BOARDS = 12;
/** What is asked about: one grade of five. */
const ONE_GRADE = 1;

const wholeOr = (text: string, otherwise: number | null): number | null => {
  const read = parsePositive(text);
  return read.ok && Number.isInteger(read.value) ? read.value : otherwise;
};
const lengthOr = (text: string): number | null => {
  const read = parseLength(text, reads());
  return read.ok ? read.value : null;
};

/** Finishes a trial may be made of: everything but bare wood, which always is in it. */
export const tried = (regimens: PlanProps['regimens']): PlanProps['regimens'] => regimens.filter((one) => one.id !== 'bare');

const treatmentOf = (regimens: PlanProps['regimens'], at: number): TrialTyped['treatments'][number] => ({
  key: freshId(),
  name: '',
  regimenRevisionId: tried(regimens)[at]?.revisionId ?? 0,
  materials: {},
});

/** What of a treatment stays on a square metre, and how many coats that takes; null until its lots are chosen. */
function solidsOf(
  treatment: TrialTyped['treatments'][number],
  { regimens, lots, woods, uptake, volatile }: PlanProps,
  { speciesId, areaMm2 }: { readonly speciesId: string; readonly areaMm2: number },
) {
  const regimen = regimens.find((one) => one.revisionId === treatment.regimenRevisionId);
  const species = woods.find((one) => one.id === speciesId);
  if (!regimen || !species || !(areaMm2 > 0)) return null;
  const chosen = Object.fromEntries(
    regimen.slots.map(({ slot }) => [slot, lots.find((lot) => lot.id === treatment.materials[slot])]),
  );
  if (regimen.slots.some(({ slot }) => regimen.steps.some((step) => step.slot === slot && !step.optional) && !chosen[slot]))
    return null;
  const geometry = { shape: 'plain' as const, areaMm2, endGrainShare: 0 };
  const needs = needsOf({
    regimen,
    pieces: 1,
    area: areaOf(geometry),
    geometry,
    species,
    lots: chosen,
    uptake,
    beyond: true,
  });
  if (!needs.ok) return null;
  const coats = needs.value.map(({ slot, grams }) => ({
    grams,
    volatileFraction: volatile[treatment.materials[slot] ?? 0] ?? 0,
  }));
  return {
    treatment: treatment.key,
    solidsPerM2: solidsPerM2(coats, areaMm2),
    coats: regimen.steps.filter((step) => laysCoat(step) && !step.optional).length,
  };
}

/** The fields as they would lie, board by board; or why they cannot. */
function layout(values: TrialTyped) {
  const ids = ['bare', ...values.treatments.map((one) => one.key)];
  const boards = wholeOr(values.boards, null);
  const [long, wide] = [lengthOr(values.length), lengthOr(values.width)];
  if (boards === null || boards > 40 || long === null || wide === null) return null;
  const laid = layFields(ids, boards, values.seed);
  if (!laid.ok) return null;
  const sizes = fieldsOn(ids, long);
  const drawn = laid.value.map((order) =>
    order.map((id, place) => ({
      at: ids.indexOf(id),
      fromMm: sizes.ok ? (sizes.value[place]?.fromMm ?? 0) : 0,
      lengthMm: sizes.ok ? (sizes.value[place]?.lengthMm ?? 0) : 0,
    })),
  );
  return { boards, long, wide, drawn: sizes.ok ? drawn : [], fault: sizes.ok ? null : (sizes.issues[0] ?? null) };
}

/** The form of a plan, and what follows from it at once: where fields lie, what so many boards tell, which coats are unequal. */
export function usePlan(props: PlanProps) {
  const router = useRouter();
  const { regimens, lots, seed } = props;
  const form = useForm<TrialTyped, { readonly number: string }>({
    schema: TrialFields,
    start: {
      name: '',
      question: 'gloss',
      kinds: [],
      wear: 'wash',
      protocol: WEAR_WORDS.wash.protocol,
      threshold: String(kindTraits('gloss').threshold),
      bearer: 'boards',
      speciesId: 'sycamore',
      boards: '4',
      length: '360 mm',
      width: '120 mm',
      seed,
      treatments: [{ key: 'first', name: '', regimenRevisionId: tried(regimens)[0]?.revisionId ?? 0, materials: {} }],
    },
    save: layOut,
    done: (made) => router.push(`/trials/${made.number}`),
    keptAs: 'trial',
  });
  const { values } = form;
  const laid = layout(values);
  const count = values.treatments.length + 1;
  const power = useMemo(
    () =>
      Array.from({ length: DRAWN_BOARDS - 1 }, (_, i) => {
        const told = powerOf({ boards: i + 2, treatments: count, differ: ONE_GRADE });
        return { boards: i + 2, chance: told.ok ? told.value : 0 };
      }),
    [count],
  );
  const areaMm2 = (laid?.drawn[0]?.[0]?.lengthMm ?? 0) * (laid?.wide ?? 0);
  const solids = values.treatments.flatMap((one) => solidsOf(one, props, { speciesId: values.speciesId, areaMm2 }) ?? []);
  const even: ReadonlyMap<string, Evenness> = new Map(evenness(solids).map((one) => [one.treatment, one]));
  const set = (at: number, change: Partial<TrialTyped['treatments'][number]>): void =>
    form.set(
      'treatments',
      values.treatments.map((one, i) => (i === at ? { ...one, ...change } : one)),
    );
  return {
    form,
    laid,
    power,
    even,
    setTreatment: set,
    add: () => form.set('treatments', [...values.treatments, treatmentOf(regimens, values.treatments.length)]),
    drop: (at: number) =>
      form.set(
        'treatments',
        values.treatments.filter((_, i) => i !== at),
      ),
    offered: (revisionId: number) => {
      const regimen = regimens.find((one) => one.revisionId === revisionId);
      return (regimen?.slots ?? []).map((slot) => ({ slot, ...offerFor(slot, lots, regimen?.steps ?? []) }));
    },
    nameOf: (at: number): string =>
      at === 0
        ? 'Bare'
        : values.treatments[at - 1]?.name.trim() ||
          (regimens.find((one) => one.revisionId === values.treatments[at - 1]?.regimenRevisionId)?.name ?? ''),
    questionName: TRIAL_KIND_WORDS[values.question].name,
  };
}
export type TrialPlanHere = ReturnType<typeof usePlan>;
