import type { GateAhead } from '@/core/use';
import { GATE_WORDS } from '@/messages';

type Props = {
  readonly gates: readonly GateAhead[];
  readonly notForFood: boolean;
  /** What must be said first, for this to hold. */
  readonly asks: string | null;
  readonly nameOf: (lotId: number) => string;
  /** Which of unlike pieces it is asked of; absent where they are alike. */
  readonly of?: string | undefined;
};

/** What release will ask of this piece, said before it is begun: which gates fail, which may be signed for, which lot would meet them. */
export function GatesAhead({ gates, notForFood, asks, nameOf, of }: Props) {
  const unmet = gates.filter((gate) => !gate.met);
  return (
    <section aria-label={of ? `What release will ask of ${of}` : 'What release will ask'} className={of ? 'mt-2' : 'mt-4'}>
      {of ? <h3 className="font-semibold">{of}</h3> : <h2 className="mb-1 text-lg">What release will ask</h2>}
      {notForFood ? (
        <p className="border-late border-l-8 bg-paper px-3 py-1 font-semibold text-late">
          ▲ Slip, owner’s page and label will say: Not for food.
        </p>
      ) : null}
      {asks ? <p className="font-semibold">{asks}</p> : null}
      {gates.length === 0 ? <p className="text-soft">It meets no food: nothing is asked of wood or finish for that.</p> : null}
      {gates.length > 0 && unmet.length === 0 ? (
        <p className="text-fit">● Nothing in wood and finish stands against it. Time, checks and cloths come later.</p>
      ) : null}
      <ul>
        {unmet.map((gate) => (
          <li key={gate.id} className="border-hair border-t py-1.5">
            <strong className="text-late">▲ {GATE_WORDS[gate.id].unmet}</strong>{' '}
            {gate.maySign ? 'May be signed for, with a reason.' : 'Nobody may sign for it.'}
            {gate.meetBy.length > 0 ? (
              <span className="block text-sm">
                With{' '}
                {gate.meetBy
                  .slice(0, 3)
                  .map((one) => nameOf(one.id))
                  .join(', or ')}{' '}
                it would be met.
              </span>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  );
}
