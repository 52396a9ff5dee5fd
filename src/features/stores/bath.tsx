import 'server-only';
import { daysBetween, say } from '@/core/quantity';
import type { BathState } from '@/data/bath/bath';
import { bath as wording } from '@/messages/screens/stores';
import { Why } from '@/trade/why';
import { Link } from '@/ui/link';
import { clockTime } from '@/ui/when';
import { reads } from '@/web/here';

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
    ...(topUpG > TOP_UP_SHARE * filledG ? [wording.topItUpWith(say(topUpG, 'g', reads()))] : []),
    ...(lastClear === false ? [wording.strainItThroughLinen] : []),
    ...(lastClear !== false && sinceStrained > STRAIN_DAYS ? [wording.strainItDaysSince(sinceStrained)] : []),
  ];
  return (
    <section aria-label={wording.theBath} className="mt-5 border-ink border-y-2 py-3">
      <p className="reading text-xl">
        {wording.standsAt}
        <strong>{say(oilMl + displacedMl, 'ml', reads())}</strong>
        {displacedMl > 0 ? (
          <span className="text-base text-soft">
            {wording.ofOilOfPieces(say(oilMl, 'ml', reads()), say(displacedMl, 'ml', reads()))}
          </span>
        ) : null}
      </p>
      {inIt.map((one) => (
        <p key={one.number}>
          <Link href={`/work/${one.number}`}>{one.number}</Link>
          {wording.piecesInSince(one.pieces, clockTime(one.sinceMs, zone, nowMs))}
        </p>
      ))}
      {inIt.length > 0 ? (
        <p className="text-soft">{wording.theyWillCarryOut(say(uptakeG, 'g', reads()), say(leftMl, 'ml', reads()))}</p>
      ) : (
        <p className="text-soft">{wording.nothingIsInIt}</p>
      )}
      {wants.length > 0 ? (
        wants.map((text) => (
          <p key={text} className="mt-1 border-cure border-l-4 pl-3">
            {wording.nextTime(text)}
          </p>
        ))
      ) : (
        <p className="mt-1 border-fit border-l-4 pl-3">{wording.clearAndFullEnough(sinceStrained)}</p>
      )}
      <p className="text-soft">
        {wording.aBathOrA}
        <Why of="bath" />
      </p>
    </section>
  );
}
