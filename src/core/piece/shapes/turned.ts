import { z } from 'zod';
import { MOST } from '@/core/contract';
import { atPath, type Issue, ok, parseLength, type Reads, type Result } from '@/core/quantity';
import { breaksOut, checkOutside, insideOf, type ProfilePoint, smooth } from '../profile';
import type { Surface } from '../surfaces';
import { type Face, face, mmOrNone, shape, TURNED_END_SHARE } from './shape';
import { both, type DesignDraft, made, type PointDraft } from './typed';

/** A profile point `[radius, height]` in mm, from foot to rim; a radius of 0 is the axis. */
const profile = z
  .array(z.tuple([mmOrNone, z.number().min(-MOST.millimetres).max(MOST.millimetres)]))
  .min(2)
  .max(2000);
const solid = z.object({
  shape: z.literal('turned'),
  outer: profile,
  /** Empty or left out: solid. */ inner: z.union([profile, z.tuple([])]).optional(),
});
type Turned = z.output<typeof solid>;

const hasInside = ({ inner }: Turned): boolean => inner !== undefined && inner.length > 0;

/** A frustum's skin: `π(r1 + r2)·√((r1 − r2)² + (z1 − z2)²)`. */
const frustum = ([r1, z1]: ProfilePoint, [r2, z2]: ProfilePoint): number => Math.PI * (r1 + r2) * Math.hypot(r1 - r2, z1 - z2);
const skin = (points: readonly ProfilePoint[]): number =>
  points.slice(1).reduce((sum, point, index) => sum + frustum(points[index] as ProfilePoint, point), 0);
const bottom = (points: readonly ProfilePoint[]): number => Math.PI * (points[0]?.[0] ?? 0) ** 2;

/** Volume between a profile and the axis: `Σ π·h/3·(r1² + r1·r2 + r2²)`, mm³. */
const within = (points: readonly ProfilePoint[]): number =>
  points.slice(1).reduce((sum, [r2, z2], i) => {
    const [r1, z1] = points[i] as ProfilePoint;
    return sum + (Math.PI * Math.abs(z2 - z1) * (r1 * r1 + r1 * r2 + r2 * r2)) / 3;
  }, 0);

/** Its outer skin and foot, and its inside and rim; with nothing inside, a disc at its upper end. */
function faces(one: Turned): Face[] {
  const { outer, inner = [] } = one;
  const of = (surface: Surface, areaMm2: number): Face => face(surface, areaMm2, TURNED_END_SHARE);
  const outside = [of('foot', bottom(outer)), of('outside', skin(outer))];
  if (!hasInside(one)) return [...outside, of('top', Math.PI * (outer.at(-1)?.[0] ?? 0) ** 2)];
  const [R, r] = [outer.at(-1)?.[0] ?? 0, inner.at(-1)?.[0] ?? 0];
  // Rims of unequal height are joined as if level.
  const rim = Math.PI * Math.abs(R ** 2 - r ** 2);
  return [...outside, of('inside', skin(inner) + bottom(inner)), of('rim', rim)];
}

/** Typed points as millimetres; a radius of 0 is the axis. */
export function pointsOf(points: readonly PointDraft[], reads: Reads): Result<readonly ProfilePoint[]> {
  const issues: Issue[] = [];
  const read = points.map((point, i): ProfilePoint => {
    const value = (text: string): number => {
      const plain = text.trim();
      if (plain !== '' && /^0*(?:[.,]0*)?$/.test(plain)) return 0;
      const parsed = parseLength(text, reads);
      if (parsed.ok) return parsed.value;
      issues.push(...parsed.issues.map((issue) => ({ ...issue, path: `points.${i}` })));
      return 0;
    };
    return [value(point.r), value(point.z)];
  });
  return issues.length > 0 ? { ok: false, issues } : ok(read);
}

/** The outside as it is cut: the points, or a smooth curve through them. */
export function outsideOf(draft: Pick<DesignDraft, 'points' | 'curved'>, reads: Reads): Result<readonly ProfilePoint[]> {
  const points = pointsOf(draft.points, reads);
  if (!points.ok) return points;
  const climbs = checkOutside(points.value);
  if (!climbs.ok)
    return { ok: false, issues: climbs.issues.map((issue) => ({ ...issue, path: issue.path.replace('outer', 'points') })) };
  return ok(draft.curved ? smooth(points.value) : points.value);
}

const pairs = (points: readonly ProfilePoint[]): [number, number][] => points.map(([r, z]) => [r, z]);

function read(draft: DesignDraft, reads: Reads): Result<Turned> {
  const outer = outsideOf(draft, reads);
  if (draft.solid) return made(outer, (points) => ({ shape: 'turned', outer: pairs(points) }));
  const walls = both(atPath('wall', parseLength(draft.wall, reads)), atPath('floor', parseLength(draft.floor, reads)));
  const typed = both(outer, walls);
  if (!typed.ok) return typed;
  const [outside, [wall, floor]] = typed.value;
  return made(insideOf(outside, wall, floor), (inside) => ({ shape: 'turned', outer: pairs(outside), inner: pairs(inside) }));
}

export const turned = shape({
  solid,
  called: [
    {
      words: ['bowl', 'dish'],
      usual: {
        shape: 'turned',
        outer: [
          [45, 0],
          [100, 40],
          [110, 80],
        ],
        inner: [
          [40, 10],
          [92, 45],
          [102, 80],
        ],
      },
    },
    {
      words: ['cup', 'goblet', 'mug', 'vase', 'pot'],
      usual: {
        shape: 'turned',
        outer: [
          [30, 0],
          [40, 50],
          [42, 90],
        ],
        inner: [
          [25, 8],
          [34, 50],
          [36, 90],
        ],
      },
    },
    {
      words: ['handle', 'knob', 'pin', 'peg', 'spurtle', 'muddler'],
      usual: {
        shape: 'turned',
        outer: [
          [12, 0],
          [15, 60],
          [12, 130],
        ],
      },
    },
  ],
  uses: ['food-wet'],
  // With nothing inside there is no side that food keeps to.
  offFood: (one) => (hasInside(one) ? ['outside', 'foot'] : []),
  faces,
  unfit: ({ outer, inner }) => (inner && breaksOut(outer, inner) ? { code: 'inside-breaks-out', path: 'inner' } : null),
  woodMm3: ({ outer, inner }) => Math.max(0, within(outer) - (inner ? within(inner) : 0)),
  standsMm: ({ outer }) => 2 * Math.max(...outer.map(([r]) => r)),
  read,
  asPart: null,
});
