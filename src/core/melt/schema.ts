import { z } from 'zod';

/** A pot in a water bath: masses g, power W, losses W/K, temperatures °C, wax pieces mm, time minutes. */
export const MeltInput = z.object({
  waterG: z.number().min(1).max(1e6),
  heaterW: z.number().min(0).max(1e5),
  lossWPerK: z.number().min(0).max(1000),
  ambientC: z.number().min(-50).max(100),
  potG: z.number().min(1).max(1e6),
  waxFraction: z.number().min(0).max(1),
  pieceMm: z.number().min(0.1).max(1000),
  clearC: z.number().min(-50).max(300),
  uaWPerK: z.number().min(0).max(1000),
  minutes: z.number().positive().max(1440),
});
