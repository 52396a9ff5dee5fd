import { z } from 'zod';
import { FAULTS } from '@/core/batch';
import { SURFACES } from '@/core/piece';

/** Something amiss: what, on which surface, where on its drawing as shares of width and height, and on which piece, where not on all. */
export const SeenFault = z.object({
  fault: z.enum(FAULTS),
  surface: z.enum(SURFACES),
  at: z.tuple([z.number().min(0).max(1), z.number().min(0).max(1)]).nullish(),
  piece: z.string().max(40).nullish(),
});
export type SeenFault = z.output<typeof SeenFault>;
