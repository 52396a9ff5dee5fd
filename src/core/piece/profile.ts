import { fail, ok, type Result } from '@/core/quantity';

/** A point of half a section: radius and height, mm, from the foot up to the rim. */
export type ProfilePoint = readonly [r: number, z: number];

/** Straight pieces a smooth curve is drawn with between two points. */
const PIECES = 8;

/** Slopes `dr/dz` at the points that keep the curve between them: Fritsch and Carlson's monotone cubic. */
function slopes(points: readonly ProfilePoint[]): number[] {
  const run = (i: number): number => (points[i + 1] as ProfilePoint)[1] - (points[i] as ProfilePoint)[1];
  const secant = points.slice(1).map((point, i) => (point[0] - (points[i] as ProfilePoint)[0]) / run(i));
  return points.map((_, i) => {
    const [before, after] = [secant[i - 1], secant[i]];
    if (before === undefined || after === undefined) return before ?? after ?? 0;
    if (before * after <= 0) return 0;
    // The weighted harmonic mean of the slopes on either side.
    const [w1, w2] = [2 * run(i) + run(i - 1), run(i) + 2 * run(i - 1)];
    return (w1 + w2) / (w1 / before + w2 / after);
  });
}

/** A smooth curve through points that climb, as short straight pieces; it never runs past a point. */
export function smooth(points: readonly ProfilePoint[]): ProfilePoint[] {
  if (points.length < 3) return [...points];
  const slope = slopes(points);
  const curve: ProfilePoint[] = [points[0] as ProfilePoint];
  points.slice(1).forEach((end, i) => {
    const start = points[i] as ProfilePoint;
    const h = end[1] - start[1];
    for (let step = 1; step <= PIECES; step++) {
      const t = step / PIECES;
      // Cubic Hermite: r = h00·r0 + h10·h·m0 + h01·r1 + h11·h·m1
      const r =
        (2 * t ** 3 - 3 * t ** 2 + 1) * start[0] +
        (t ** 3 - 2 * t ** 2 + t) * h * (slope[i] ?? 0) +
        (3 * t ** 2 - 2 * t ** 3) * end[0] +
        (t ** 3 - t ** 2) * h * (slope[i + 1] ?? 0);
      curve.push(step === PIECES ? end : [Math.max(0, r), start[1] + h * t]);
    }
  });
  return curve;
}

/** Where a profile is at a height, straight between its points; null above or below it. */
function radiusAt(profile: readonly ProfilePoint[], z: number): number | null {
  for (let i = 1; i < profile.length; i++) {
    const [a, b] = [profile[i - 1] as ProfilePoint, profile[i] as ProfilePoint];
    if (z >= Math.min(a[1], b[1]) && z <= Math.max(a[1], b[1]))
      return a[1] === b[1] ? Math.max(a[0], b[0]) : a[0] + ((b[0] - a[0]) * (z - a[1])) / (b[1] - a[1]);
  }
  return null;
}

/** An outside must climb from foot to rim: one that goes back on itself cannot be measured, or turned with one tool. */
export function checkOutside(outer: readonly ProfilePoint[]): Result<void> {
  if (outer.length < 2) return fail('profile-short', 'outer');
  const back = outer.findIndex((point, i) => i > 0 && point[1] <= (outer[i - 1] as ProfilePoint)[1]);
  if (back > 0) return fail('profile-backwards', `outer.${back}`);
  return outer.some(([r]) => r < 0) ? fail('must-not-be-negative', 'outer') : ok(undefined);
}

/** Where the inside meets the floor; where its slope reaches the axis above the floor, it ends there in a point. */
function floorEdge(climbing: readonly ProfilePoint[], floor: number): ProfilePoint | null {
  const met = radiusAt(climbing, floor);
  if (met !== null) return met > 0 ? [met, floor] : null;
  const [a, b] = climbing;
  if (!a || !b || a[1] < floor) return null;
  const slope = (b[0] - a[0]) / (b[1] - a[1]);
  const r = a[0] - slope * (a[1] - floor);
  if (r > 0) return [r, floor];
  return a[0] > 0 && slope > 0 ? [0, a[1] - a[0] / slope] : null;
}

/** Heights looked at when an inside is held against its outside, mm apart. */
const LOOK_MM = 1;

/**
 * The inside of a hollow form from its outside: a wall of one thickness, measured square to it, over a floor.
 * @returns points from the floor's edge up to the rim; an issue where the wall is too thick for the form or reaches through it
 */
export function insideOf(outer: readonly ProfilePoint[], wallMm: number, floorMm: number): Result<ProfilePoint[]> {
  const fine = checkOutside(outer);
  if (!fine.ok) return fine;
  const [foot, rim] = [outer[0] as ProfilePoint, outer.at(-1) as ProfilePoint];
  const floor = foot[1] + floorMm;
  if (floor >= rim[1]) return fail('profile-thick', 'floor');
  const offset = outer.map((point, i): ProfilePoint => {
    const [a, b] = [outer[Math.max(0, i - 1)] as ProfilePoint, outer[Math.min(outer.length - 1, i + 1)] as ProfilePoint];
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    // Square to the wall, inwards: the direction (dr, dz) turned by a quarter.
    return [point[0] - (wallMm * (b[1] - a[1])) / length, point[1] + (wallMm * (b[0] - a[0])) / length];
  });
  const climbing = offset.filter((point, i) => i === 0 || point[1] > Math.max(...offset.slice(0, i).map((one) => one[1])));
  const start = floorEdge(climbing, floor);
  if (!start) return fail('profile-thick', 'wall');
  const inside: ProfilePoint[] = [
    start,
    ...climbing.filter(([, z]) => z > start[1] + 1e-9 && z < rim[1] - 1e-9),
    [rim[0] - wallMm, rim[1]],
  ];
  if (inside.slice(1).some(([r]) => r <= 0)) return fail('profile-thick', 'wall');
  return checkInside(outer, inside).ok ? ok(inside) : fail('profile-undercut', 'wall');
}

/** The widest radius of a profile at a height, mm; null where it does not reach there. */
function widestAt(profile: readonly ProfilePoint[], z: number): number | null {
  const radii = profile.slice(1).flatMap(([r2, z2], i) => {
    const [r1, z1] = profile[i] as ProfilePoint;
    if (z < Math.min(z1, z2) || z > Math.max(z1, z2)) return [];
    return z1 === z2 ? [r1, r2] : [r1 + ((r2 - r1) * (z - z1)) / (z2 - z1)];
  });
  return radii.length > 0 ? Math.max(...radii) : null;
}

/** Radii this close are the same, mm. */
const RADIUS_SLACK_MM = 1e-9;

/** Whether an inside breaks out of its outside: wider than it at the height of any point of either, or below the foot. */
export function breaksOut(outer: readonly ProfilePoint[], inner: readonly ProfilePoint[]): boolean {
  const foot = outer[0]?.[1] ?? 0;
  if (inner.some(([, z]) => z < foot - RADIUS_SLACK_MM)) return true;
  return [...outer, ...inner].some(([, z]) => {
    const [out, within] = [widestAt(outer, z), widestAt(inner, z)];
    return out !== null && within !== null && within > out + RADIUS_SLACK_MM;
  });
}

/** An inside must stay within its outside at every height, with a wall between. */
export function checkInside(outer: readonly ProfilePoint[], inner: readonly ProfilePoint[]): Result<void> {
  if (breaksOut(outer, inner)) return fail('profile-undercut', 'inner');
  const top = outer.at(-1)?.[1] ?? 0;
  for (let z = inner[0]?.[1] ?? 0; z <= top; z += LOOK_MM) {
    const [out, into] = [radiusAt(outer, z), radiusAt(inner, z)];
    if (out !== null && into !== null && into >= out - 1e-6) return fail('profile-undercut', 'inner');
  }
  return ok(undefined);
}
