import 'server-only';
import { daysBetween, say } from '@/core/quantity';
import type { BathState } from '@/data/bath/bath';
import { Why } from '@/trade/why';
import { Link } from '@/ui/link';
import { clockTime } from '@/ui/when';
import { reads } from '@/web/reads-here';

type Props = {
  readonly state: BathState;
  /** Whether it was seen clear lately and when it was strained last, as dates. */
  readonly lastClear: boolean | null;
  readonly strainedOn: string | null;
  readonly startedOn: string;
  readonly today: string;
  readonly zone: string;
  readonly nowMs: number;
};

/** After so many days of use the oil of a bath is strained whatever it looks like. Source: working estimate. */
const STRAIN_DAYS = 30;
/** A bath this much short of its fill is topped up. Source: working estimate. */
const TOP_UP_SHARE = 0.1;

/** A bath at work: its level with the pieces under, what they will carry out, when to top it up and when to strain it. */
export function Bath({ state, lastClear, strainedOn, startedOn, today, zone, nowMs }: Props) {
  const { oilMl, displacedMl, inIt, uptakeG, filledG, topUpG, leftMl } = state;
  const sinceStrained = daysBetween(strainedOn ?? startedOn, today);
  const wants = [
    ...(topUpG > TOP_UP_SHARE * filledG
      ? [`top it up with ${say(topUpG, 'g', reads())}: that much has left it since it was filled`]
      : []),
    ...(lastClear === false ? ['strain it through linen: it was cloudy when last looked at'] : []),
    ...(lastClear !== false && sinceStrained > STRAIN_DAYS ? [`strain it: ${sinceStrained} days since it was`] : []),
  ];
  return (
    <section aria-label="The bath" className="mt-5 border-ink border-y-2 py-3">
      <p className="reading text-xl">
        Stands at <strong>{say(oilMl + displacedMl, 'ml', reads())}</strong>
        {displacedMl > 0 ? (
          <span className="text-base text-soft">
            {' '}
            = {say(oilMl, 'ml', reads())} of oil + {say(displacedMl, 'ml', reads())} of pieces under
          </span>
        ) : null}
      </p>
      {inIt.map((one) => (
        <p key={one.number}>
          <Link href={`/work/${one.number}`}>{one.number}</Link>: {one.pieces} pieces, in since{' '}
          {clockTime(one.sinceMs, zone, nowMs)}
        </p>
      ))}
      {inIt.length > 0 ? (
        <p className="text-soft">
          They will carry out about {say(uptakeG, 'g', reads())}: it falls to {say(leftMl, 'ml', reads())} when they come out. An
          estimate.
        </p>
      ) : (
        <p className="text-soft">Nothing is in it.</p>
      )}
      {wants.length > 0 ? (
        wants.map((text) => (
          <p key={text} className="mt-1 border-cure border-l-4 pl-3">
            Next time: {text}.
          </p>
        ))
      ) : (
        <p className="mt-1 border-fit border-l-4 pl-3">Clear and full enough; strained {sinceStrained} days ago.</p>
      )}
      <p className="text-soft">
        A bath or a brush: makers disagree. <Why of="bath" />
      </p>
    </section>
  );
}
