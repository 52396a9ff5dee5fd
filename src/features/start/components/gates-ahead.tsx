import type { GateAhead } from '@/core/use';
import { GATE_WORDS } from '@/messages';
import { gatesAhead as wording } from '@/messages/screens/start';

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
    <section aria-label={of ? wording.whatReleaseWillAsk(of) : wording.whatReleaseWillAsk2} className={of ? 'mt-2' : 'mt-4'}>
      {of ? <h3 className="font-semibold">{of}</h3> : <h2 className="mb-1 text-lg">{wording.whatReleaseWillAsk2}</h2>}
      {notForFood ? (
        <p className="border-late border-l-8 bg-paper px-3 py-1 font-semibold text-late">{wording.slipOwnersPageAnd}</p>
      ) : null}
      {asks ? <p className="font-semibold">{asks}</p> : null}
      {gates.length === 0 ? <p className="text-soft">{wording.itMeetsNoFood}</p> : null}
      {gates.length > 0 && unmet.length === 0 ? <p className="text-fit">{wording.nothingInWoodAnd}</p> : null}
      <ul>
        {unmet.map((gate) => (
          <li key={gate.id} className="border-hair border-t py-1.5">
            <strong className="text-late">▲ {GATE_WORDS[gate.id].unmet}</strong>{' '}
            {gate.maySign ? wording.mayBeSignedFor : wording.nobodyMaySignFor}
            {gate.meetBy.length > 0 ? (
              <span className="block text-sm">
                {wording.withItWouldBe(
                  gate.meetBy
                    .slice(0, 3)
                    .map((one) => nameOf(one.id))
                    .join(', or '),
                )}
              </span>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  );
}
