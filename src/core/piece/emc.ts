import { check } from '@/core/contract';
import { ok, type Result } from '@/core/quantity';
import { EmcInput } from './schema';

/** Moisture up to which a piece is fit for finish, and up to which with a caution, %. Source: working estimate. */
export const FIT_MOISTURE = { fit: 12, caution: 15 } as const;

/**
 * Equilibrium moisture of wood in air of some temperature (°C) and relative humidity (0–1), % (calc.md, 6).
 * Source: Hailwood–Horrobin, coefficients for °C.
 */
export function emc(input: unknown): Result<{ readonly emcPercent: number }> {
  const checked = check(EmcInput, input);
  if (!checked.ok) return checked;
  const { tempC: T, rh: h } = checked.value;
  const W = 349 + 1.29 * T + 0.0135 * T ** 2;
  const K = 0.805 + 0.000736 * T - 0.00000273 * T ** 2;
  const K1 = 6.27 - 0.00938 * T - 0.000303 * T ** 2;
  const K2 = 1.91 + 0.0407 * T - 0.000293 * T ** 2;
  const Kh = K * h;
  const bound = K1 * Kh + K1 * K2 * Kh ** 2;
  // EMC% = 1800/W·[Kh/(1 − Kh) + (K1·Kh + 2·K1·K2·(Kh)²)/(1 + K1·Kh + K1·K2·(Kh)²)]
  return ok({ emcPercent: (1800 / W) * (Kh / (1 - Kh) + (bound + K1 * K2 * Kh ** 2) / (1 + bound)) });
}
