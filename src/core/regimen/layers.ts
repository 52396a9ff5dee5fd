import type { Role } from '@/core/material';
import type { Issue } from '@/core/quantity';
import { drawsLot } from './kinds';
import { rolesFor } from './roles';
import type { Regimen, RegimenStep } from './schema';

/** What lies on wood, as far as what may lie over it goes. */
export const LAYERS = ['colour', 'filler', 'seal', 'oil', 'never', 'wax', 'varnish', 'polish'] as const;
export type Layer = (typeof LAYERS)[number];

const OF_ROLE: Readonly<Record<Role, Layer>> = {
  'neat-oil': 'oil',
  'thinned-oil': 'oil',
  'oil-wax': 'oil',
  'hard-wax-oil': 'oil',
  paste: 'wax',
  'hard-wax': 'wax',
  'resin-seal': 'seal',
  polish: 'polish',
  varnish: 'varnish',
  paint: 'colour',
  colour: 'colour',
  filler: 'filler',
};

/** Whether one layer holds on another: it does, only a test piece can tell, or it will not. */
export type Hold = 'holds' | 'test' | 'will-not';

/** What may go over what; what is not named holds. `oil` dries, `never` does not. Source: practice.md, "Order of layers"; each a working rule of the trade. */
const OVER: Readonly<Record<Layer, Readonly<Partial<Record<Layer, Hold>>>>> = {
  // Stain wants bare wood: a seal or a wax shuts it out, and over oil it lies in patches.
  colour: {
    seal: 'will-not',
    oil: 'will-not',
    never: 'will-not',
    wax: 'will-not',
    varnish: 'will-not',
    polish: 'will-not',
    filler: 'test',
  },
  filler: { oil: 'test', never: 'will-not', wax: 'will-not', varnish: 'test', polish: 'will-not' },
  // Spirit on an oil that has cured, or on one that never does: it may crawl.
  seal: { oil: 'test', never: 'test', wax: 'will-not', varnish: 'test' },
  // Oil mutes paint and can lift it; through wax, varnish and polish it does not soak in.
  // What never dries keeps anything that hardens from holding.
  oil: { colour: 'test', never: 'will-not', wax: 'will-not', varnish: 'will-not', polish: 'will-not' },
  never: { colour: 'test' },
  wax: {},
  varnish: { colour: 'test', oil: 'test', never: 'will-not', wax: 'will-not', polish: 'test' },
  polish: { oil: 'test', never: 'will-not', wax: 'will-not', varnish: 'test' },
};

/** Whether a layer holds over another. */
export const holdsOver = (over: Layer, under: Layer): Hold => (over === under ? 'holds' : (OVER[over][under] ?? 'holds'));

const layersOf = (step: RegimenStep, { slots, steps }: Regimen): Layer[] => {
  const slot = slots.find((one) => one.slot === step.slot);
  if (!slot) return [];
  const oils = slot.wants.map((wants): Layer => (wants === 'never' ? 'never' : 'oil'));
  return [...new Set(rolesFor(slot, steps).flatMap((role) => (OF_ROLE[role] === 'oil' ? oils : [OF_ROLE[role]])))];
};

/** Whether two steps treat a surface in common; one that names none treats all. */
const meet = (a: Pick<RegimenStep, 'surfaces'>, b: Pick<RegimenStep, 'surfaces'>): boolean =>
  a.surfaces.length === 0 || b.surfaces.length === 0 || a.surfaces.some((one) => b.surfaces.includes(one));

const WORST: readonly Hold[] = ['holds', 'test', 'will-not'];

/**
 * Each step whose material will not hold on what lies under it on the same surface, or where only a test piece can tell. A slot that takes
 * several families is judged by the kindest of them.
 */
export function faultsOfLayers(regimen: Regimen): { readonly wont: Issue[]; readonly test: Issue[] } {
  const found = { wont: [] as Issue[], test: [] as Issue[] };
  regimen.steps.forEach((step, i) => {
    if (!drawsLot(step)) return;
    const unders = regimen.steps.slice(0, i).filter((one) => drawsLot(one) && one.slot !== step.slot && meet(one, step));
    const worst = unders
      .map((under) => {
        const holds = layersOf(step, regimen).flatMap((over) => layersOf(under, regimen).map((one) => holdsOver(over, one)));
        return { under, hold: WORST[Math.min(...holds.map((one) => WORST.indexOf(one)))] ?? 'holds' };
      })
      .sort((a, b) => WORST.indexOf(b.hold) - WORST.indexOf(a.hold))[0];
    if (!worst || worst.hold === 'holds') return;
    const issue = { path: `steps.${i}`, with: { action: step.action, under: worst.under.action } };
    if (worst.hold === 'test') found.test.push({ code: 'layer-test', ...issue });
    else found.wont.push({ code: 'layer-will-not-hold', ...issue });
  });
  return found;
}
