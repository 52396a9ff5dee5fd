import { checkOutside, type Geometry, insideOf, type ProfilePoint, smooth } from '@/core/piece';
import { fail, type Issue, ok, parseLength, parseSizes, type Result } from '@/core/quantity';

export type PointDraft = { readonly key: string; readonly r: string; readonly z: string };
/** A design as it is typed: everything as text. */
export type DesignDraft = {
  readonly name: string;
  readonly cutOn: boolean;
  readonly shape: Geometry['shape'];
  readonly sizes: string;
  readonly grain: 'long' | 'end';
  readonly bowl: string;
  readonly handle: string;
  readonly points: readonly PointDraft[];
  readonly curved: boolean;
  readonly wall: string;
  readonly floor: string;
};

const at = <T>(path: string, result: Result<T>): Result<T> =>
  result.ok ? result : { ok: false, issues: result.issues.map((issue) => ({ ...issue, path })) };

function three(path: string, text: string, says: string): Result<readonly [number, number, number]> {
  const parsed = at(path, parseSizes(text));
  if (!parsed.ok) return parsed;
  const [a, b, c, more] = parsed.value;
  return a !== undefined && b !== undefined && c !== undefined && more === undefined
    ? ok([a, b, c])
    : fail('invalid', path, { detail: says });
}

/** Typed points as millimetres; a radius of 0 is the axis. */
export function pointsOf(points: readonly PointDraft[]): Result<readonly ProfilePoint[]> {
  const issues: Issue[] = [];
  const read = points.map((point, i): ProfilePoint => {
    const value = (text: string): number => {
      if (/^\s*0*([.,]0*)?\s*$/.test(text) && text.trim() !== '') return 0;
      const parsed = parseLength(text);
      if (parsed.ok) return parsed.value;
      issues.push(...parsed.issues.map((issue) => ({ ...issue, path: `points.${i}` })));
      return 0;
    };
    return [value(point.r), value(point.z)];
  });
  return issues.length > 0 ? { ok: false, issues } : ok(read);
}

/** The outside as it is cut: the points, or a smooth curve through them. */
export function outsideOf(draft: DesignDraft): Result<readonly ProfilePoint[]> {
  const points = pointsOf(draft.points);
  if (!points.ok) return points;
  const climbs = checkOutside(points.value);
  if (!climbs.ok)
    return { ok: false, issues: climbs.issues.map((issue) => ({ ...issue, path: issue.path.replace('outer', 'points') })) };
  return ok(draft.curved ? smooth(points.value) : points.value);
}

/** The shape of a typed design, or every fault at its field. */
export function geometryOf(draft: DesignDraft): Result<Geometry> {
  if (draft.shape === 'board') {
    const sizes = three('sizes', draft.sizes, 'length × width × thickness');
    if (!sizes.ok) return sizes;
    const [lengthMm, widthMm, thickMm] = sizes.value;
    return ok({ shape: 'board', lengthMm, widthMm, thickMm, grain: draft.grain });
  }
  if (draft.shape === 'spoon') {
    const bowl = three('bowl', draft.bowl, 'length × width × depth of the bowl');
    const handle = three('handle', draft.handle, 'length × width × thickness of the handle');
    if (!bowl.ok || !handle.ok)
      return { ok: false, issues: [...(bowl.ok ? [] : bowl.issues), ...(handle.ok ? [] : handle.issues)] };
    const [bowlLengthMm, bowlWidthMm, bowlDepthMm] = bowl.value;
    const [handleLengthMm, handleWidthMm, handleThickMm] = handle.value;
    return ok({ shape: 'spoon', bowlLengthMm, bowlWidthMm, bowlDepthMm, handleLengthMm, handleWidthMm, handleThickMm });
  }
  const outer = outsideOf(draft);
  const [wall, floor] = [at('wall', parseLength(draft.wall)), at('floor', parseLength(draft.floor))];
  if (!outer.ok || !wall.ok || !floor.ok)
    return { ok: false, issues: [outer, wall, floor].flatMap((one) => (one.ok ? [] : one.issues)) };
  const inner = insideOf(outer.value, wall.value, floor.value);
  return inner.ok
    ? ok({
        shape: 'turned',
        outer: outer.value.map(([r, z]): [number, number] => [r, z]),
        inner: inner.value.map(([r, z]): [number, number] => [r, z]),
      })
    : inner;
}

/** Rows of `r,z`, in mm, or in inches where the heading says `in`; a heading is not needed. */
export function readProfile(rows: readonly (readonly string[])[]): Result<PointDraft[]> {
  const [first = []] = rows;
  const hasHeading = first.some((cell) => /[a-z]/i.test(cell));
  const unit = hasHeading && first.some((cell) => /\bin(ch|ches)?\b|"/i.test(cell)) ? ' in' : '';
  const body = (hasHeading ? rows.slice(1) : rows).filter((row) => row.some((cell) => cell.trim() !== ''));
  const points = body.map(([r = '', z = ''], i) => ({
    key: `row-${i}`,
    r: r.trim() === '0' ? '0' : `${r.trim()}${unit}`,
    z: z.trim() === '0' ? '0' : `${z.trim()}${unit}`,
  }));
  const read = pointsOf(points);
  if (!read.ok) return { ok: false, issues: read.issues.map((issue) => ({ ...issue, path: 'file' })) };
  return points.length < 2 ? fail('profile-short', 'file') : ok(points);
}
