import { z } from 'zod';
import { COUNTRIES } from '@/core/care';

/** Shapes that many actions take. */

/** The number of a row. */
export const rowId = z.int().positive();
/** What a device calls a record it made, so that it is kept once however often it is sent. */
export const clientId = z.string().min(8).max(64);
/** An address of mail, or none. */
export const emailOrNone = z.union([z.literal(''), z.email().max(254)]);
/** A country by its code, null where none was chosen. */
export const countryOrNone = z.union([z.literal(''), z.enum(COUNTRIES)]).transform((code) => code || null);
/** A photo of at most 4 MB as a data address is so many letters long. */
export const MOST_PHOTO_CHARS = 5_700_000;
/** A photo as a data address; empty where none was taken. */
export const photoTaken = z.string().max(MOST_PHOTO_CHARS);
