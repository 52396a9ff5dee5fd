import type { Need } from '@/core/cost';
import { formatMoney, say } from '@/core/quantity';
import type { Regimen } from '@/core/regimen';
import { needs as wording } from '@/messages/screens/start';
import { reads } from '@/web/here';

type NeedsProps = {
  readonly needs: readonly Need[];
  readonly regimen: Regimen | undefined;
  readonly pieces: number;
  readonly currency: string;
};

/** What a batch takes of each lot, and what that costs a piece. */
export function NeedsPanel({ needs, regimen, pieces, currency }: NeedsProps) {
  const known = needs.every((need) => need.minor !== null);
  const total = needs.reduce((sum, need) => sum + (need.minor ?? 0), 0);
  const weighed = Math.max(0, ...needs.map((need) => need.records));
  return (
    <p className="mt-4">
      {needs.map((need) => (
        <span key={need.slot} className={need.short ? 'font-semibold text-late' : ''}>
          {need.short ? '▲ ' : ''}
          <span className="reading font-semibold">{say(need.grams, 'g', reads())}</span>{' '}
          {regimen?.slots.find((one) => one.slot === need.slot)?.name.toLowerCase()}
          {need.short ? wording.moreThanTheLot : ''},{' '}
        </span>
      ))}
      {needs.length === 0 ? (
        wording.noFinish
      ) : known ? (
        <span className="reading">{wording.ofFinishAPiece(formatMoney(total / pieces, currency))}</span>
      ) : (
        wording.chooseTheLotsTo
      )}
      <span className="text-soft">
        {wording.anEstimateFromSurface(weighed > 0 ? wording.movedByOfYour(weighed) : wording.weighingACoatPuts)}
      </span>
    </p>
  );
}
