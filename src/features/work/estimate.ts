import type { CureMode } from '@/core/cure';
import type { Species } from '@/core/material';
import { type Area, coatGrams, factorFor, type UptakeFactor } from '@/core/piece';
import { ok, type Result } from '@/core/quantity';
import { type Regimen, scheduleOf, type SlotBound, type Task } from '@/core/regimen';
import type { Layer } from '@/core/use';

export type LotChoice = {
  readonly id: number;
  readonly number: string;
  readonly name: string;
  readonly leftG: number;
  readonly minorPerKg: number | null;
  readonly drying: 'never' | 'drying' | 'mixed';
  readonly waxEquivalent: number;
  /** What it bears in a schedule. */
  readonly bound: SlotBound;
  /** Equivalent hours its finish needs to be fit for food, and how it sets. */
  readonly a0Hours: number;
  readonly mode: CureMode;
  /** What the gates ask of it. */
  readonly layer: Layer;
};

export type Need = {
  readonly slot: string;
  readonly grams: number;
  readonly minor: number | null;
  readonly short: boolean;
  /** Weighings of this wood and finish in this shop that the estimate rests on. */
  readonly records: number;
};

export type Wish = {
  readonly regimen: Regimen;
  readonly pieces: number;
  readonly area: Area;
  readonly species: Pick<Species, 'id' | 'porosity'>;
  readonly lots: Readonly<Record<string, LotChoice | undefined>>;
  readonly uptake: readonly UptakeFactor[];
};

/** What a batch will take of each lot before it is started: the shipped figures, moved by what this shop has weighed. */
export function needsOf({ regimen, pieces, area, species, lots, uptake }: Wish): Result<readonly Need[]> {
  const tasks = scheduleOf(regimen.steps, pieces, (slot) => lots[slot]?.bound);
  if (!tasks.ok) return tasks;
  const gramsOf = ({ step, pieces: many }: Task): number => {
    const finishClass = step.coatClass;
    if (!finishClass) return 0;
    const factor = factorFor(uptake, species.id, finishClass)?.factor ?? 1;
    return coatGrams({ ...area, porosity: species.porosity }, finishClass, step.coat ?? 1) * factor * many;
  };
  return ok(
    regimen.slots.map(({ slot }): Need => {
      const lot = lots[slot];
      const coats = tasks.value.filter(({ step }) => step.slot === slot && step.coatClass);
      const grams = coats.reduce((sum, task) => sum + gramsOf(task), 0);
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
