import 'server-only';
import { daysBetween } from '@/core/quantity';
import { shopFile } from '@/data/files';
import { bytesOf, copiesOf, copiesOfBefore, dailyCopies } from '@/data/safe/daily';
import { longDate } from '@/ui/when';
import { CopyButtons } from './components/copy-buttons';

const MB = 1_000_000;
/** A copy older than this many days is said loudly. */
const OLD_DAYS = 2;

const AGES: Readonly<Record<number, string>> = { 0: 'today', 1: 'yesterday' };

/** How old the last copy is; one that is old, or none, stands out. */
function LastCopy({ date, today }: { readonly date: string | null; readonly today: string }) {
  const age = date === null ? Number.POSITIVE_INFINITY : daysBetween(date, today);
  const isOld = age > OLD_DAYS;
  return (
    <p className={`mb-2 border-l-4 pl-3 ${isOld ? 'border-late font-semibold text-late' : 'border-fit'}`}>
      {date === null
        ? '▲ There is none yet: the first is taken within minutes of a start.'
        : `${isOld ? '▲ ' : ''}The last one is of ${longDate(date)}, ${AGES[age] ?? `${age} days ago`}.`}
    </p>
  );
}

/** The shop's copies: the last one and how old it is, what they take, and a way to take, look over and carry one away. */
export function Copies({ today, isDemo }: { readonly today: string; readonly isDemo: boolean }) {
  const folder = copiesOf(shopFile());
  const copies = dailyCopies(folder);
  return (
    <section aria-label="Copies" className="max-w-2xl">
      <h2 className="mt-8 mb-2">Copies</h2>
      {isDemo ? (
        <p className="mb-2">The demo shed is made anew at will, so none is taken of it by itself.</p>
      ) : (
        <LastCopy date={copies[0]?.date ?? null} today={today} />
      )}
      <p className="mb-2">
        One is taken each day by itself, and stays for seven days, four weeks, twelve months: {copies.length} now,{' '}
        <span className="reading">{(bytesOf(folder) / MB).toFixed(1)} MB</span> with their photos and papers, in{' '}
        <code className="reading break-all">{folder}</code>.
        {copiesOfBefore() > 0 ? ' The older ones in the folder above it stay and can be restored.' : ''}
      </p>
      <p className="mb-3 text-soft">
        A copy on the same disk is lost with it: name a folder of another disk in <code className="reading">RENDLE_COPIES</code>,
        or carry a whole copy away now and then. To go back to one: stop the shop,{' '}
        <code className="reading">bin/rendle restore FILE</code>.
      </p>
      <CopyButtons dates={copies.map((one) => one.date)} />
    </section>
  );
}
