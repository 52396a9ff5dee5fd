import 'server-only';
import { say } from '@/core/quantity';
import type { BlankState, WoodState } from '@/data/moisture/moisture';
import { dayAndDate, longDate } from '@/ui/when';
import { reads } from '@/web/reads-here';
import { MoistureForm, WeighBlank } from './components/moisture-form';

const VERDICT = {
  fit: { mark: '●', says: 'dry enough for finish', tone: 'text-fit' },
  caution: { mark: '◐', says: 'a little damp: finish with care, or wait', tone: 'text-cure' },
  'too-damp': { mark: '▲', says: 'too damp: let it dry first', tone: 'text-late' },
} as const;

const percent = (value: number): string => say(value / 100, 'fraction', reads(), 1);

type Props = {
  readonly batchId: number;
  readonly state: WoodState;
  readonly zone: string;
  readonly pieces: readonly { readonly id: number; readonly tag: string }[];
  /** When its blanks were rough-cut, as a date. */
  readonly roughOn: string | null;
};

/** A blank on the scale: whether it is steady, and when it will be. */
function Blank({
  blank: { weighings, says },
  name,
  zone,
}: {
  readonly blank: BlankState;
  readonly name: string;
  readonly zone: string;
}) {
  const last = weighings.at(-1);
  return (
    <p className="mt-1">
      By the scale, {name}: <span className="reading">{last ? say(last.grams, 'g', reads(), 1) : ''}</span>.{' '}
      {says === null ? (
        <span className="text-soft">Weigh it again in a day or more.</span>
      ) : says.steady ? (
        <strong className="text-fit">
          ● Steady{says.percent === null ? '' : `, as dry as its air: near ${percent(says.percent)}`}.
        </strong>
      ) : (
        <>
          It {says.lossADay < 0 ? 'gains' : 'loses'} {percent(Math.abs(says.lossADay) * 100)} a day
          {says.percent === null ? '' : `, about ${percent(says.percent)} moist`}.
          {says.steadyAtMs === null
            ? ''
            : ` Steady about ${dayAndDate(says.steadyAtMs, zone)}: an estimate from its own weighings.`}
        </>
      )}
    </p>
  );
}

/** The wood of a batch: what the meter said, what the air will make of it, and when it is fit. */
export function Wood({ batchId, state, zone, pieces, roughOn }: Props) {
  const { readings, emcPercent, dampness, dryBy, blanks } = state;
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
        <p className="text-soft">{blanks.length > 0 ? 'No meter was used.' : 'Not read yet.'}</p>
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
      {blanks.map((one) => (
        <Blank key={one.ordinal} blank={one} name={one.tag ?? `piece ${one.ordinal}`} zone={zone} />
      ))}
      {roughOn ? <p className="text-sm text-soft">Rough-cut {longDate(roughOn)}.</p> : null}
      <div className="mt-1 flex flex-wrap gap-3">
        <MoistureForm batchId={batchId} />
        <WeighBlank batchId={batchId} pieces={pieces} />
      </div>
    </section>
  );
}
