import type { Peg } from './pegs';

/** Steps of one person that lie so close that a finger cannot tell them apart stand together. */
export type Cluster = {
  readonly pegs: readonly Peg[];
  /** Where it begins and how far its hand-work goes, per cent of the row. */
  readonly left: number;
  readonly width: number;
  /** How far it may spread before the next one, per cent. */
  readonly room: number;
};
export type Lane = { readonly who: string; readonly clusters: readonly Cluster[] };

/** A finger's width on the narrowest row, per cent of it. */
export const FINGER = 5;
/** A sign never spreads further than this for its words, per cent. */
const MOST_ROOM = 26;

function clustersOf(pegs: readonly Peg[], at: (ms: number) => number): Cluster[] {
  // What comes late in the day still has a finger's width before the row ends.
  const leftOf = (peg: Peg | undefined): number => (peg ? Math.min(100 - FINGER, at(peg.fromMs)) : 100);
  const groups: Peg[][] = [];
  for (const peg of [...pegs].sort((a, b) => a.fromMs - b.fromMs)) {
    const last = groups.at(-1);
    if (last && leftOf(peg) - leftOf(last[0]) < FINGER) last.push(peg);
    else groups.push([peg]);
  }
  return groups.map((group, i) => {
    const left = leftOf(group[0]);
    const room = Math.min(MOST_ROOM, leftOf(groups[i + 1]?.[0]) - left);
    const end = Math.max(...group.map((peg) => at(peg.toMs)));
    return { pegs: group, left, width: Math.min(room, Math.max(0.5, end - left)), room };
  });
}

/** The hand-work of one day: a row for each person, in the order of the crew, each step or cluster with the room it has. */
export const lanesOf = (pegs: readonly Peg[], crew: readonly string[], at: (ms: number) => number): Lane[] =>
  [...crew, ...new Set(pegs.map((peg) => peg.who).filter((who) => !crew.includes(who)))].flatMap((who) => {
    const own = pegs.filter((peg) => peg.who === who);
    return own.length > 0 ? [{ who, clusters: clustersOf(own, at) }] : [];
  });
