import type { HeatLadder as Ladder } from '@/core/blend';
import { say, signOf } from '@/core/quantity';
import { HEAT_WORDS } from '@/messages';
import { heatLadder as wording } from '@/messages/screens/trade';
import { reads } from '@/web/here';

const LOW_C = 15;
const HEIGHT = 210;
const GAP = 22;

type Rung = { readonly name: string; readonly tempC: number; readonly tone: string };

/** Words stand at their rung, pushed up where they would lie over the one below. */
function spread(rungs: readonly Rung[], y: (tempC: number) => number): { readonly rung: Rung; readonly wordY: number }[] {
  let below = Number.POSITIVE_INFINITY;
  return [...rungs]
    .sort((a, b) => a.tempC - b.tempC)
    .map((rung) => {
      const wordY = Math.min(y(rung.tempC), below - GAP);
      below = wordY;
      return { rung, wordY };
    });
}

type Props = {
  readonly heat: Ladder;
  readonly potC?: number | null;
  /** What warms it, where that is said. */
  readonly by?: string;
};

/** Clear, pour, ceiling and flash as rungs of one ladder; with a pot's temperature beside it when there is one. */
export function HeatLadderPicture({ heat, potC, by }: Props) {
  if (heat.heat === 'none')
    return (
      <p className="border-late border-l-4 pl-3 font-semibold">
        {wording.neverHeatThisBlend(heat.clearC === null ? '' : wording.andItsWaxIs)}
      </p>
    );
  if (heat.heat === 'cold')
    return (
      <p className="border-late border-l-4 pl-3">
        <strong>{wording.neverWarmedMadeCold}</strong>
        {wording.shaveTheWaxLeave}
      </p>
    );
  if (heat.clearC === null || heat.pourC === null) return <p className="text-soft">{wording.noWaxInIt}</p>;
  const rungs: Rung[] = [
    { name: 'clear', tempC: heat.clearC, tone: 'var(--wax)' },
    { name: 'pour', tempC: heat.pourC, tone: 'var(--fit)' },
    ...(heat.addBelowC === undefined ? [] : [{ name: wording.solventBelow, tempC: heat.addBelowC, tone: 'var(--wet)' }]),
    ...(heat.holdMaxC === null ? [] : [{ name: 'ceiling', tempC: heat.holdMaxC, tone: 'var(--late)' }]),
  ];
  const top = Math.max(100, ...rungs.map((rung) => rung.tempC), potC ?? 0) + 8;
  const y = (tempC: number): number => HEIGHT - ((Math.max(LOW_C, tempC) - LOW_C) / (top - LOW_C)) * HEIGHT + 14;
  const ceiling = heat.holdMaxC;
  return (
    <figure>
      <figcaption className="flex items-baseline justify-between">
        <h2 className="text-base">{wording.heat(by ?? HEAT_WORDS[heat.heat])}</h2>
        <span className="label">{wording.estimate(reads().temperature === 'F' ? 7 : 4, signOf('°C', reads()))}</span>
      </figcaption>
      <svg
        viewBox={`0 0 230 ${HEIGHT + 30}`}
        className="mt-1 w-full max-w-72"
        role="img"
        aria-label={[
          ...rungs.map((rung) => `${rung.name} ${say(rung.tempC, '°C', reads(), 0)}`),
          potC ? wording.pot(say(potC, '°C', reads(), 0)) : '',
        ]
          .filter(Boolean)
          .join(', ')}
      >
        <line x1={62} x2={62} y1={6} y2={HEIGHT + 24} stroke="var(--ink)" strokeWidth={3} />
        <line x1={102} x2={102} y1={6} y2={HEIGHT + 24} stroke="var(--ink)" strokeWidth={3} />
        {ceiling === null ? null : (
          <rect x={64} width={36} y={6} height={Math.max(0, y(ceiling) - 6)} fill="var(--late)" fillOpacity={0.22} />
        )}
        {ceiling !== null && heat.pourC < ceiling ? (
          <rect x={64} width={36} y={y(ceiling)} height={y(heat.pourC) - y(ceiling)} fill="var(--fit)" fillOpacity={0.22} />
        ) : null}
        {spread(rungs, y).map(({ rung, wordY }) => (
          <g key={rung.name}>
            <line x1={62} x2={102} y1={y(rung.tempC)} y2={y(rung.tempC)} stroke={rung.tone} strokeWidth={5} />
            <path d={`M104 ${y(rung.tempC)}L116 ${wordY}`} stroke="var(--soft)" fill="none" />
            <text x={120} y={wordY + 5} fontSize={16} fill="var(--ink)" className="reading">
              {say(rung.tempC, '°C', reads(), 0)} {rung.name}
            </text>
          </g>
        ))}
        {heat.flashC === null ? null : (
          <text x={120} y={16} fontSize={14} fill="var(--soft)" className="reading">
            {wording.flashFrom(say(heat.flashC, '°C', reads(), 0))}
          </text>
        )}
        {potC === null || potC === undefined ? null : (
          <g>
            <path d={`M60 ${y(potC)}l-14 -8v16z`} fill="var(--ink)" />
            <text x={42} y={y(potC) + 6} fontSize={17} fontWeight={700} textAnchor="end" fill="var(--ink)" className="reading">
              {say(potC, '°C', reads(), 0)}
            </text>
          </g>
        )}
      </svg>
    </figure>
  );
}
