import { z } from 'zod';

const number = z
  .string()
  .trim()
  .max(40)
  .regex(/^[\d+()/ .-]*$/);

/** The numbers that are called where the shop stands; empty: not entered yet. */
export const NumberFields = z.object({ emergency: number, poison: number });
