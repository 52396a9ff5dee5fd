import type { Geometry } from '@/core/piece';
import { sayMinutes } from '@/core/quantity';
import { shared } from '@/messages/screens/shared';
import { coatBook as wording } from '@/messages/screens/work';
import { PiecePicture } from '@/trade/drawing/piece-picture';
import { Fold } from '@/ui/fold';
import { CorrectEntry } from './correct-entry';

export type BookRow = {
  readonly key: string;
  readonly action: string;
  readonly done: string;
  /** Pencil: what the plan or the window says. */
  readonly planned: string;
  readonly window: string;
  readonly slack: string | null;
  /** Ink: what happened, in the shop's time. */
  readonly actual: {
    readonly clientId: string;
    readonly time: string;
    readonly who: string;
    readonly details: string;
    readonly seen: string;
    readonly missMin: number;
    readonly leftOut: boolean;
    readonly struck: readonly string[];
    readonly at: string;
    readonly grams: string | null;
    /** What was typed, without the faults beside it. */
    readonly note: string;
    readonly photo: string | null;
    /** Places that were marked on the drawing of the piece. */
    readonly spots: readonly { readonly fault: string; readonly at: readonly [number, number] }[];
    /** Whether it was recorded in the batch this one was split from. */
    readonly elsewhere: boolean;
    /** Nothing was done since: it may be struck. */
    readonly isLast: boolean;
  } | null;
  readonly isNext: boolean;
  readonly isCoat: boolean;
};

const missWords = (minutes: number): string =>
  minutes > 0 ? wording.pastItsWindow(sayMinutes(minutes)) : wording.early(sayMinutes(minutes));

type Props = {
  readonly batchId: number;
  /** The piece as it is drawn where a place was marked. */
  readonly drawing: { readonly geometry: Geometry; readonly name: string; readonly speciesId: string };
  readonly rows: readonly BookRow[];
  readonly undone: readonly string[];
  readonly locked: boolean;
};

/** The coat book: a spine in time, planned on the left in pencil, actual on the right in ink. */
export function CoatBook({ batchId, drawing, rows, undone, locked }: Props) {
  return (
    <section aria-label={shared.coatBook}>
      <div className="grid grid-cols-[minmax(0,1fr)_2rem_minmax(0,1.2fr)] border-ink border-b">
        <h2 className="text-right text-soft">{shared.planned}</h2>
        <span />
        <h2>{wording.done}</h2>
      </div>
      <ol>
        {rows.map((row) => (
          <BookLine
            key={row.key}
            row={locked ? { ...row, isNext: false } : row}
            batchId={batchId}
            drawing={drawing}
            locked={locked}
          />
        ))}
      </ol>
      {undone.length > 0 ? (
        <p className="mt-3 text-sm text-soft">
          {wording.takenBack}
          {undone.map((text) => (
            <s key={text} className="reading mr-3">
              {text}
            </s>
          ))}
        </p>
      ) : null}
    </section>
  );
}

type LineProps = Pick<Props, 'batchId' | 'drawing' | 'locked'> & { readonly row: BookRow };

/** One step: as planned, its mark on the spine, as done. */
function BookLine({ row, batchId, drawing, locked }: LineProps) {
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_2rem_minmax(0,1.2fr)]">
      <div className={`py-1.5 text-right ${row.actual ? 'text-soft' : ''}`}>
        <span className={row.isNext ? 'font-semibold' : ''}>{row.action}</span>
        <span className="reading block text-sm text-soft">{row.planned}</span>
        {row.window ? <span className="reading block text-sm text-soft">{wording.window(row.window)}</span> : null}
        {row.slack ? <span className="reading block text-sm text-soft italic">{wording.plansSlackUntil(row.slack)}</span> : null}
      </div>
      <div className="relative" aria-hidden="true">
        <span className={`absolute inset-y-0 left-1/2 w-0.5 -translate-x-1/2 ${row.actual ? 'bg-ink' : 'bg-rule'}`} />
        <span
          className={`absolute top-3 left-1/2 -translate-x-1/2 rounded-full border-2 ${row.isCoat ? 'size-4' : 'size-2.5'} ${row.actual ? 'border-ink bg-ink' : row.isNext ? 'border-wet bg-bench' : 'border-rule bg-bench'}`}
        />
      </div>
      <div className="py-1.5">
        {row.actual ? (
          <Inked row={row} actual={row.actual} batchId={batchId} drawing={drawing} locked={locked} />
        ) : row.isNext ? (
          <span className="text-wet">{wording.next}</span>
        ) : null}
      </div>
    </li>
  );
}

type InkedProps = LineProps & { readonly actual: NonNullable<BookRow['actual']> };

/** What was done, with all that stands beside it. */
function Inked({ row, actual, batchId, drawing, locked }: InkedProps) {
  return (
    <div className="flex flex-wrap items-start justify-between gap-x-2 bench:flex-nowrap">
      <div>
        <span className="font-semibold">{actual.leftOut ? wording.leftOut : row.done}</span>{' '}
        <span className="reading">{actual.time}</span> <span className="text-soft">{actual.who}</span>
        {actual.details ? <span className="reading block text-sm">{actual.details}</span> : null}
        {actual.missMin !== 0 ? (
          <span className={`block text-sm font-semibold ${actual.missMin > 0 ? 'text-late' : 'text-cure'}`}>
            {actual.missMin > 0 ? '▲' : '◁'} {missWords(actual.missMin)}
          </span>
        ) : null}
        {actual.seen ? <span className="block text-sm">{wording.seen(actual.seen)}</span> : null}
        {actual.spots.length > 0 ? (
          <Fold says={wording.where(actual.spots.map((spot) => spot.fault).join(', '))} lineClass="text-sm">
            <PiecePicture {...drawing} spots={actual.spots.map((spot) => spot.at)} />
          </Fold>
        ) : null}
        {actual.photo ? (
          <a href={`/api/photo?hash=${actual.photo}`}>
            {/* biome-ignore lint/performance/noImgElement: kept beside the database, served as it is */}
            <img
              src={`/api/photo?hash=${actual.photo}`}
              alt={`${row.done} ${actual.time}`}
              className="my-1 h-24"
              loading="lazy"
            />
          </a>
        ) : null}
        {actual.struck.map((text) => (
          <s key={text} className="reading block text-sm text-soft">
            {text}
          </s>
        ))}
      </div>
      {locked || actual.elsewhere ? null : (
        <CorrectEntry
          batchId={batchId}
          entry={{
            clientId: actual.clientId,
            done: row.done,
            isLast: actual.isLast,
            at: actual.at,
            grams: actual.grams,
            seen: actual.note,
          }}
        />
      )}
    </div>
  );
}
