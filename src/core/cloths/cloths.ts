import { type RagHazard, worseHazard } from '@/core/blend';
import { MS_PER_HOUR } from '@/core/quantity';
import { abrades, handlesWet, type StepKind } from '@/core/regimen';

/** Ways oily cloths may lie until they are harmless. */
export const CLOTH_WAYS = ['flat', 'under-water', 'burnt', 'none-left'] as const;
export type ClothWay = (typeof CLOTH_WAYS)[number];

/** Acts this far apart belong to different working sessions, hours. Source: working choice. */
export const SESSION_HOURS = 10;
/** The next day's look counts from this long after the cloths were laid, hours. Source: practice of the trade; they heat within hours, with nobody near. */
export const LOOK_AFTER_HOURS = 12;

/** Whether an act leaves cloths, pads, papers or dust that may heat themselves: a coat and what takes it off always, what cuts the surface once there is oil on. */
export const makesCloths = (kind: StepKind, oiled: boolean): boolean => handlesWet({ kind }) || (oiled && abrades({ kind }));

/** What is on a cloth: unknown contents heat. */
export const clothHazard = (on: { readonly ragHazard: RagHazard | null; readonly undeclared: boolean }): RagHazard =>
  on.undeclared || on.ragHazard === null ? 'self-heating' : on.ragHazard;

/** The worst of some hazards; plain of none. */
export const worstHazard = (hazards: readonly RagHazard[]): RagHazard => hazards.reduce(worseHazard, 'plain');

/** Whether an act belongs to a session that was opened at a moment. */
export const inSession = (openedMs: number, atMs: number): boolean => Math.abs(atMs - openedMs) <= SESSION_HOURS * MS_PER_HOUR;

/** A line of plain oil is closed when its cloths are laid; the others wait for the next day's look. */
export const closesWhenLaid = (hazard: RagHazard): boolean => hazard === 'plain';

/** From when on a look closes a line; an earlier one is kept and closes nothing. */
export const lookFromMs = (laidMs: number): number => laidMs + LOOK_AFTER_HOURS * MS_PER_HOUR;

/** Cloths wet with solvent are never burnt: the vapour takes fire first. */
export const waysFor = (hazard: RagHazard, vapour: boolean): readonly ClothWay[] =>
  CLOTH_WAYS.filter((way) => way !== 'burnt' || !(vapour || hazard === 'flammable'));
