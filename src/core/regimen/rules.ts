import { INGREDIENTS } from '@/core/material';
import type { Issue } from '@/core/quantity';
import { abrades, drawsLot, endsCoat } from './kinds';
import { faultsOfLayers } from './layers';
import { isRestoration } from './restore';
import type { Regimen } from './schema';

/** No drying ingredient bears a longer dwell than this, minutes by how the coat lies; the material's own bound is shorter and is kept by the plan. */
export const DRYING_DWELL_MAX = {
  flooded: Math.max(...INGREDIENTS.map((one) => one.dwellMin?.flooded ?? 0)),
  thin: Math.max(...INGREDIENTS.map((one) => one.dwellMin?.thin ?? 0)),
} as const;
/** A coat that is left this long and not wiped has set enough for another material, minutes. Source: working estimate for seals and paint. */
export const SETS_FROM_MIN = 30;
/** From one grit to the next at most this factor. Source: practice.md, 4. */
export const GRIT_JUMP = 2;

type Rule = (regimen: Regimen) => Issue[];
const at = (index: number): string => `steps.${index}`;

/** Each grit finer than the one before, none more than double; a scuff no coarser than the sanding before it. */
const grits: Rule = ({ steps }) => {
  let last: number | null = null;
  return steps.flatMap((step, i): Issue[] => {
    const { grit } = step;
    if (grit === undefined || !abrades(step)) return [];
    const before = last;
    if (step.kind === 'sand') last = grit;
    if (before === null) return [];
    const bounds = { grit, last: before };
    if (step.kind === 'scuff') return grit < before ? [{ code: 'scuff-coarser', path: at(i), with: bounds }] : [];
    if (grit < before) return [{ code: 'grit-backwards', path: at(i), with: bounds }];
    return grit > GRIT_JUMP * before ? [{ code: 'grit-jump', path: at(i), with: bounds }] : [];
  });
};

/** What floods the wood is wiped or buffed off before another material comes, or the end. */
const wiped: Rule = ({ steps }) =>
  steps.flatMap((step, i): Issue[] => {
    if (!drawsLot(step) || step.lies !== 'flooded') return [];
    const end = steps.findIndex((other, j) => j > i && drawsLot(other) && other.slot !== step.slot);
    const until = steps.slice(i + 1, end < 0 ? undefined : end);
    return until.some(endsCoat) ? [] : [{ code: 'wipe-missing', path: at(i), with: { action: step.action } }];
  });

/** Nothing of another material over a coat that was neither wiped, nor scuffed, nor left to set. */
const overWet: Rule = ({ steps }) =>
  steps.flatMap((step, i): Issue[] => {
    const before = steps.slice(0, i).findLastIndex(drawsLot);
    const under = steps[before];
    if (!drawsLot(step) || !under || under.slot === step.slot) return [];
    const between = steps.slice(before, i);
    const rested = between.some((one) => endsCoat(one) || one.kind === 'scuff' || one.wait.min >= SETS_FROM_MIN);
    return rested ? [] : [{ code: 'coat-over-wet', path: at(i), with: { action: step.action } }];
  });

/** A dwell of what dries ends before any of it gums; one without an upper bound goes by its material's. */
const dwells: Rule = ({ steps, slots }) =>
  steps.flatMap((step, i): Issue[] => {
    const slot = slots.find((one) => one.slot === step.slot);
    const next = steps[i + 1];
    if (!slot || !step.lies || !next || !endsCoat(next) || slot.wants.includes('never')) return [];
    // A wet first soak may lie longer: whoever begins a batch with it reads what can go wrong, and says why.
    if (step.lies === 'flooded' && !steps.slice(0, i).some(drawsLot)) return [];
    const most = DRYING_DWELL_MAX[step.lies];
    return step.wait.min > most || (step.wait.max ?? 0) > most
      ? [{ code: 'dwell-past-chemistry', path: at(i), with: { most } }]
      : [];
  });

/** Materials that steps name must be among the regimen's own. */
const materials: Rule = ({ steps, slots }) =>
  steps.flatMap((step, i): Issue[] =>
    step.slot !== null && !slots.some((one) => one.slot === step.slot)
      ? [{ code: 'unknown-line', path: `${at(i)}.slot`, with: { id: step.slot } }]
      : [],
  );

const ids: Rule = ({ steps }) =>
  steps.flatMap((step, i): Issue[] =>
    steps.findIndex((other) => other.id === step.id) < i ? [{ code: 'duplicate-id', path: at(i), with: { id: step.id } }] : [],
  );

/** Oiled wood is never baked: it smokes, it can catch fire, it cracks. Nobody may say otherwise. */
const baking: Rule = ({ steps }) =>
  steps.flatMap((step, i): Issue[] =>
    /\b(oven|bake[ds]?|baking|microwave|torch|heat[ -]?gun|hot[ -]?air|(?:hair|blow)[ -]?dr(?:y|ie)\w*)\b/i.test(
      `${step.action} ${step.done}`,
    )
      ? [{ code: 'no-baking', path: at(i), with: { action: step.action } }]
      : [],
  );

/** Rules that nothing is written down against, and those a maker may break who says why; one function each. */
const HARD: readonly Rule[] = [materials, ids, baking];
const SOFT: readonly Rule[] = [grits, wiped, overWet, dwells, (regimen) => faultsOfLayers(regimen).wont];

const all = (rules: readonly Rule[], regimen: Regimen): Issue[] => rules.flatMap((rule) => rule(regimen));

/** A repair goes back on purpose, and a house may have its own way, with its reason. */
const mayBreak = ({ id, ownWay }: Regimen): boolean => isRestoration(id) || ownWay.trim() !== '';

/** Everything in a regimen's order that the work does not allow; empty where nothing is wrong. */
export const faultsOfSequence = (regimen: Regimen): Issue[] => [
  ...(mayBreak(regimen) ? [] : all(SOFT, regimen)),
  ...all(HARD, regimen),
];

/** What is allowed and warned of: where a test piece is asked for, and what is done otherwise on purpose. */
export const warningsOfSequence = (regimen: Regimen): Issue[] => [
  ...(mayBreak(regimen) ? all(SOFT, regimen) : []),
  ...faultsOfLayers(regimen).test,
];
