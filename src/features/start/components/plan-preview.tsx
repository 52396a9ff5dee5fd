import { GIVES, type Give, type Offer, type Task, windowAfter } from '@/core/batch';
import { say, sayMinutes } from '@/core/quantity';
import { roomWords, sayBlocking } from '@/messages';
import { clockTime, dayAndDate } from '@/ui/when';
import { reads } from '@/web/reads-here';

const plural = (count: number): string => (count === 1 ? '1 piece' : `${count} pieces`);

type Around = { readonly pieces: number; readonly zone: string };

/** What would have to give, in a maker's words: as it is offered, and as what was tried in vain. */
const GIVE_WORDS: {
  readonly [W in Give['what']]: {
    readonly would: (give: Extract<Give, { readonly what: W }>, around: Around) => string;
    readonly inVain: string;
  };
} = {
  pieces: { would: (give, { pieces }) => `${plural(give.pieces)} instead of ${pieces}`, inVain: 'fewer pieces' },
  warm: {
    would: (give, { zone }) => `curing in the warm cabinet: fit ${dayAndDate(give.readyMs, zone)}`,
    inVain: 'a warm cabinet, where one may be used',
  },
  evenings: { would: ({ until }) => `hands that go on until ${until}`, inVain: 'hands that go on into the evening' },
  after: { would: ({ batch }) => `batch ${batch} left until after it`, inVain: 'another batch left until later' },
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
    return <p className="border-late border-l-4 pl-3 font-semibold">▲ No plan: {sayBlocking(blocked, name)}.</p>;
  }
  const holds = dueMs === null || offer.readyMs <= dueMs;
  return (
    <>
      <h2 className="mb-1">
        {holds ? '' : '▲ '}
        {sets === null || sets === 'bare' ? 'Hands done' : sets === 'settles' ? 'Settled' : meetsFood ? 'Cured' : 'To be handled'}{' '}
        by {dayAndDate(offer.readyMs, zone)}
      </h2>
      <p className="mb-2">
        {sets === 'settles' || sets === 'cures' ? `Hands done ${dayAndDate(offer.stepsEndMs, zone)}, with` : 'With'} nothing that
        is planned moved for it.{' '}
        <span className="text-soft">
          {sets === null
            ? 'Choose the lots to see when its finish is fit.'
            : sets === 'bare'
              ? ''
              : meetsFood
                ? 'The rest is an estimate: nine in ten such batches are fit by then.'
                : 'The rest is an estimate. It meets no food, so it does not wait for the cure for food.'}
        </span>
      </p>
      {offer.latestStartMs !== null ? (
        <p className="mb-2">
          For that date it may start as late as <strong className="reading">{clockTime(offer.latestStartMs, zone)}</strong>,{' '}
          {dayAndDate(offer.latestStartMs, zone)}.
        </p>
      ) : null}
      {holds ? null : (
        <div className="mb-3 border-late border-l-4 pl-3">
          <p className="font-semibold">It cannot be ready by {dayAndDate(dueMs ?? 0, zone)} as it stands.</p>
          {offer.gives.length > 0 ? (
            <>
              <p>Any one of these would do:</p>
              <ul className="list-disc pl-5">
                {offer.gives.map((give) => (
                  <li key={give.what}>{giveWords(give, { pieces, zone })}</li>
                ))}
              </ul>
            </>
          ) : (
            <p>
              None of these alone would do: {GIVES.map((what) => GIVE_WORDS[what].inVain).join('; ')}. Choose another regimen or
              another date.
            </p>
          )}
        </div>
      )}
      {tasks.some((task) => task.room?.advise === 'too-slow') ? (
        <p className="mb-2 border-cure border-l-4 pl-3">
          ▲ It is too cold for it where it will stand: some waits would be more than three times as long as at{' '}
          {say(20, '°C', reads(), 0)}. Warm the place, or begin later.
        </p>
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
        <thead>
          <tr className="label border-ink border-b text-left">
            <th className="py-1 font-normal">Step</th>
            <th className="py-1 pl-3 font-normal">Planned</th>
            <th className="py-1 pl-3 font-normal">Hands</th>
            <th className="py-1 pl-3 font-normal">Window: harm outside it</th>
          </tr>
        </thead>
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
                  {of && of.rounds > 1 ? ` (${of.round} of ${of.rounds}, ${of.pieces} pieces)` : ''}
                  <span className="text-soft"> {of ? sayMinutes(of.handsMin) : ''}</span>
                  {of && roomWords(of, reads()) ? (
                    <span className="block text-sm text-soft">{roomWords(of, reads())}</span>
                  ) : null}
                  {of?.step.house ? <span className="block text-sm">House rule: {of.step.house.why}.</span> : null}
                </td>
                <td className="py-1 pl-3 font-semibold">{at(step.startMs)}</td>
                <td className="py-1 pl-3">{initials[step.by] ?? ''}</td>
                <td className="py-1 pl-3">
                  {earliestMs === null
                    ? '–'
                    : latestMs === null
                      ? `from ${at(earliestMs)}`
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
