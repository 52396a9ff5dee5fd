import { solveLinear } from '@/core/numeric';
import { fail, ok, type Result } from '@/core/quantity';

/** A point: of a picture in pixels, of a board in millimetres. */
export type Point = readonly [x: number, y: number];
/** Four corners in one turn: of a board seen with its near side down, top left, top right, bottom right, bottom left. */
export type Corners = readonly [Point, Point, Point, Point];
/** A rectangle of a length and a width, from the origin on, as corners. */
export const rectangle = (length: number, width: number): Corners => [
  [0, 0],
  [length, 0],
  [length, width],
  [0, width],
];
/** A plane seen aslant: carries points of one plane to those of another. */
export type Homography = (point: Point) => Point;

/** Whether four corners go round one way without a dent. */
function isConvex(corners: Corners): boolean {
  const turns = corners.map(([x, y], i) => {
    const [x1, y1] = corners[(i + 1) % 4] as Point;
    const [x2, y2] = corners[(i + 2) % 4] as Point;
    return (x1 - x) * (y2 - y1) - (y1 - y) * (x2 - x1);
  });
  return turns.every((turn) => turn > 0) || turns.every((turn) => turn < 0);
}

/** The eight figures of a way from one plane to another: `x' = (a·x + b·y + c)/(g·x + h·y + 1)`, `y' = (d·x + e·y + f)/(…)`. */
export type Plane = readonly [a: number, b: number, c: number, d: number, e: number, f: number, g: number, h: number];

/** The figures of the way that carries four points to four others; an issue where corners are crossed, in a line or one. */
export function planeOf(from: Corners, to: Corners): Result<Plane> {
  if (!isConvex(from) || !isConvex(to)) return fail('corners-crossed', 'corners');
  const rows = from.flatMap(([x, y], i) => {
    const [u, v] = to[i] as Point;
    return [
      [x, y, 1, 0, 0, 0, -x * u, -y * u, u],
      [0, 0, 0, x, y, 1, -x * v, -y * v, v],
    ];
  });
  const found = solveLinear(rows);
  return found ? ok(found as unknown as Plane) : fail('corners-crossed', 'corners');
}

/** The way from one plane to another by four points of each, as a function. */
export function homography(from: Corners, to: Corners): Result<Homography> {
  const plane = planeOf(from, to);
  if (!plane.ok) return plane;
  const [a, b, c, d, e, f, g, h] = plane.value;
  return ok(([x, y]) => {
    const w = g * x + h * y + 1;
    return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
  });
}
