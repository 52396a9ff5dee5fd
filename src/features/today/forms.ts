import { z } from 'zod';

/** The moment a step is held at, on the shop's wall clock. */
export const HoldFields = z.object({ at: z.string().max(100).min(1).max(40) });
