import { GIVES, type Give, type Offer, type Task, windowAfter } from '@/core/batch';
import { say, sayMinutes } from '@/core/quantity';
import { roomWords, sayBlocking } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { planPreview as wording } from '@/messages/screens/start';
import { Headings } from '@/ui/headings';
import { clockTime, dayAndDate } from '@/ui/when';
import { reads } from '@/web/here';

const plural = (count: number): string => (count === 1 ? wording.piece : wording.pieces(count));

type Around = { readonly pieces: number; readonly zone: string };

/** What would have to give, in a maker's words: as it is offered, and as what was tried in vain. */
const GIVE_WORDS: {
  readonly [W in Give['what']]: {
    readonly would: (give: Extract<Give, { readonly what: W }>, around: Around) => string;
    readonly inVain: string;
  };
} = {
  pieces: { would: (give, { pieces }) => wording.insteadOf(plural(give.pieces), pieces), inVain: wording.fewerPieces },
  warm: {
    would: (give, { zone }) => wording.curingInTheWarm(dayAndDate(give.readyMs, zone)),
    inVain: wording.aWarmCabinetWhere,
  },
  evenings: { would: ({ until }) => wording.handsThatGoOn(until), inVain: wording.handsThatGoOnInto },
  after: { would: ({ batch }) => wording.batchLeftUntilAfter(batch), inVain: wording.anotherBatchLeftUntil },
};

const giveWords = <W extends Give['what']>(give: Extract<Give, { readonly what: W }>, around: Around): string =>
  (GIVE_WORDS[give.what as W].would as (one: typeof give, around: Around) => string)(give, around);

type Props = {
  readonly offer: Offer;
  readonly pieces: number;
  readonly dueMs: number | null;
  readonly meetsFood: boolean;
  /** Whether its finish settles or cures; null while its lots are not chosen. */
  readonly sets: 'settles' | 'cures' | 'bare' | null;
  readonly zone: string;
  readonly initials: Readonly<Record<string, string>>;
};

/** The answer first: what can be promised; then every step with its hands and the chemistry's window. */
export function PlanPreview({ offer, pieces, dueMs, meetsFood, sets, zone, initials }: Props) {
  const { tasks, blocked } = offer;
  if (blocked) {
    const name = (key: string): string => tasks.find((one) => one.key === key)?.step.action.toLowerCase() ?? key;
    return <p className="border-late border-l-4 pl-3 font-semibold">{wording.noPlan(sayBlocking(blocked, name))}</p>;
  }
  const holds = dueMs === null || offer.readyMs <= dueMs;
  return (
    <>
      <h2 className="mb-1">
        {wording.by(
          holds ? '' : '▲ ',
          sets === null || sets === 'bare'
            ? wording.handsDone
            : sets === 'settles'
              ? wording.settled
              : meetsFood
                ? wording.cured
                : wording.toBeHandled,
          dayAndDate(offer.readyMs, zone),
        )}
      </h2>
      <p className="mb-2">
        {wording.nothingThatIsPlanned(
          sets === 'settles' || sets === 'cures' ? wording.handsDoneWith(dayAndDate(offer.stepsEndMs, zone)) : wording.withWord,
        )}
        <span className="text-soft">
          {sets === null
            ? wording.chooseTheLotsTo
            : sets === 'bare'
              ? ''
              : meetsFood
                ? wording.theRestIsAn
                : wording.theRestIsAnEstimate}
        </span>
      </p>
      {offer.latestStartMs !== null ? (
        <p className="mb-2">
          {wording.forThatDateIt}
          <strong className="reading">{clockTime(offer.latestStartMs, zone)}</strong>, {dayAndDate(offer.latestStartMs, zone)}.
        </p>
      ) : null}
      {holds ? null : (
        <div className="mb-3 border-late border-l-4 pl-3">
          <p className="font-semibold">{wording.itCannotBeReady(dayAndDate(dueMs ?? 0, zone))}</p>
          {offer.gives.length > 0 ? (
            <>
              <p>{wording.anyOneOfThese}</p>
              <ul className="list-disc pl-5">
                {offer.gives.map((give) => (
                  <li key={give.what}>{giveWords(give, { pieces, zone })}</li>
                ))}
              </ul>
            </>
          ) : (
            <p>{wording.noneOfTheseAlone(GIVES.map((what) => GIVE_WORDS[what].inVain).join('; '))}</p>
          )}
        </div>
      )}
      {tasks.some((task) => task.room?.advise === 'too-slow') ? (
        <p className="mb-2 border-cure border-l-4 pl-3">{wording.itIsTooCold(say(20, '°C', reads(), 0))}</p>
      ) : null}
      <Steps offer={offer} zone={zone} initials={initials} />
    </>
  );
}

function Steps({ offer, zone, initials }: Pick<Props, 'offer' | 'zone' | 'initials'>) {
  const at = (ms: number): string => clockTime(ms, zone);
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full">
        <Headings
          of={[
            wording.step,
            { says: shared.planned, is: 'pl-3' },
            { says: wording.hands, is: 'pl-3' },
            { says: wording.windowHarmOutsideIt, is: 'pl-3' },
          ]}
        />
        <tbody className="reading">
          {offer.steps.map((step, i) => {
            const of = offer.tasks[i];
            const before = offer.steps[i - 1];
            const { earliestMs, latestMs } = before
              ? windowAfter(offer.tasks[i - 1] as Task, before.endMs)
              : { earliestMs: null, latestMs: null };
            return (
              <tr key={step.id} className="border-hair border-b align-top">
                <td className="py-1">
                  {of?.step.action}
                  {of && of.rounds > 1 ? wording.ofPieces(of.round, of.rounds, of.pieces) : ''}
                  <span className="text-soft"> {of ? sayMinutes(of.handsMin) : ''}</span>
                  {of && roomWords(of, reads()) ? (
                    <span className="block text-sm text-soft">{roomWords(of, reads())}</span>
                  ) : null}
                  {of?.step.house ? <span className="block text-sm">{wording.houseRule(of.step.house.why)}</span> : null}
                </td>
                <td className="py-1 pl-3 font-semibold">{at(step.startMs)}</td>
                <td className="py-1 pl-3">{initials[step.by] ?? ''}</td>
                <td className="py-1 pl-3">
                  {earliestMs === null
                    ? '–'
                    : latestMs === null
                      ? wording.from(at(earliestMs))
                      : `${at(earliestMs)} to ${at(latestMs)}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
