import { melt } from '@/core/melt';
import { MS_PER_MINUTE } from '@/core/quantity';
import { noise, type Sim } from './line';

/** What stands on the heat: the rehearsal's own input, for as long as it is watched. */
type Pot = Parameters<typeof melt>[0];

/** A thermometer that is not there: it follows the rehearsed pot, a little behind and a little unsteady. */
export function practiceThermometer({
  seed,
  pot,
  startMin,
}: {
  readonly seed: number;
  readonly pot: Pot;
  readonly startMin: number;
}): Sim & { readonly unplug: () => void; readonly plug: () => void } {
  const random = noise(seed);
  const run = melt(pot);
  const trace = run.ok ? run.value.trace : [];
  let minute = startMin;
  let plugged = true;
  return {
    step: (ms) => {
      minute += ms / MS_PER_MINUTE;
      if (!plugged) return null;
      const row = trace.find((one) => one.min >= minute) ?? trace.at(-1);
      return `temp=${((row?.potC ?? 20) + (random() - 0.5) * 0.6).toFixed(1)};unit=C;rest=1`;
    },
    tare: () => undefined,
    unplug: () => {
      plugged = false;
    },
    plug: () => {
      plugged = true;
    },
  };
}
