import type { RingFacts } from '@/core/batch';
import { ringLegend as wording } from '@/messages/screens/trade';
import { Fold } from '@/ui/fold';
import { Ring } from '@/ui/ring';

const BASE: RingFacts = { coats: 1, coatsPlanned: 3, state: 'resting', travel: null, overdue: false, cured: 0 };
/** One of each that the ring can say, in the order of the work. */
const SAYS: readonly (readonly [facts: RingFacts, name: string, says: string])[] = [
  [{ ...BASE, coats: 0, state: 'prep' }, wording.inPreparation, wording.aFaintRingFor],
  [{ ...BASE, state: 'wet', travel: 0.6 }, 'Wet', wording.oneDarkRingFor],
  [{ ...BASE, travel: 1.4 }, 'Resting', wording.betweenTheNotchesIs],
  [{ ...BASE, state: 'wet', travel: 2.4, overdue: true }, 'Late', wording.pastTheSecondNotch],
  [{ ...BASE, coats: 3, state: 'curing', cured: 0.55 }, 'Curing', wording.theWoodFillsWith],
  [{ ...BASE, coats: 3, state: 'released', cured: 1 }, 'Released', wording.allItsCoatsAnd],
];

/** What the ring says: open to who has not released a batch yet, afterwards at a touch. */
export function RingLegend({ open }: { readonly open: boolean }) {
  return (
    <Fold open={open} className="mt-3" says={wording.howToReadA}>
      <ul className="grid gap-x-6 gap-y-2 bench:grid-cols-3 wide:grid-cols-6">
        {SAYS.map(([facts, name, says], i) => (
          <li key={name} className="flex items-center gap-3">
            <Ring facts={facts} seed={i + 3} size={48} title={name} />
            <span className="text-sm leading-5">
              <strong className="block">{name}</strong>
              <span className="text-soft">{says}</span>
            </span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
