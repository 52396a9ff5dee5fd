import { say } from '@/core/quantity';
import 'server-only';
import type { WoodState } from '@/data/moisture/moisture';
import { dayAndDate } from '@/ui/when';
import { MoistureForm } from './components/moisture-form';

const VERDICT = {
  fit: { mark: '●', says: 'dry enough for finish', tone: 'text-fit' },
  caution: { mark: '◐', says: 'a little damp: finish with care, or wait', tone: 'text-cure' },
  'too-damp': { mark: '▲', says: 'too damp: let it dry first', tone: 'text-late' },
} as const;

const percent = (value: number): string => say(value / 100, 'fraction', 1);

/** The wood of a batch: what the meter said, what the air will make of it, and when it is fit. */
export function Wood({ batchId, state, zone }: { readonly batchId: number; readonly state: WoodState; readonly zone: string }) {
  const { readings, emcPercent, dampness, dryBy } = state;
  const verdict = dampness ? VERDICT[dampness.verdict] : null;
  return (
    <section>
      <h2 className="mb-1">Wood</h2>
      {dampness && verdict ? (
        <p>
          <strong className="reading text-xl">{percent(dampness.percent)}</strong>{' '}
          <span className={`font-semibold ${verdict.tone}`}>
            {verdict.mark} {verdict.says}
          </span>
        </p>
      ) : (
        <p className="text-soft">Not read yet.</p>
      )}
      {emcPercent === null ? null : (
        <p className="text-sm text-soft">
          In the air where it stands it comes to rest near <span className="reading">{percent(emcPercent)}</span>, in heated rooms
          near 8 %.
          {dampness?.movesHere ? ' It will still move here.' : ''}
          {dampness?.movesIndoors ? ' It will move in the buyer’s rooms.' : ''}
        </p>
      )}
      {dryBy ? (
        <p className="mt-1">
          Fit about <strong>{dayAndDate(dryBy.atMs, zone)}</strong>, between {dayAndDate(dryBy.earlyMs, zone)} and{' '}
          {dryBy.lateMs === null ? 'no day that can be said yet' : dayAndDate(dryBy.lateMs, zone)}: an estimate from its own
          readings.
        </p>
      ) : null}
      {readings.length > 0 ? (
        <ol className="reading my-1 flex flex-wrap gap-x-4 text-sm" aria-label="Moisture readings">
          {readings.map((one) => (
            <li key={one.id} className={one.isValid ? '' : 'text-soft line-through'}>
              {percent(one.percent)} {one.spot} {dayAndDate(one.at, zone)}
            </li>
          ))}
        </ol>
      ) : null}
      <MoistureForm batchId={batchId} />
    </section>
  );
}
