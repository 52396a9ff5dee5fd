import 'server-only';
import { daysBetween } from '@/core/quantity';
import { shopFile } from '@/data/files';
import { bytesOf, copiesOf, copiesOfBefore, dailyCopies } from '@/data/safe/daily';
import { copies as wording } from '@/messages/screens/settings';
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
        ? wording.thereIsNoneYet
        : wording.theLastOneIs(isOld ? '▲ ' : '', longDate(date), AGES[age] ?? wording.daysAgo(age))}
    </p>
  );
}

/** The shop's copies: the last one and how old it is, what they take, and a way to take, look over and carry one away. */
export function Copies({ today, isDemo }: { readonly today: string; readonly isDemo: boolean }) {
  const folder = copiesOf(shopFile());
  const copies = dailyCopies(folder);
  return (
    <section aria-label={wording.copies} className="max-w-2xl">
      <h2 className="mt-8 mb-2">{wording.copies}</h2>
      {isDemo ? <p className="mb-2">{wording.theDemoShedIs}</p> : <LastCopy date={copies[0]?.date ?? null} today={today} />}
      <p className="mb-2">
        {wording.oneIsTakenEach(copies.length)}
        <span className="reading">{wording.mb((bytesOf(folder) / MB).toFixed(1))}</span>
        {wording.withTheirPhotosAnd}
        <code className="reading break-all">{folder}</code>.{copiesOfBefore() > 0 ? wording.theOlderOnesIn : ''}
      </p>
      <p className="mb-3 text-soft">
        {wording.aCopyOnThe}
        <code className="reading">RENDLE_COPIES</code>
        {wording.orCarryAWhole}
        <code className="reading">bin/rendle restore FILE</code>.
      </p>
      <CopyButtons dates={copies.map((one) => one.date)} />
    </section>
  );
}
