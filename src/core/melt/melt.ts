import { check } from '@/core/contract';
import { ok, type Result } from '@/core/quantity';
import { MeltInput } from './schema';

/** Specific heat of water, J/(g·K). Source: tables at 20–100 °C. */
export const WATER_HEAT = 4.18;
/** Heat that boils water away, J/g. Source: tables at 100 °C. */
export const WATER_BOIL = 2257;
/** Specific heat of oil and wax, J/(g·K). Source: working estimate. */
export const POT_HEAT = 2.1;
/** Heat that melts wax, J/g. Source: working estimate for beeswax. */
export const WAX_MELT = 200;
/** Share of the wax melted per second and K above clear, for 4 mm pieces. Source: working estimate. */
export const MELT_RATE = 0.0009;
const MELT_RATE_PIECE_MM = 4;
const BOILING_C = 100;
const TRACE_EVERY_S = 10;
/** Water under this counts as gone, g. */
const DRY_BELOW_G = 1;

export type MeltRow = { readonly min: number; readonly waterC: number; readonly potC: number; readonly melted: number };
export type Melt = {
  readonly clearAtMin: number | null;
  readonly dryAtMin: number | null;
  readonly waterLeftG: number;
  readonly trace: readonly MeltRow[];
};

/** Steps a second is cut into, so that no body overshoots the other: twice its fastest rate of exchange. */
function partsOf(potG: number, waterG: number, uaWPerK: number, lossWPerK: number): number {
  const rates = [uaWPerK / (potG * POT_HEAT), uaWPerK / (waterG * WATER_HEAT), lossWPerK / (waterG * WATER_HEAT)];
  return Math.max(1, Math.ceil(2 * Math.max(...rates)));
}

/**
 * The pot over time (calc.md, 10): water and pot as two bodies, explicit Euler in steps of one second, each cut fine enough for a small
 * pot. A rehearsal, not a safety device. Each second the state is noted, then all changes follow from that one state.
 */
export function melt(input: unknown): Result<Melt> {
  const checked = check(MeltInput, input);
  if (!checked.ok) return checked;
  const { waterG, heaterW, lossWPerK, ambientC, potG, waxFraction, pieceMm, clearC, uaWPerK, minutes } = checked.value;
  const seconds = Math.round(minutes * 60);
  const waxHeat = WAX_MELT * waxFraction * potG;
  const trace: MeltRow[] = [];
  let [waterC, potC, left, melted] = [ambientC, ambientC, waterG, waxFraction > 0 ? 0 : 1];
  let clearAtMin: number | null = null;
  let dryAtMin: number | null = null;
  /** One part of a second. */
  const part = (dt: number): void => {
    // Heat to the pot: q = ua·(Tw − Tp), W
    const q = uaWPerK * (waterC - potC);
    // Melting: dM = (Tp − clear)₊ · 0.0009 · 4/piece, of the wax, never past 1
    const dM = Math.min(Math.max(0, potC - clearC) * MELT_RATE * (MELT_RATE_PIECE_MM / pieceMm) * dt, 1 - melted);
    // Water: (P − loss·(Tw − Ta) − q)/(4.18·W) K/s
    const heatedC = waterC + ((heaterW - lossWPerK * (waterC - ambientC) - q) * dt) / (WATER_HEAT * left);
    // Pot: (q − dM·latent)/(2.1·pot) K/s
    potC += (q * dt - dM * waxHeat) / (POT_HEAT * potG);
    melted += dM;
    // Above boiling the surplus heat drives steam: (T − 100)·W·4.18/2257 g
    const boiledG = heatedC > BOILING_C ? ((heatedC - BOILING_C) * left * WATER_HEAT) / WATER_BOIL : 0;
    waterC = Math.min(heatedC, BOILING_C);
    left = Math.max(0, left - boiledG);
  };
  for (let s = 0; s <= seconds; s++) {
    if (s % TRACE_EVERY_S === 0) trace.push({ min: s / 60, waterC, potC, melted });
    if (clearAtMin === null && melted >= 1) clearAtMin = s / 60;
    if (left < DRY_BELOW_G) {
      dryAtMin = s / 60;
      break;
    }
    if (s === seconds) break;
    const parts = partsOf(potG, left, uaWPerK, lossWPerK);
    for (let i = 0; i < parts && left >= DRY_BELOW_G; i++) part(1 / parts);
  }
  return ok({ clearAtMin, dryAtMin, waterLeftG: left, trace });
}
