import 'server-only';
import type { ReportRow } from '@/data/care/owners';
import type { LetterToRead, PostedRow } from '@/data/mail/letters';
import { QUIET } from '@/data/mail/send';
import type { LetterRow } from '@/data/mail/write';
import { REPORT_WORDS } from '@/messages/care';
import { letters as wording } from '@/messages/screens/care';
import { shared } from '@/messages/screens/shared';
import { Fold } from '@/ui/fold';
import { Link } from '@/ui/link';
import { clockTime, fullDate, longDate } from '@/ui/when';
import type { Search } from '@/web/table/asked';
import { type Column, DataTable } from '@/web/table/table';
import { AgainButton, DraftButtons, SeenButton, SendNow } from './components/owner-tools';

const STATE: Readonly<Record<LetterRow['state'], { readonly mark: string; readonly says: string; readonly tone: string }>> = {
  draft: { mark: '✎', says: wording.aDraft, tone: 'text-cure font-semibold' },
  waiting: { mark: '○', says: 'waits', tone: 'text-soft' },
  sending: { mark: '◐', says: wording.isBeingSent, tone: 'text-cure' },
  sent: { mark: '●', says: 'sent', tone: 'text-fit' },
  failed: { mark: '▲', says: wording.didNotGo, tone: 'text-late font-semibold' },
  voided: { mark: '–', says: wording.takenBack, tone: 'text-soft' },
};
/** More drafts than this are folded: the first words of one tell the others. */
const FOLDED_FROM = 4;
/** Letters that went or wait, on one page. */
const LETTERS_SHOWN = 20;

/** What owners said that nobody here has read yet. */
export function OwnerReports({ reports, zone }: { readonly reports: readonly ReportRow[]; readonly zone: string }) {
  if (reports.length === 0) return null;
  return (
    <section>
      <h2 className="mt-8 mb-1">{wording.ownersSaid}</h2>
      <ul>
        {reports.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-4 border-hair border-t py-1">
            <span className={one.kind === 'wrong' ? 'font-semibold text-late' : ''}>
              {one.kind === 'wrong' ? '▲ ' : '● '}
              <span className="inline-block first-letter:uppercase">{REPORT_WORDS[one.kind]}</span>
            </span>
            <span className="grow">{one.note}</span>
            {one.photo ? <a href={`/api/photo?hash=${one.photo}`}>{wording.photo}</a> : null}
            <Link href={`/piece/${one.code}`} className="reading">
              {one.code}
            </Link>
            <span className="reading text-soft">{fullDate(one.at, zone)}</span>
            <SeenButton id={one.id} />
          </li>
        ))}
      </ul>
    </section>
  );
}

const stateOf = ({ state }: { readonly state: LetterRow['state'] }) => (
  <span className={STATE[state].tone}>
    {STATE[state].mark} {STATE[state].says}
  </span>
);

const postedColumns = (zone: string): readonly Column<PostedRow>[] => [
  { id: 'state', name: wording.letter, by: (one) => STATE[one.state].says, cell: stateOf },
  {
    id: 'subject',
    name: wording.about,
    by: (one) => one.subject,
    cell: (one) => <Link href={`/piece/${one.code}`}>{one.subject}</Link>,
  },
  {
    id: 'to',
    name: wording.to,
    by: (one) => one.to ?? '',
    cell: (one) => one.to || wording.addressErased,
    className: 'text-soft',
  },
  {
    id: 'when',
    name: wording.when,
    by: (one) => (one.sentAt === null ? one.dueOn : new Date(one.sentAt).toISOString()),
    cell: (one) =>
      one.sentAt === null ? longDate(one.dueOn) : `${fullDate(one.sentAt, zone)} ${clockTime(one.sentAt, zone, one.sentAt)}`,
    className: 'reading text-sm',
  },
];

type LettersProps = {
  readonly toRead: readonly LetterToRead[];
  readonly posted: readonly PostedRow[];
  readonly zone: string;
  readonly search: Search;
};

/** Letters to owners: what wants a person stands above; beneath it what waits, what went and when. */
export function Letters({ toRead, posted, zone, search }: LettersProps) {
  return (
    <section id="letters" className="mt-8">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h2>{wording.letters}</h2>
        <SendNow />
      </div>
      <p className="text-sm text-soft">{wording.aLookIsWritten(QUIET.from, QUIET.until)}</p>
      {toRead.length + posted.length === 0 ? <p className="text-soft">{shared.noneYet}</p> : null}
      <LettersToRead rows={toRead} />
      {posted.length > 0 ? (
        <DataTable
          id="letters"
          path="/care"
          search={search}
          rows={posted}
          columns={postedColumns(zone)}
          keyOf={(one) => one.id}
          size={LETTERS_SHOWN}
        />
      ) : null}
    </section>
  );
}

/** A letter that waits for a person: a draft to be read before it goes, or one that did not go. */
function ToRead({ row, open }: { readonly row: LetterToRead; readonly open: boolean }) {
  return (
    <li className="grid gap-x-4 border-hair border-t py-1 bench:grid-cols-[9rem_minmax(0,1fr)_minmax(0,1fr)_9rem]">
      {stateOf(row)}
      <Link href={`/piece/${row.code}`}>{row.subject}</Link>
      <span className="text-soft">{row.to || wording.addressErased}</span>
      <span className="reading text-sm">{longDate(row.dueOn)}</span>
      {row.why ? (
        <span className="flex items-center gap-3 text-late bench:col-span-4">
          {row.why} <AgainButton id={row.id} />
        </span>
      ) : null}
      {row.state === 'draft' ? (
        <div className="flex flex-wrap items-start justify-between gap-3 border-cure border-l-4 pl-3 bench:col-span-4">
          <Fold open={open} lineClass="text-sm" says={wording.whatItSays}>
            <span className="block max-w-prose whitespace-pre-line text-sm">{row.body}</span>
          </Fold>
          <DraftButtons ids={[row.id]} />
        </div>
      ) : null}
    </li>
  );
}

/** Letters that wait for a person; several drafts may be settled together. */
function LettersToRead({ rows }: { readonly rows: readonly LetterToRead[] }) {
  const drafts = rows.filter((row) => row.state === 'draft').map((row) => row.id);
  return (
    <>
      {drafts.length > 1 ? (
        <div className="mt-2 flex flex-wrap items-center justify-between gap-3 border-cure border-l-4 pl-3">
          <span className="font-semibold">{wording.draftsWaitToBe(drafts.length)}</span>
          <DraftButtons ids={drafts} />
        </div>
      ) : null}
      <ul>
        {rows.map((row) => (
          <ToRead key={row.id} row={row} open={drafts.length < FOLDED_FROM} />
        ))}
      </ul>
    </>
  );
}
