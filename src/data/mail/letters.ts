import 'server-only';
import { desc, eq, inArray, notInArray } from 'drizzle-orm';
import type { Db } from '../db';
import { carePlan, outbox, piece, sale } from '../schema';
import type { LetterRow } from './write';

/** Letters that want a person: drafts to be read, and what did not go. */
const WANTS_A_PERSON: LetterRow['state'][] = ['draft', 'failed'];

/** The code of the piece a letter is about. */
type WithCode = { readonly code: string };
const ofPieces = (db: Db) =>
  db
    .select({ letter: outbox, code: piece.code })
    .from(outbox)
    .innerJoin(carePlan, eq(carePlan.id, outbox.carePlanId))
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .$dynamic();

/** Every letter that wants a person, newest first. */
export type LetterToRead = LetterRow & WithCode;
export const lettersToRead = (db: Db): LetterToRead[] =>
  ofPieces(db)
    .where(inArray(outbox.state, WANTS_A_PERSON))
    .orderBy(desc(outbox.id))
    .all()
    .map(({ letter, code }) => ({ ...letter, code }));

/** Every letter about one piece, newest first. */
export const lettersAbout = (db: Db, code: string): LetterRow[] =>
  ofPieces(db)
    .where(eq(piece.code, code))
    .orderBy(desc(outbox.id))
    .all()
    .map(({ letter }) => letter);

/** A letter that waits for its day or has gone; what it says is left out. */
export type PostedRow = Pick<LetterRow, 'id' | 'state' | 'subject' | 'to' | 'dueOn' | 'sentAt'> & WithCode;

/** Every other letter, newest first. */
export const lettersPosted = (db: Db): PostedRow[] =>
  db
    .select({
      id: outbox.id,
      state: outbox.state,
      subject: outbox.subject,
      to: outbox.to,
      dueOn: outbox.dueOn,
      sentAt: outbox.sentAt,
      code: piece.code,
    })
    .from(outbox)
    .innerJoin(carePlan, eq(carePlan.id, outbox.carePlanId))
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .where(notInArray(outbox.state, WANTS_A_PERSON))
    .orderBy(desc(outbox.id))
    .all();
