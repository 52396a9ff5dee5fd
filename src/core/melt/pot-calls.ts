import type { HeatLadder } from '@/core/blend';
import type { Heater } from '@/core/caution';
import { MS_PER_MINUTE } from '@/core/quantity';

/** What a pot on the heat calls out, gravest first. */
export const POT_CALLS = [
  'past-ceiling',
  'left-alone',
  'water-low',
  'no-bath',
  'near-ceiling',
  'unread',
  'cooled',
  'pour',
  'clear',
  'stir',
] as const;
export type PotCall = (typeof POT_CALLS)[number];

/** Calls that are an alarm, also where another screen is open. */
export const POT_ALARMS: readonly PotCall[] = ['past-ceiling', 'left-alone', 'water-low', 'no-bath'];

/** What a pot may be warmed by, as the house prefers it. A hob without a bath is never suggested: it is only owned up to. */
export const POT_HEATERS = ['water-bath', 'slow-cooker', 'microwave', 'hob'] as const satisfies readonly Heater[];
export type PotHeater = (typeof POT_HEATERS)[number];

/** How long a pot may stand with nobody by it, and unread, minutes, by what warms it. Source: working choices, on the safe side. */
export const POT_WATCH: Readonly<Record<PotHeater, { readonly aloneMin: number; readonly readMin: number }>> = {
  'water-bath': { aloneMin: 10, readMin: 10 },
  'slow-cooker': { aloneMin: 15, readMin: 10 },
  microwave: { aloneMin: 3, readMin: 2 },
  hob: { aloneMin: 2, readMin: 2 },
};
/** A microwave goes in bursts of so many seconds, stirred and read between. Source: working choice. */
export const BURST_S = 30;
/** Within this of the ceiling it is called, K. */
export const NEAR_CEILING_K = 5;
/** Stirred this often while it is not clear, minutes. */
export const STIR_EVERY_MIN = 5;
/** The water is called low once this share of the time to dry is over, by the rehearsal. Source: on the safe side. */
export const WATER_LOW_AT = 0.6;

/** A pot on the heat as it stands: minutes since it went on, since somebody was seen at it, since it was read; °C. */
export type PotNow = {
  readonly heater: PotHeater;
  readonly heat: Pick<HeatLadder, 'clearC' | 'pourC' | 'holdMaxC' | 'addBelowC'>;
  readonly tempC: number | null;
  readonly onHeatMin: number | null;
  readonly seenMin: number;
  readonly readMin: number;
  /** When the bath is rehearsed to be dry, minutes from when it went on; null where that is not known. */
  readonly dryAtMin: number | null;
};

/** What stands to be called, gravest first. Before it is on the heat only the thermometer speaks. */
export function potCalls({ heater, heat, tempC, onHeatMin, seenMin, readMin, dryAtMin }: PotNow): PotCall[] {
  const { clearC, pourC, holdMaxC, addBelowC } = heat;
  const isOn = onHeatMin !== null;
  const watch = POT_WATCH[heater];
  const isClear = tempC !== null && clearC !== null && tempC >= clearC;
  const stands: Readonly<Record<PotCall, boolean>> = {
    'past-ceiling': tempC !== null && holdMaxC !== null && tempC > holdMaxC,
    'left-alone': isOn && seenMin > watch.aloneMin,
    'water-low': isOn && heater === 'water-bath' && dryAtMin !== null && onHeatMin > dryAtMin * WATER_LOW_AT,
    'no-bath': isOn && heater === 'hob',
    'near-ceiling': tempC !== null && holdMaxC !== null && tempC <= holdMaxC && tempC > holdMaxC - NEAR_CEILING_K,
    unread: isOn && readMin > watch.readMin && seenMin <= watch.aloneMin,
    cooled:
      isClear === false &&
      tempC !== null &&
      addBelowC !== undefined &&
      clearC !== null &&
      tempC < addBelowC &&
      onHeatMin !== null &&
      onHeatMin > STIR_EVERY_MIN,
    pour: isClear && addBelowC === undefined && pourC !== null && tempC >= pourC,
    clear: isClear && (addBelowC !== undefined || pourC === null || tempC < pourC),
    stir: isOn && !isClear && onHeatMin > 0 && Math.floor(onHeatMin) % STIR_EVERY_MIN === 0 && onHeatMin >= STIR_EVERY_MIN,
  };
  return POT_CALLS.filter((call) => stands[call]);
}

/** A pot by its moments: when it went on the heat, when anyone was last at it, when it was last read; UTC ms. */
export type PotMoments = {
  readonly heater: PotHeater;
  readonly heat: PotNow['heat'];
  readonly onHeatAt: number | null;
  readonly mindedAt: number | null;
  readonly readAt: number | null;
  readonly tempC: number | null;
};

/** What a pot calls at a moment. Whoever reads it is at it. */
export function potCallsAt(
  { onHeatAt, mindedAt, readAt, ...pot }: PotMoments,
  nowMs: number,
  dryAtMin: number | null,
): PotCall[] {
  const since = (ms: number | null): number => (ms === null ? Number.POSITIVE_INFINITY : (nowMs - ms) / MS_PER_MINUTE);
  return potCalls({
    ...pot,
    dryAtMin,
    onHeatMin: onHeatAt === null ? null : since(onHeatAt),
    seenMin: Math.min(since(onHeatAt), since(readAt), since(mindedAt)),
    readMin: Math.min(since(onHeatAt), since(readAt)),
  });
}
