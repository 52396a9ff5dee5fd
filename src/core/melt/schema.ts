import { z } from 'zod';

/** A pot in a water bath: masses g, power W, losses W/K, temperatures °C, wax pieces mm, time minutes. */
export const MeltInput = z.object({
  waterG: z.number().positive(),
  heaterW: z.number().min(0),
  lossWPerK: z.number().min(0),
  ambientC: z.number(),
  potG: z.number().positive(),
  waxFraction: z.number().min(0).max(1),
  pieceMm: z.number().positive(),
  clearC: z.number(),
  uaWPerK: z.number().min(0),
  minutes: z.number().positive().max(1440),
});
