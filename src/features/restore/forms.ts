import { z } from 'zod';
import { ORIGINS } from '@/core/material';
import { SURFACES } from '@/core/piece';
import { MARKS } from '@/core/regimen';
import { rowId } from '@/trade/shapes';

const text = z.string().trim().max(200);

/** What a piece is drawn and reckoned like while nobody can say which tree it is; its verdict and its dust go by its not being known. */
export const LIKE_WOOD = 'sycamore';

/** A piece that comes home, field by field; its action reads the same. */
export const JobFields = z.object({
  code: text,
  owner: text,
  wasFinishedWith: text,
  bill: text,
  marks: z.array(z.object({ surface: z.enum(SURFACES), mark: z.enum(MARKS) })).max(40),
  designRevisionId: rowId.nullable(),
  /** Of a stranger's piece: what it is, as one would say it. */
  what: text,
  /** Empty: nobody can say which tree it is. */
  speciesId: z.string().max(100),
  /** Of a stranger's piece: where its wood comes from; empty: nobody can say. */
  origin: z.enum([...ORIGINS, '']),
  regimenRevisionId: rowId,
  lotId: rowId.nullable(),
  /** Whether it is sanded at all, or only washed and oiled. */
  sands: z.boolean(),
});
