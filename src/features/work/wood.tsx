import 'server-only';
import { say } from '@/core/quantity';
import type { BlankState, WoodState } from '@/data/moisture/moisture';
import { shared } from '@/messages/screens/shared';
import { wood as wording } from '@/messages/screens/work';
import { dayAndDate, longDate } from '@/ui/when';
import { reads } from '@/web/here';
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
      {wording.byTheScale(name)}
      <span className="reading">{last ? say(last.grams, 'g', reads(), 1) : ''}</span>.{' '}
      {says === null ? (
        <span className="text-soft">{wording.weighItAgainIn}</span>
      ) : says.steady ? (
        <strong className="text-fit">
          {wording.steady(says.percent === null ? '' : wording.asDryAsIts(percent(says.percent)))}
        </strong>
      ) : (
        wording.itADay(
          says.lossADay < 0 ? wording.gains : wording.loses,
          percent(Math.abs(says.lossADay) * 100),
          says.percent === null ? '' : wording.aboutMoist(percent(says.percent)),
          says.steadyAtMs === null ? '' : wording.steadyAboutAnEstimate(dayAndDate(says.steadyAtMs, zone)),
        )
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
      <h2 className="mb-1">{shared.wood}</h2>
      {dampness && verdict ? (
        <p>
          <strong className="reading text-xl">{percent(dampness.percent)}</strong>{' '}
          <span className={`font-semibold ${verdict.tone}`}>
            {verdict.mark} {verdict.says}
          </span>
        </p>
      ) : (
        <p className="text-soft">{blanks.length > 0 ? wording.noMeterWasUsed : wording.notReadYet}</p>
      )}
      {emcPercent === null ? null : (
        <p className="text-sm text-soft">
          {wording.inTheAirWhere}
          <span className="reading">{percent(emcPercent)}</span>
          {wording.inHeatedRoomsNear(
            dampness?.movesHere ? wording.itWillStillMove : '',
            dampness?.movesIndoors ? wording.itWillMoveIn : '',
          )}
        </p>
      )}
      {dryBy ? (
        <p className="mt-1">
          {wording.fitAbout}
          <strong>{dayAndDate(dryBy.atMs, zone)}</strong>
          {wording.betweenAndAnEstimate(
            dayAndDate(dryBy.earlyMs, zone),
            dryBy.lateMs === null ? wording.noDayThatCan : dayAndDate(dryBy.lateMs, zone),
          )}
        </p>
      ) : null}
      {readings.length > 0 ? (
        <ol className="reading my-1 flex flex-wrap gap-x-4 text-sm" aria-label={wording.moistureReadings}>
          {readings.map((one) => (
            <li key={one.id} className={one.isValid ? '' : 'text-soft line-through'}>
              {percent(one.percent)} {one.spot} {dayAndDate(one.at, zone)}
            </li>
          ))}
        </ol>
      ) : null}
      {blanks.map((one) => (
        <Blank key={one.ordinal} blank={one} name={one.tag ?? wording.piece(one.ordinal)} zone={zone} />
      ))}
      {roughOn ? <p className="text-sm text-soft">{wording.roughCut(longDate(roughOn))}</p> : null}
      <div className="mt-1 flex flex-wrap gap-3">
        <MoistureForm batchId={batchId} />
        <WeighBlank batchId={batchId} pieces={pieces} />
      </div>
    </section>
  );
}
