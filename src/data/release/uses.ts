import 'server-only';
import type { Catalogue, FoodVerdict, Origin, Species } from '@/core/material';
import type { Geometry } from '@/core/piece';
import {
  finishOf,
  type Glue,
  gates,
  isBySurface,
  layerOfGlue,
  slotMeets,
  strictest,
  type UseGate,
  type UseGates,
  withAdded,
} from '@/core/use';
import type { Design, KnownRegimen } from '../catalogue/catalogue';
import { layerOf } from '../stores/layer';
import type { KnownLot } from '../stores/queries';
import type { Batch, PieceKind, SlotLot } from '../work/batch';

/** What a piece's gates are asked with: design, wood, regimen and lots, whether it is begun or only thought of. */
export type Judgement = {
  readonly design: Pick<Design, 'uses' | 'tableware'> & { readonly geometry: Geometry };
  readonly species: Species;
  readonly woods: readonly Species[];
  readonly glue: Glue | null;
  readonly origin: Origin;
  readonly treeKnown: boolean;
  readonly regimen: Pick<KnownRegimen, 'knifeSurface' | 'steps' | 'slots'>;
  /** What lies or will lie on it, and which slot each lot was taken for. */
  readonly on: readonly KnownLot[];
  readonly lots: readonly SlotLot[];
};

/** The lots that lie where the piece meets its use; one that was taken for several slots wherever any of them lies. */
function lotsMeeting({ design, regimen, on, lots }: Judgement): readonly KnownLot[] {
  const { steps } = regimen;
  if (!isBySurface(steps)) return on;
  return on.filter((lot) => {
    const slots = lots.filter((one) => one.lot.id === lot.id).map((one) => one.slot);
    return slots.length === 0 || slots.some((slot) => slotMeets(design.geometry, design.uses, steps, slot));
  });
}

/** The finish of a piece as its gates see it: what lies on the surfaces that meet its use, and the glue in it. */
export function finishFor(judged: Judgement, catalogue: Catalogue) {
  const { regimen, glue } = judged;
  const bySurface = isBySurface(regimen.steps);
  // Where a film lies apart from what meets the use, only what lies there counts.
  const adds = (lot: KnownLot): readonly string[] =>
    regimen.slots.flatMap((slot) =>
      judged.lots.some((one) => one.lot.id === lot.id && one.slot === slot.slot) ? slot.adds : [],
    );
  const layers = [
    ...lotsMeeting(judged).map((lot) => withAdded(layerOf(lot), adds(lot), catalogue)),
    ...(glue ? [layerOfGlue(glue)] : []),
  ];
  return finishOf(layers, !regimen.knifeSurface && !bySurface);
}

/** The gates that need no time, of one kind of piece. */
export function gatesOfUse(judged: Judgement, catalogue: Catalogue): UseGates {
  const { design, species, woods, origin, treeKnown } = judged;
  const known = { food: treeKnown ? species.food : ('unknown' as const), keepOff: species.keepOff };
  const wood = strictest(known, woods.slice(1));
  const found = gates({
    use: [...design.uses],
    tableware: design.tableware,
    wood: { food: wood.food, keepOff: [...wood.keepOff], origin },
    finish: finishFor(judged, catalogue),
  });
  if (!found.ok) throw new Error(`gates of a batch: ${JSON.stringify(found.issues)}`);
  return found.value;
}

/** A kind of piece of a batch with the gates that its use, its wood and what lies on it stand before. */
export type KindGates = UseGates & { readonly kind: PieceKind };

/** The gates of each kind of piece in a batch that is still in it. */
export const gatesOfKinds = (batch: Batch, catalogue: Catalogue): readonly KindGates[] => {
  const here = batch.kinds.filter((kind) => kind.pieces.some((one) => one.leftAt === null));
  return (here.length > 0 ? here : batch.kinds).map((kind) => ({
    kind,
    ...gatesOfUse(
      { ...batch, design: kind.design, species: kind.species, woods: [kind.species, ...batch.woods.slice(1)] },
      catalogue,
    ),
  }));
};

/** The gates of a batch: each is met where every kind of piece in it meets it, and signed for where each may be. */
export function gatesOfBatch(batch: Batch, catalogue: Catalogue): UseGates {
  const kinds = gatesOfKinds(batch, catalogue);
  const [first] = kinds;
  if (!first || kinds.length === 1) return first ?? gatesOfUse(batch, catalogue);
  const ids = [...new Set(kinds.flatMap(({ gates: own }) => own.map((gate) => gate.id)))];
  const merged = ids.map((id): UseGate => {
    const same = kinds.flatMap(({ gates: own }) => own.filter((gate) => gate.id === id));
    const unmet = same.filter((gate) => !gate.met);
    return { id, met: unmet.length === 0, maySign: unmet.length > 0 && unmet.every((gate) => gate.maySign) };
  });
  return { gates: merged, notForFood: kinds.some((kind) => kind.notForFood) };
}

/** The strictest verdict of all woods in a batch; unknown where its maker could not say which tree it is. */
export const woodOfBatch = ({ kinds, woods, treeKnown }: Pick<Batch, 'kinds' | 'woods' | 'treeKnown'>): FoodVerdict => {
  const all = [...kinds.map((kind) => kind.species), ...woods.slice(1)];
  const [first = woods[0], ...others] = treeKnown ? all : [{ food: 'unknown' as const, keepOff: [] }, ...all];
  return first ? strictest(first, others).food : 'unknown';
};
