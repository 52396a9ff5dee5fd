'use client';

import { useRouter } from 'next/navigation';
import { useDeferredValue, useRef } from 'react';
import type { z } from 'zod';
import type { ShopNow } from '@/core/batch';
import { UPKEEPS } from '@/core/care';
import { asGuideLot } from '@/core/choose';
import { type LotChoice, needsOf } from '@/core/cost';
import { type GuideWarning, houseSchoolOf, type OwnRule, warningsOf } from '@/core/guide';
import { likeOf, ORIGINS, type OwnWoodFacts, PIECE_USES, type PieceUse } from '@/core/material';
import { areaOf, type Geometry, type UptakeFactor } from '@/core/piece';
import { instantOf, parsePositive } from '@/core/quantity';
import { offerFor, type Regimen } from '@/core/regimen';
import { gatesAhead, glueOf, isBySurface, layerOfGlue, meetsFood, slotMeets, strictest, withAdded } from '@/core/use';
import type { Design } from '@/data/catalogue/catalogue';
import type { RegimenChoice } from '@/trade/use-regimens';
import { useForm } from '@/web/form/use-form';
import { catalogue } from '@/web/here-catalogue';
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
  readonly uses?: readonly string[];
  readonly upkeep?: string;
  readonly again?: number;
  readonly pieces?: string;
  readonly lots: Readonly<Record<string, number>>;
};

export type StartTyped = z.input<typeof StartFields>;
/** A wood of the shop's own as it stands. */
export type OwnWood = { readonly id: string; readonly likeId: string; readonly facts: OwnWoodFacts };

export type StartProps = {
  readonly designs: readonly Design[];
  readonly species: readonly SpeciesChoice[];
  /** What a wood of the shop's own may be copied from. */
  readonly houseWoods: readonly { readonly id: string; readonly name: string }[];
  readonly ownWoods: readonly OwnWood[];
  readonly regimens: readonly RegimenChoice[];
  readonly lots: readonly LotChoice[];
  /** What it begins with, where it was chosen before: a regimen with lots for its slots, a wood. */
  readonly first: NewBatchAsked;
  readonly zone: string;
  /** The shop as it is planned now: what is promised goes round it. */
  readonly shop: ShopNow;
  readonly uptake: readonly UptakeFactor[];
  /** The shop’s own rules on what makers disagree on. */
  readonly rules: readonly OwnRule[];
  readonly initials: Readonly<Record<string, string>>;
  readonly currency: string;
  readonly now: string;
};

/** More pieces than this are not reckoned with while they are typed. */
const MOST_PIECES = 500;

/** What of the form nobody types, as it is when it is sent. */
type Beside = { readonly treeKnown: boolean; readonly slots: readonly string[] };

/** What nobody has said yet of a batch to be started. */
const UNSAID = {
  list: '',
  mixed: [],
  alsoWoods: [],
  glueName: '',
  glueFood: 'unknown',
  added: [],
  customer: '',
  wishes: '',
  careDays: '',
  careWords: '',
  roughOn: '',
  start: '',
  due: '',
  beyond: '',
} satisfies Partial<StartTyped>;

/** Uses that were asked for in the address; none that is known: as the design says. */
function usesAsked(asked: readonly string[] = []): PieceUse[] | null {
  const uses = PIECE_USES.filter((use) => asked.includes(use));
  return uses.length > 0 ? uses : null;
}

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
      pieces: first.pieces ?? '6',
      uses: usesAsked(first.uses),
      upkeep: UPKEEPS.find((one) => one === first.upkeep) ?? '',
      againOf: first.again ?? null,
      regimenRevisionId: (regimens.find((one) => one.id === first.regimen) ?? regimens[0])?.revisionId ?? 0,
      materials: { ...first.lots },
      ...UNSAID,
    },
    save: ({ tree: _, list: __, materials, ...typed }) =>
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

/** One kind of piece that is thought of: its design for what it is for, its wood, and how many. */
export type Kind = { readonly design: Design; readonly timber: SpeciesChoice; readonly count: number };

/** The kinds of a mixed lot as far as they are read, each as a design of its own. */
function mixedKinds({ designs, species }: StartProps, { mixed }: StartTyped): Kind[] {
  return mixed.flatMap((row): Kind[] => {
    const count = parsePositive(row.count);
    const timber = species.find((one) => one.id === row.speciesId);
    const known = designs.find((one) => one.revisionId === row.designRevisionId);
    const geometry = known?.geometry ?? (row.geometry as Geometry);
    if (!count.ok || !timber) return [];
    const design = {
      id: 0,
      revisionId: 0,
      usesSaid: true,
      tableware: true,
      ...known,
      name: row.name,
      geometry,
      uses: row.uses,
      area: areaOf(geometry),
    };
    return [{ design, timber, count: count.value }];
  });
}

/** Unlike pieces as one: the first one's shape, the mean of their surfaces, all their uses. */
function asOne(kinds: readonly Kind[]): Design | undefined {
  const [first] = kinds;
  const count = kinds.reduce((sum, kind) => sum + kind.count, 0);
  if (!first) return undefined;
  const mean = (of: (design: Design) => number): number =>
    kinds.reduce((sum, kind) => sum + kind.count * of(kind.design), 0) / count;
  return {
    ...first.design,
    uses: [...new Set(kinds.flatMap((kind) => kind.design.uses))],
    area: { areaMm2: mean(({ area }) => area.areaMm2), endGrainMm2: mean(({ area }) => area.endGrainMm2) },
  };
}

/** What was chosen so far, by its things. */
function chosenOf(props: StartProps, values: StartTyped) {
  const { designs, species, regimens, lots, now } = props;
  const regimen = regimens.find((one) => one.revisionId === values.regimenRevisionId);
  const typed = parsePositive(values.pieces);
  const timber = species.find((one) => one.id === values.speciesId);
  const drawn = designs.find((one) => one.revisionId === values.designRevisionId);
  const isMixed = values.mixed.length > 0;
  const alike = drawn && { ...drawn, uses: values.uses ?? drawn.uses };
  const pieces = typed.ok && Number.isInteger(typed.value) && typed.value <= MOST_PIECES ? typed.value : null;
  const kinds = isMixed ? mixedKinds(props, values) : alike && timber ? [{ design: alike, timber, count: pieces ?? 1 }] : [];
  return {
    regimen,
    isMixed,
    kinds,
    timber: isMixed ? kinds[0]?.timber : timber,
    /** The design as it stands in the shop, and as it is for this batch. */
    drawn,
    shape: isMixed ? asOne(kinds) : alike,
    offered: new Map(regimen?.slots.map((slot) => [slot.slot, offerFor(slot, lots, regimen.steps)])),
    count: typed,
    pieces: isMixed ? kinds.reduce((sum, kind) => sum + kind.count, 0) : pieces,
    // Empty is now, as the field shows it.
    startAt: values.start || now,
  };
}
export type Chosen = ReturnType<typeof chosenOf>;

/** The woods in what was chosen, each once. */
const timbersOf = ({ kinds, timber }: Chosen): readonly SpeciesChoice[] =>
  kinds.length > 0 ? [...new Map(kinds.map((kind) => [kind.timber.id, kind.timber])).values()] : timber ? [timber] : [];

/** Whether the woods' question is still open, what is asked, and what is known of their trees; several woods are asked about at once. */
function treeOf(chosen: Chosen, { tree }: StartTyped) {
  const asking = timbersOf(chosen).filter((one) => one.ask !== undefined);
  const of = asking.map((one) => one.id).join(' ');
  const isSaid = tree?.of === of;
  return {
    of,
    asks: asking.map((one) => one.ask),
    asked: of !== '' && !isSaid,
    known: of === '' || (isSaid && (tree?.known ?? false)),
  };
}

/** What release will ask of one kind of piece. */
function aheadOfKind(
  { design, timber }: Kind,
  { regimen, offered }: Chosen,
  values: StartTyped,
  { lots, species }: Pick<StartProps, 'lots' | 'species'>,
  tree: ReturnType<typeof treeOf>,
) {
  if (!regimen) return null;
  const layer = (lot: LotChoice, adds: readonly string[]) => ({ ...withAdded(lot.layer, adds, catalogue()), id: lot.id });
  const glue = glueOf(values.glueName, values.glueFood, values.added);
  const others = values.alsoWoods.flatMap((id) => species.filter((one) => one.id === id));
  // Until it is said which tree it is, the wood is taken at its name, and the page says so.
  const wood = strictest({ food: tree.known || tree.asked ? timber.food : 'unknown', keepOff: timber.keepOff }, others);
  return gatesAhead({
    use: [...design.uses],
    tableware: design.tableware,
    wood: { food: wood.food, keepOff: [...wood.keepOff], origin: values.origin },
    film: !regimen.knifeSurface && !isBySurface(regimen.steps),
    meets: (slot) => slotMeets(design.geometry, design.uses, regimen.steps, slot),
    glue: glue && layerOfGlue(glue),
    chosen: Object.fromEntries(
      regimen.slots.map(({ slot, adds }) => {
        const lot = lots.find((one) => one.id === values.materials[slot]);
        return [slot, lot && layer(lot, adds)];
      }),
    ),
    choices: Object.fromEntries(
      regimen.slots.map(({ slot, adds }) => [slot, (offered.get(slot)?.lots ?? []).map((lot) => layer(lot, adds))]),
    ),
  });
}

/** What release will ask of what was chosen, kind by kind; null until there is enough. */
function aheadOf(chosen: Chosen, values: StartTyped, props: StartProps, tree: ReturnType<typeof treeOf>) {
  const each = chosen.kinds.flatMap((kind) => {
    const found = aheadOfKind(kind, chosen, values, props, tree);
    return found?.ok ? [{ kind, ...found.value }] : [];
  });
  return each.length > 0 ? each : null;
}

/** What it will take of each lot, when it can be promised, and how it sets; a breath behind what is typed. */
function useOutlook(props: StartProps, chosen: Chosen, values: StartTyped) {
  const { lots, uptake, zone, now, shop } = props;
  const { regimen, shape, timber, pieces, startAt } = chosen;
  const wish = useDeferredValue({
    regimen,
    shape: useStill(shape),
    timber,
    count: pieces,
    materials: values.materials,
    startAt,
    due: values.due,
    beyond: values.beyond.trim() !== '',
    meetsFood: chosen.kinds.length === 0 || chosen.kinds.some(({ design }) => meetsFood(design.uses)),
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
    meetsFood: wish.meetsFood,
  });
  return {
    needs,
    promised,
    dueMs,
    meetsFood: wish.meetsFood,
    pieces: wish.count ?? 1,
    sets: setsBy(wish.regimen, Object.values(wishedLots)),
  };
}

/** The same thing for as long as nothing in it changes: a plan is not asked for anew because of a letter typed elsewhere. */
function useStill<T>(value: T): T {
  const kept = useRef(value);
  if (JSON.stringify(kept.current) !== JSON.stringify(value)) kept.current = value;
  return kept.current;
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

/** Rules of the guide that what was chosen goes against: the shop's own, and the house's where it has none. Each once, of whichever kind of piece. */
function rulesAgainst(
  { kinds, regimen }: Chosen,
  { materials, upkeep }: StartTyped,
  { lots, rules }: StartProps,
): GuideWarning[] {
  if (!regimen) return [];
  const chosen = regimen.slots.flatMap(({ slot }) => {
    const lot = lots.find((one) => one.id === materials[slot]);
    return lot ? [asGuideLot(slot, lot)] : [];
  });
  const found = kinds.flatMap(({ design, timber }) =>
    warningsOf(
      {
        catalogue: catalogue(),
        uses: design.uses,
        wood: likeOf(timber),
        regimen,
        lots: chosen,
        upkeep: upkeep === '' ? null : upkeep,
      },
      rules,
      houseSchoolOf,
    ),
  );
  return [...new Map(found.map((one) => [one.question, one])).values()];
}

/** Starting a batch: its form, what was chosen, what it will take, and what release will ask. */
export function useStart(props: StartProps) {
  const { form, beside } = useStartForm(props);
  const chosen = chosenOf(props, form.values);
  const tree = treeOf(chosen, form.values);
  beside.current = { treeKnown: tree.known, slots: chosen.regimen?.slots.map(({ slot }) => slot) ?? [] };
  const outlook = useOutlook(props, chosen, form.values);
  const timbers = timbersOf(chosen);
  const ahead = aheadOf(chosen, form.values, props, tree);
  return { form, chosen, timbers, tree, outlook, ahead, warnings: rulesAgainst(chosen, form.values, props) };
}
export type Start = ReturnType<typeof useStart>;
