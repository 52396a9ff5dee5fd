import type { PieceUse } from '@/core/material';
import { checkOutside, insideOf, type ProfilePoint, smooth } from './profile';
import type { Geometry } from './schema';
import { fail, type Issue, ok, parseLength, parsePositive, parseSizes, type Result, atPath } from '@/core/quantity';

export type PointDraft = { readonly key: string; readonly r: string; readonly z: string };
/** A design as it is typed: everything as text. */
export type DesignDraft = {
  readonly name: string;
  readonly uses: readonly PieceUse[];
  readonly tableware: boolean;
  readonly shape: Geometry['shape'];
  readonly sizes: string;
  readonly grain: 'long' | 'end';
  readonly bowl: string;
  readonly handle: string;
  readonly points: readonly PointDraft[];
  readonly curved: boolean;
  readonly wall: string;
  readonly floor: string;
  readonly groove: string;
  readonly hole: string;
  readonly engraved: string;
  readonly lid: boolean;
};

function three(path: string, text: string, says: string): Result<readonly [number, number, number]> {
  const parsed = atPath(path, parseSizes(text));
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

/** Typed sizes that may be left empty, so many of them. */
function sizesOrNone(path: string, text: string, count: number, says: string): Result<readonly number[] | null> {
  if (text.trim() === '') return ok(null);
  const parsed = atPath(path, parseSizes(text));
  if (!parsed.ok) return parsed;
  return parsed.value.length === count ? parsed : fail('invalid', path, { detail: says });
}

type Cuts = Pick<Extract<Geometry, { shape: 'board' }>, 'groove' | 'hole' | 'engravedShare'>;

/** What is cut into a board, each left out where nothing is typed. */
function cutsOf(draft: DesignDraft): Result<Cuts> {
  const groove = sizesOrNone('groove', draft.groove, 3, 'width × depth × distance from the edge');
  const hole = sizesOrNone('hole', draft.hole, 2, 'length × width of the hole');
  const share = draft.engraved.trim() === '' ? ok(0) : atPath('engraved', parsePositive(draft.engraved.replace('%', '')));
  if (!groove.ok || !hole.ok || !share.ok)
    return { ok: false, issues: [groove, hole, share].flatMap((one) => (one.ok ? [] : one.issues)) };
  if (share.value > 100) return fail('too-large', 'engraved', { most: 100 });
  const [g, h] = [groove.value, hole.value];
  return ok({
    ...(g ? { groove: { widthMm: g[0] ?? 0, depthMm: g[1] ?? 0, insetMm: g[2] ?? 0 } } : {}),
    ...(h ? { hole: { lengthMm: h[0] ?? 0, widthMm: h[1] ?? 0 } } : {}),
    ...(share.value > 0 ? { engravedShare: share.value / 100 } : {}),
  });
}

/** The shape of a typed design, or every fault at its field. */
export function geometryOf(draft: DesignDraft): Result<Geometry> {
  if (draft.shape === 'board') {
    const sizes = three('sizes', draft.sizes, 'length × width × thickness');
    if (!sizes.ok) return sizes;
    const [lengthMm, widthMm, thickMm] = sizes.value;
    const cuts = cutsOf(draft);
    return cuts.ok ? ok({ shape: 'board', lengthMm, widthMm, thickMm, grain: draft.grain, ...cuts.value }) : cuts;
  }
  if (draft.shape === 'box') {
    const [sizes, wall] = [three('sizes', draft.sizes, 'length × width × height'), atPath('wall', parseLength(draft.wall))];
    if (!sizes.ok || !wall.ok) return { ok: false, issues: [sizes, wall].flatMap((one) => (one.ok ? [] : one.issues)) };
    const [lengthMm, widthMm, heightMm] = sizes.value;
    return ok({ shape: 'box', lengthMm, widthMm, heightMm, wallMm: wall.value, lid: draft.lid });
  }
  if (draft.shape === 'spoon' || draft.shape === 'scoop') {
    const bowl = three('bowl', draft.bowl, 'length × width × depth of the bowl');
    const handle = three('handle', draft.handle, 'length × width × thickness of the handle');
    if (!bowl.ok || !handle.ok)
      return { ok: false, issues: [...(bowl.ok ? [] : bowl.issues), ...(handle.ok ? [] : handle.issues)] };
    const [bowlLengthMm, bowlWidthMm, bowlDepthMm] = bowl.value;
    const [handleLengthMm, handleWidthMm, handleThickMm] = handle.value;
    const sizes = { bowlLengthMm, bowlWidthMm, bowlDepthMm, handleLengthMm, handleWidthMm, handleThickMm };
    if (draft.shape === 'spoon') return ok({ shape: 'spoon', ...sizes });
    const wall = atPath('wall', parseLength(draft.wall));
    return wall.ok ? ok({ shape: 'scoop', ...sizes, wallMm: wall.value }) : wall;
  }
  const outer = outsideOf(draft);
  const [wall, floor] = [atPath('wall', parseLength(draft.wall)), atPath('floor', parseLength(draft.floor))];
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
  if (!read.ok) return atPath('file', read);
  return points.length < 2 ? fail('profile-short', 'file') : ok(points);
}
