import type { Species } from '@/core/material';
import { type Area, coatGrams } from '@/core/piece';
import { type Plan, plan } from '@/core/plan';
import { ok, type Result } from '@/core/quantity';
import { planSteps, type Regimen, scheduleOf, type Task } from '@/core/regimen';
import type { ShopHours } from '@/data/shop/queries';

export type LotChoice = {
  readonly id: number;
  readonly number: string;
  readonly name: string;
  readonly leftG: number;
  readonly minorPerKg: number | null;
  readonly drying: 'never' | 'drying' | 'mixed';
  readonly waxEquivalent: number;
  readonly maxDwellMin: { readonly flooded: number | null; readonly thin: number | null };
};

export type Outlook = {
  readonly tasks: readonly Task[];
  readonly plan: Plan;
  readonly needs: readonly {
    readonly slot: string;
    readonly grams: number;
    readonly minor: number | null;
    readonly short: boolean;
  }[];
};

export type Wish = {
  readonly regimen: Regimen;
  readonly pieces: number;
  readonly area: Area;
  readonly porosity: Species['porosity'];
  readonly lots: Readonly<Record<string, LotChoice | undefined>>;
  readonly start: string;
  readonly prefer: 'soonest' | 'ideal';
};

/** What a batch will take and when it will be done, before it is started. */
export function outlook({ regimen, pieces, area, porosity, lots, start, prefer }: Wish, hours: ShopHours): Result<Outlook> {
  const tasks = scheduleOf(regimen.steps, pieces, (slot) => lots[slot]?.maxDwellMin);
  if (!tasks.ok) return tasks;
  const planned = plan({ ...hours, start, steps: planSteps(tasks.value), prefer });
  if (!planned.ok) return planned;
  const needs = regimen.slots.map(({ slot }) => {
    const lot = lots[slot];
    const grams = tasks.value
      .filter(({ step }) => step.slot === slot && step.coatClass)
      .reduce(
        (sum, task) =>
          sum + coatGrams({ ...area, porosity }, task.step.coatClass ?? 'oil-wax', task.step.coat ?? 1) * task.pieces,
        0,
      );
    return {
      slot,
      grams,
      minor: lot?.minorPerKg == null ? null : (lot.minorPerKg * grams) / 1000,
      short: lot !== undefined && grams > lot.leftG,
    };
  });
  return ok({ tasks: tasks.value, plan: planned.value, needs });
}
