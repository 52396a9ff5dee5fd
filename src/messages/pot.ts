import type { HeatLadder } from '@/core/blend';
import { BURST_S, type PotCall, type PotHeater } from '@/core/melt';
import { type Reads, say } from '@/core/quantity';

/** What a pot calls out: what it is, and what to do. */
export const POT_CALL_WORDS: Readonly<
  Record<PotCall, (heat: Pick<HeatLadder, 'holdMaxC' | 'addBelowC'>, reads: Reads) => string>
> = {
  'past-ceiling': ({ holdMaxC }, reads) =>
    `Past the ceiling${holdMaxC === null ? '' : ` of ${say(holdMaxC, '°C', reads, 0)}`}: off the heat now. If it has browned or lost its scent, say so below.`,
  'left-alone': () => 'Nobody has been at the pot for too long. Go to it now: hot wax and oil are never left alone.',
  'water-low': () => 'The bath must be low by now. Heat off, look, and top it up with hot water; never into a dry hot pan.',
  'no-bath': () =>
    'On a bare hob the bottom scorches and can take fire before the top is melted. Take it off; set it in a water bath.',
  'near-ceiling': ({ holdMaxC }, reads) =>
    `Close to the ceiling${holdMaxC === null ? '' : ` of ${say(holdMaxC, '°C', reads, 0)}`}: turn the heat down.`,
  unread: () => 'Read the thermometer again.',
  cooled: ({ addBelowC }, reads) =>
    `It has fallen below ${addBelowC === undefined ? 'the mark' : say(addBelowC, '°C', reads, 0)}: the solvent may go in, off the heat, away from any flame.`,
  pour: () => 'Hot enough to pour: take it off, fill at once.',
  clear: ({ addBelowC }, reads) =>
    addBelowC === undefined
      ? 'Clear: a little above that, and pour.'
      : `Clear: off the heat, away from any flame. The solvent goes in below ${say(addBelowC, '°C', reads, 0)}; let it fall and read again.`,
  stir: () => 'Stir it, slowly, down to the bottom.',
};

/** How each heater is used, and what must be minded; the house prefers the first. */
export const POT_HEATER_GUARDS: Readonly<Record<PotHeater, string>> = {
  'water-bath': 'The vessel off the bottom, water below its rim, no rolling boil, never dry, never left.',
  'slow-cooker':
    'On low, by thermometer: no water holds it back, and it climbs past the ceiling after it is clear. Stay within call; off as soon as it is clear.',
  microwave: `In bursts of ${BURST_S} seconds, a wide glass half full, nothing of metal. Wax takes up little of it and the oil much: it overheats in spots. Stir and read after each burst. Nothing that gives off vapour.`,
  hob: 'Not advised. A bare hob scorches the bottom and can set it on fire. Set the vessel in a water bath.',
};
