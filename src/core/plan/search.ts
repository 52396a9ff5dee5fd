import { intersect, type Span, shift } from './spans';

/** One job of the chain in whole minutes; `most` is Infinity where nothing spoils. */
export type ChainLink = { readonly hands: number; readonly least: number; readonly ideal: number; readonly most: number };

/** Where each job may start. `reach[i]` is empty from the first job that cannot be. */
export type Reach = readonly (readonly Span[])[];

/**
 * The minutes at which each job may start, going forward: inside an opening long enough, and reached from the job before.
 * `R_0 = S_0 ∩ [earliest, …]`, `R_{i+1} = S_{i+1} ∩ (R_i + hands_i + [least, most])`
 */
export function reachable(links: readonly ChainLink[], openings: readonly Span[], first: Span): Reach {
  const reach: Span[][] = [];
  let from: Span[] = [first];
  for (const { hands, least, most } of links) {
    const fits = openings.filter(([open, close]) => close - open >= hands).map(([open, close]): Span => [open, close - hands]);
    const starts = intersect(fits, from);
    reach.push(starts);
    from = shift(starts, hands + least, hands + most);
  }
  return reach;
}

/** Costs of one job by start minute, on `[from, from + cost.length)`; Infinity where it may not start. */
type Costs = { readonly from: number; readonly cost: Float64Array };

/** The least of `key` over a window sliding to the right by one each step; windows past the ends are cut. */
function slidingLeast(
  size: number,
  key: (index: number) => number,
  lowOf: (t: number) => number,
  highOf: (t: number) => number,
  take: (t: number, least: number) => void,
  count: number,
): void {
  const queue = new Int32Array(size);
  let [head, tail, added] = [0, 0, 0];
  for (let t = 0; t < count; t++) {
    const high = Math.min(highOf(t), size - 1);
    for (; added <= high; added++) {
      const value = key(added);
      if (value === Number.POSITIVE_INFINITY) continue;
      while (tail > head && key(queue[tail - 1] as number) >= value) tail--;
      queue[tail++] = added;
    }
    const low = lowOf(t);
    while (head < tail && (queue[head] as number) < low) head++;
    if (head < tail) take(t, key(queue[head] as number));
  }
}

/**
 * Least cost of going on from each start minute: `f_i(t) = min over s of |s − (t + hands + ideal)|·weight + f_{i+1}(s)`,
 * s in the window. Short of the ideal and past it are two sliding minima, of `f(s) − s` and of `f(s) + s`.
 */
function costsBefore(link: ChainLink, starts: readonly Span[], next: Costs, weight: number): Costs {
  const from = starts[0]?.[0] ?? 0;
  const to = starts.at(-1)?.[1] ?? from - 1;
  const cost = new Float64Array(to - from + 1).fill(Number.POSITIVE_INFINITY);
  const size = next.cost.length;
  const at = (index: number): number => next.cost[index] as number;
  const offset = from + link.hands - next.from;
  const better = (t: number, value: number): void => {
    if (value < (cost[t] as number)) cost[t] = value;
  };
  const ideal = offset + link.ideal;
  slidingLeast(
    size,
    (s) => at(s) - weight * s,
    (t) => t + offset + link.least,
    (t) => t + ideal,
    (t, least) => better(t, least + weight * (t + ideal)),
    cost.length,
  );
  slidingLeast(
    size,
    (s) => at(s) + weight * s,
    (t) => t + ideal,
    (t) => t + offset + link.most,
    (t, least) => better(t, least - weight * (t + ideal)),
    cost.length,
  );
  let minute = from;
  for (const [low, high] of starts) {
    cost.fill(Number.POSITIVE_INFINITY, minute - from, low - from);
    minute = high + 1;
  }
  return { from, cost };
}

const leastIn = ({ from, cost }: Costs, low: number, high: number, extra: (minute: number) => number): number => {
  let best = -1;
  let least = Number.POSITIVE_INFINITY;
  for (let minute = Math.max(from, low); minute <= Math.min(from + cost.length - 1, high); minute++) {
    const value = (cost[minute - from] as number) + extra(minute);
    if (value < least) [best, least] = [minute, value];
  }
  return best;
};

/** Past any sum of deviations in a horizon of 400 days and any number of steps a maker has. */
const BIG = 2 ** 30;

/**
 * Start minutes of every job, exact: by `soonest` the earliest end and then the least deviation, by `ideal` the other way round;
 * of equal plans the one whose first differing job starts earlier. `pending` is what is waited for before the first job, if anything.
 */
export function bestStarts(
  links: readonly ChainLink[],
  reach: Reach,
  prefer: 'soonest' | 'ideal',
  idealFirst: number | undefined,
): number[] {
  const last = links.length - 1;
  const endsFirst = prefer === 'soonest';
  const lastStarts = reach[last] as readonly Span[];
  const earliest = lastStarts[0]?.[0] ?? 0;
  const kept: readonly Span[] = endsFirst ? [[earliest, earliest]] : lastStarts;
  const weight = endsFirst ? 1 : BIG;
  const from = kept[0]?.[0] ?? 0;
  const cost = new Float64Array((kept.at(-1)?.[1] ?? from) - from + 1).fill(Number.POSITIVE_INFINITY);
  for (const [low, high] of kept) for (let t = low; t <= high; t++) cost[t - from] = endsFirst ? 0 : t;
  const costs: Costs[] = [{ from, cost }];
  for (let i = last - 1; i >= 0; i--) {
    const ahead = reach[i] as readonly Span[];
    // Nothing later than the next job's last useful start can matter.
    const useful = intersect(ahead, [[Number.NEGATIVE_INFINITY, (costs[0] as Costs).from + (costs[0] as Costs).cost.length]]);
    costs.unshift(costsBefore(links[i] as ChainLink, useful, costs[0] as Costs, weight));
  }
  const first = costs[0] as Costs;
  const starts = [
    leastIn(first, first.from, Number.POSITIVE_INFINITY, (t) =>
      idealFirst === undefined ? 0 : weight * Math.abs(t - idealFirst),
    ),
  ];
  for (let i = 1; i <= last; i++) {
    const link = links[i - 1] as ChainLink;
    const ready = (starts[i - 1] as number) + link.hands;
    starts.push(
      leastIn(costs[i] as Costs, ready + link.least, ready + link.most, (s) => weight * Math.abs(s - ready - link.ideal)),
    );
  }
  return starts;
}
