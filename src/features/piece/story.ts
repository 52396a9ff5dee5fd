import 'server-only';
import { say } from '@/core/quantity';
import { laysCoat } from '@/core/regimen';
import { reportsOf } from '@/data/care/owners';
import type { SoldPiece } from '@/data/care/queries';
import type { Db } from '@/data/db';
import { lettersAbout } from '@/data/mail/letters';
import { homecomings } from '@/data/piece/piece';
import { lotOf } from '@/data/stores/queries';
import type { Batch, Piece } from '@/data/work/batch';
import type { BatchStanding } from '@/data/work/standing';
import { CHECK_WORDS } from '@/messages';
import { REPORT_WORDS } from '@/messages/care';
import { story as wording } from '@/messages/screens/piece';
import { reads } from '@/web/here';

type Said = { readonly href: string; readonly name: string };
/** Something that happened to a piece: when, what, in few words, and where more stands. */
export type Happened = {
  readonly key: string;
  readonly at: number;
  readonly what: string;
  readonly detail: string;
  readonly to: Said | null;
  readonly photo: string | null;
  /** A coat or a judgement: what stands out. */
  readonly isMain: boolean;
};

/** Where a calendar day stands among moments: at its noon. */
const noonOf = (date: string): number => Date.parse(`${date}T12:00:00Z`);

/** What hands did: every step that stands in the book, the coats with their lot and their grams a piece. */
function handsOn(db: Db, batch: Batch, { tasks }: BatchStanding): Happened[] {
  return batch.book.flatMap(({ entry, stands }): Happened[] => {
    if (!stands || entry.kind === 'left-out') return [];
    const step = tasks.find((task) => task.key === entry.task)?.step;
    const isCoat = step ? laysCoat(step) : false;
    const lot = stands.lotId === null ? null : lotOf(db, stands.lotId);
    const detail = [
      stands.grams === null || stands.pieces === 0
        ? ''
        : wording.aPiece(stands.gramsEstimated ? 'about ' : '', say(stands.grams / stands.pieces, 'g', reads(), 1)),
      !isCoat || stands.tempC === null ? '' : say(stands.tempC, '°C', reads()),
      !isCoat || stands.rhFraction === null ? '' : say(stands.rhFraction, 'fraction', reads()),
      stands.seen,
    ];
    return [
      {
        key: `hand ${entry.id}`,
        at: stands.at,
        what: step?.done ?? entry.task,
        detail: detail.filter(Boolean).join(', '),
        to: lot ? { href: `/stores/lots/${lot.id}`, name: `${lot.number} ${lot.title}` } : null,
        photo: stands.photo,
        isMain: isCoat,
      },
    ];
  });
}

const checked = (batch: Batch): Happened[] =>
  batch.checks.map((check) => ({
    key: `check ${check.id}`,
    at: check.at,
    what: `${CHECK_WORDS[check.kind].name}: ${check.pass ? CHECK_WORDS[check.kind].pass : CHECK_WORDS[check.kind].fail}`,
    detail: check.note,
    to: { href: `/cure/${batch.number}`, name: wording.itsCure },
    photo: null,
    isMain: false,
  }));

/** Judged, sold, written about, spoken of, come home. */
function afterwards(db: Db, batch: Batch, piece: Piece, sold: SoldPiece | null): Happened[] {
  const base = { to: null, photo: null, isMain: false } as const;
  const { release } = batch;
  const plan = sold?.plan.id ?? null;
  return [
    ...(release
      ? [
          {
            ...base,
            key: 'release',
            at: release.at,
            what: release.outcome === 'released' ? 'Released' : 'Refused',
            detail: release.reason,
            to: { href: `/release/${batch.number}`, name: wording.record(release.number) },
            isMain: true,
          },
        ]
      : []),
    ...(sold
      ? [
          {
            ...base,
            key: 'sale',
            at: Math.max(noonOf(sold.sale.soldOn), release?.at ?? 0),
            what: 'Sold',
            detail: sold.tin ? wording.withATinOf(sold.tin.title) : '',
            to: { href: `/slip/${piece.code}`, name: wording.itsSlip },
            isMain: true,
          },
        ]
      : []),
    ...(plan === null ? [] : reportsOf(db, plan)).map((one) => ({
      ...base,
      key: `said ${one.id}`,
      at: one.at,
      what: `${one.personId === null ? wording.itsOwnerSaid : wording.writtenDown}: ${REPORT_WORDS[one.kind]}`,
      detail: one.note,
      photo: one.photo,
      isMain: one.kind === 'wrong',
    })),
    ...lettersAbout(db, piece.code)
      .filter((one) => one.sentAt !== null)
      .map((one) => ({ ...base, key: `letter ${one.id}`, at: one.sentAt ?? 0, what: wording.letterSent, detail: one.subject })),
    ...homecomings(db, piece.id).map((one) => ({
      ...base,
      key: `home ${one.number}`,
      at: one.at,
      what: one.backAt === null ? wording.cameHome : wording.cameHomeAndWent,
      detail: '',
      to: { href: `/work/${one.number}`, name: one.number },
      isMain: true,
    })),
    ...(piece.leftAt === null
      ? []
      : [{ ...base, key: 'left', at: piece.leftAt, what: wording.leftItsBatch, detail: piece.leftWhy ?? '', isMain: true }]),
  ];
}

/** All that happened to a piece, the oldest first. */
export const storyOf = (db: Db, batch: Batch, piece: Piece, standing: BatchStanding, sold: SoldPiece | null): Happened[] =>
  [...handsOn(db, batch, standing), ...checked(batch), ...afterwards(db, batch, piece, sold)].sort((a, b) => a.at - b.at);
