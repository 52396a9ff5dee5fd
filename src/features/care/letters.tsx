import 'server-only';
import { QUIET, type LetterRow } from '@/data/care/post';
import type { ReportRow } from '@/data/care/owners';
import { REPORT_WORDS } from '@/messages/care';
import { Link } from '@/ui/link';
import { clockTime, fullDate, longDate } from '@/ui/when';
import { AgainButton, DraftButtons, SeenButton, SendNow } from './components/owner-tools';

const STATE: Readonly<Record<LetterRow['state'], { readonly mark: string; readonly says: string; readonly tone: string }>> = {
  draft: { mark: '✎', says: 'a draft', tone: 'text-cure font-semibold' },
  waiting: { mark: '○', says: 'waits', tone: 'text-soft' },
  sending: { mark: '◐', says: 'is being sent', tone: 'text-cure' },
  sent: { mark: '●', says: 'sent', tone: 'text-fit' },
  failed: { mark: '▲', says: 'did not go', tone: 'text-late font-semibold' },
  voided: { mark: '–', says: 'taken back', tone: 'text-soft' },
};
/** More drafts than this are folded: the first words of one tell the others. */
const FOLDED_FROM = 4;

/** What owners said that nobody here has read yet. */
export function Said({ reports, zone }: { readonly reports: readonly ReportRow[]; readonly zone: string }) {
  if (reports.length === 0) return null;
  return (
    <section>
      <h2 className="mt-8 mb-1">Owners said</h2>
      <ul>
        {reports.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-4 border-hair border-t py-1">
            <span className={one.kind === 'wrong' ? 'font-semibold text-late' : ''}>
              {one.kind === 'wrong' ? '▲ ' : '● '}
              <span className="inline-block first-letter:uppercase">{REPORT_WORDS[one.kind]}</span>
            </span>
            <span className="grow">{one.note}</span>
            {one.photo ? <a href={`/api/photo?hash=${one.photo}`}>photo</a> : null}
            <Link href={`/slip/${one.code}`} className="reading">
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

/** Letters to owners: what waits, what went and when, what did not. */
export function Letters({ rows, zone }: { readonly rows: readonly LetterRow[]; readonly zone: string }) {
  const drafts = rows.filter((row) => row.state === 'draft').map((row) => row.id);
  return (
    <section id="letters" className="mt-8">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h2>Letters</h2>
        <SendNow />
      </div>
      <p className="text-sm text-soft">
        A look is written about once, to owners who left an address; what goes to one address goes as one letter. Nobody is
        written to between {QUIET.from} and {QUIET.until}. Without a mail server each letter is a file in the folder “outbox”
        beside the shop’s file.
      </p>
      {rows.length === 0 ? <p className="text-soft">None yet.</p> : null}
      {drafts.length > 1 ? (
        <div className="mt-2 flex flex-wrap items-center justify-between gap-3 border-cure border-l-4 pl-3">
          <span className="font-semibold">{drafts.length} drafts wait to be read; nothing of them goes before.</span>
          <DraftButtons ids={drafts} />
        </div>
      ) : null}
      <ul>
        {rows.map((row) => {
          const { mark, says, tone } = STATE[row.state];
          return (
            <li
              key={row.id}
              className="grid gap-x-4 border-hair border-t py-1 bench:grid-cols-[9rem_minmax(0,1fr)_minmax(0,1fr)_9rem]"
            >
              <span className={tone}>
                {mark} {says}
              </span>
              <span>{row.subject}</span>
              <span className="text-soft">{row.to || 'address erased'}</span>
              <span className="reading text-sm">
                {row.sentAt === null
                  ? longDate(row.dueOn)
                  : `${fullDate(row.sentAt, zone)} ${clockTime(row.sentAt, zone, row.sentAt)}`}
              </span>
              {row.why ? (
                <span className="flex items-center gap-3 text-late bench:col-span-4">
                  {row.why} <AgainButton id={row.id} />
                </span>
              ) : null}
              {row.state === 'draft' ? (
                <div className="flex flex-wrap items-start justify-between gap-3 border-cure border-l-4 pl-3 bench:col-span-4">
                  <details open={drafts.length < FOLDED_FROM}>
                    <summary className="min-h-11 content-center text-sm">What it says</summary>
                    <span className="block max-w-prose whitespace-pre-line text-sm">{row.body}</span>
                  </details>
                  <DraftButtons ids={[row.id]} />
                </div>
              ) : null}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
