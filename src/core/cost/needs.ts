import { labelledSteps, type SlotBound, scheduleOf } from '@/core/batch';
import type { Candidate } from '@/core/choose';
import type { Species } from '@/core/material';
import { type Area, areaOf, factorFor, type Geometry, type Surface, type UptakeFactor, volumeMl } from '@/core/piece';
import { ok, type Result } from '@/core/quantity';
import { gramsPerPiece, handsScale, type Regimen, type RegimenStep, USUAL_DENSITY } from '@/core/regimen';

/** A lot that may be chosen for a slot, with what it costs and how it behaves in a schedule. */
export type LotChoice = Candidate & {
  readonly minorPerKg: number | null;
  /** What it bears in a schedule. */
  readonly bound: SlotBound;
  readonly densityGPerMl: number;
  /** What its label says it covers, and how many coats it asks for; null where it does not. */
  readonly coverageM2PerL: number | null;
  readonly labelCoats: number | null;
};

export type Need = {
  readonly slot: string;
  readonly grams: number;
  readonly minor: number | null;
  readonly short: boolean;
  /** Weighings of this wood and finish in this shop that the estimate rests on. */
  readonly records: number;
};

export type NeedsWish = {
  readonly regimen: Regimen;
  readonly pieces: number;
  readonly area: Area;
  readonly geometry: Geometry;
  readonly species: Pick<Species, 'id' | 'porosity' | 'densityKgPerM3'>;
  readonly lots: Readonly<Record<string, LotChoice | undefined>>;
  readonly uptake: readonly UptakeFactor[];
  /** The first soak may lie past its oil's bound. */
  readonly beyond: boolean;
};

/** A regimen's steps with as many coats as the labels of its bought finishes ask for. */
export const stepsFor = (regimen: Regimen, lots: NeedsWish['lots']): readonly RegimenStep[] =>
  labelledSteps(regimen.steps, Object.fromEntries(regimen.slots.map(({ slot }) => [slot, lots[slot]?.labelCoats ?? null])));

/** What a batch will take of each lot before it is started: the label's coverage or the house's figures, moved by what this shop has weighed. */
export function needsOf({ regimen, pieces, area, geometry, species, lots, uptake, beyond }: NeedsWish): Result<readonly Need[]> {
  const steps = stepsFor(regimen, lots);
  const tasks = scheduleOf(steps, pieces, (slot) => lots[slot]?.bound, { scale: handsScale(area), beyond });
  if (!tasks.ok) return tasks;
  const on = (surfaces: readonly Surface[]): Area => areaOf(geometry, surfaces);
  const soaks = { ...area, on, volumeMl: volumeMl(geometry), ...species };
  const each = gramsPerPiece(steps, soaks, (slot, finishClass) => ({
    factor: factorFor(uptake, species.id, finishClass)?.factor ?? 1,
    densityGPerMl: lots[slot]?.densityGPerMl ?? USUAL_DENSITY,
    coverageM2PerL: lots[slot]?.coverageM2PerL ?? null,
  }));
  return ok(
    regimen.slots.map(({ slot }): Need => {
      const lot = lots[slot];
      const coats = tasks.value.filter(({ step }) => step.slot === slot && step.coatClass);
      const grams = coats.reduce((sum, task) => sum + (each.get(task.step.id) ?? 0) * task.pieces, 0);
      const records = coats.map(({ step }) =>
        step.coatClass ? (factorFor(uptake, species.id, step.coatClass)?.records ?? 0) : 0,
      );
      return {
        slot,
        grams,
        minor: lot?.minorPerKg == null ? null : (lot.minorPerKg * grams) / 1000,
        short: lot !== undefined && grams > lot.leftG,
        records: Math.max(0, ...records),
      };
    }),
  );
}

/** Finish still to come of one material, grams, and what it costs; minor null where its price is not known. An estimate. */
export type Left = { readonly slot: string; readonly grams: number; readonly minor: number | null };

/** What is still to come of each material that has a lot: the estimates of the tasks that are left. */
export const needsLeft = <T extends { readonly step: Pick<RegimenStep, 'slot'> }>(
  slots: readonly { readonly slot: string }[],
  rest: readonly T[],
  lots: Readonly<Record<string, { readonly minorPerKg: number | null } | undefined>>,
  gramsOf: (task: T) => number,
): Left[] =>
  slots.flatMap(({ slot }) => {
    const lot = lots[slot];
    if (!lot) return [];
    const grams = rest.filter((task) => task.step.slot === slot).reduce((sum, task) => sum + gramsOf(task), 0);
    return [{ slot, grams, minor: lot.minorPerKg === null ? null : (lot.minorPerKg * grams) / 1000 }];
  });
