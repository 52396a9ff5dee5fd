import type { PieceUse } from '@/core/material';
import type { Reads } from '@/core/quantity';
import {
  atPath,
  fail,
  type Issue,
  ok,
  parseArea,
  parseLength,
  parseNonNegative,
  parsePositive,
  parseSizes,
  type Result,
} from '@/core/quantity';
import { fits } from './area';
import { checkOutside, insideOf, type ProfilePoint, smooth } from './profile';
import type { Geometry, Solid } from './schema';

export type PointDraft = { readonly key: string; readonly r: string; readonly z: string };
/** Shapes a part may be, with how their sizes are typed. */
export const PART_SHAPES = {
  board: 'length × width × thickness',
  disc: 'diameter × thickness, or length of a rod',
  ring: 'diameter × thickness of the bar',
  plain: 'surface',
} as const;
export type PartDraft = {
  readonly key: string;
  readonly count: string;
  readonly shape: keyof typeof PART_SHAPES;
  readonly sizes: string;
};
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
  /** Of turned work: nothing inside. */
  readonly solid: boolean;
  readonly recess: string;
  readonly surface: string;
  readonly endShare: string;
  readonly parts: readonly PartDraft[];
  /** What it is about the size of, measured, and how many times its surface. */
  readonly likeOf: Solid | null;
  readonly times: string;
};

function three(path: string, text: string, says: string, reads: Reads): Result<readonly [number, number, number]> {
  const parsed = atPath(path, parseSizes(text, reads));
  if (!parsed.ok) return parsed;
  const [a, b, c, more] = parsed.value;
  return a !== undefined && b !== undefined && c !== undefined && more === undefined
    ? ok([a, b, c])
    : fail('invalid', path, { detail: says });
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
export function outsideOf(draft: DesignDraft, reads: Reads): Result<readonly ProfilePoint[]> {
  const points = pointsOf(draft.points, reads);
  if (!points.ok) return points;
  const climbs = checkOutside(points.value);
  if (!climbs.ok)
    return { ok: false, issues: climbs.issues.map((issue) => ({ ...issue, path: issue.path.replace('outer', 'points') })) };
  return ok(draft.curved ? smooth(points.value) : points.value);
}

/** Typed sizes that may be left empty, so many of them. */
function sizesOrNone(path: string, text: string, count: number, says: string, reads: Reads): Result<readonly number[] | null> {
  if (text.trim() === '') return ok(null);
  const parsed = atPath(path, parseSizes(text, reads));
  if (!parsed.ok) return parsed;
  return parsed.value.length === count ? parsed : fail('invalid', path, { detail: says });
}

type Cuts = Pick<Extract<Geometry, { shape: 'board' }>, 'groove' | 'hole' | 'engravedShare'>;

/** What is cut into a board, each left out where nothing is typed. */
function cutsOf(draft: DesignDraft, reads: Reads): Result<Cuts> {
  const groove = sizesOrNone('groove', draft.groove, 3, 'width × depth × distance from the edge', reads);
  const hole = sizesOrNone('hole', draft.hole, 2, 'length × width of the hole', reads);
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

/** Two typed sizes. */
function two(path: string, text: string, says: string, reads: Reads): Result<readonly [number, number]> {
  const parsed = atPath(path, parseSizes(text, reads));
  if (!parsed.ok) return parsed;
  const [a, b, more] = parsed.value;
  return a !== undefined && b !== undefined && more === undefined ? ok([a, b]) : fail('invalid', path, { detail: says });
}

/** All that was read, or every fault of it. */
function both<A, B>(a: Result<A>, b: Result<B>): Result<readonly [A, B]> {
  if (a.ok && b.ok) return ok([a.value, b.value]);
  return { ok: false, issues: [a, b].flatMap((one) => (one.ok ? [] : one.issues)) };
}

/** A typed share of the whole, `10 %` or `10`; nothing typed is none. */
function shareOf(path: string, text: string): Result<number> {
  if (text.trim() === '') return ok(0);
  const read = atPath(path, parseNonNegative(text.replace('%', '')));
  if (!read.ok) return read;
  return read.value > 100 ? fail('too-large', path, { most: 100 }) : ok(read.value / 100);
}

function plainOf(path: string, surface: string, endShare: string): Result<Solid> {
  const read = both(atPath(path, parseArea(surface)), shareOf('endShare', endShare));
  return read.ok ? ok({ shape: 'plain', areaMm2: read.value[0], endGrainShare: read.value[1] }) : read;
}

function handled(draft: DesignDraft, reads: Reads): Result<Omit<Extract<Solid, { shape: 'spoon' }>, 'shape'>> {
  const read = both(
    three('bowl', draft.bowl, 'length × width × depth of the bowl', reads),
    three('handle', draft.handle, 'length × width × thickness of the handle', reads),
  );
  if (!read.ok) return read;
  const [[bowlLengthMm, bowlWidthMm, bowlDepthMm], [handleLengthMm, handleWidthMm, handleThickMm]] = read.value;
  return ok({ bowlLengthMm, bowlWidthMm, bowlDepthMm, handleLengthMm, handleWidthMm, handleThickMm });
}

function turnedOf(draft: DesignDraft, reads: Reads): Result<Solid> {
  const outer = outsideOf(draft, reads);
  const pairs = (points: readonly ProfilePoint[]): [number, number][] => points.map(([r, z]) => [r, z]);
  if (draft.solid) return outer.ok ? ok({ shape: 'turned', outer: pairs(outer.value) }) : outer;
  const read = both(
    outer,
    both(atPath('wall', parseLength(draft.wall, reads)), atPath('floor', parseLength(draft.floor, reads))),
  );
  if (!read.ok) return read;
  const [outside, [wall, floor]] = read.value;
  const inner = insideOf(outside, wall, floor);
  return inner.ok ? ok({ shape: 'turned', outer: pairs(outside), inner: pairs(inner.value) }) : inner;
}

function partOf(
  { count, shape, sizes }: PartDraft,
  i: number,
  reads: Reads,
): Result<{ readonly count: number; readonly of: Solid }> {
  const path = `parts.${i}`;
  const many = atPath(path, parsePositive(count));
  if (many.ok && !Number.isInteger(many.value)) return fail('invalid', path, { detail: 'a whole number of parts' });
  const read = both(many, PARTS[shape](path, sizes, reads));
  return read.ok ? ok({ count: read.value[0], of: read.value[1] }) : read;
}

const PARTS: Readonly<Record<PartDraft['shape'], (path: string, sizes: string, reads: Reads) => Result<Solid>>> = {
  board: (path, sizes, reads) => {
    const read = three(path, sizes, PART_SHAPES.board, reads);
    return read.ok
      ? ok({ shape: 'board', lengthMm: read.value[0], widthMm: read.value[1], thickMm: read.value[2], grain: 'long' })
      : read;
  },
  disc: (path, sizes, reads) => {
    const read = two(path, sizes, PART_SHAPES.disc, reads);
    return read.ok ? ok({ shape: 'disc', diameterMm: read.value[0], thickMm: read.value[1], grain: 'long' }) : read;
  },
  ring: (path, sizes, reads) => {
    const read = two(path, sizes, PART_SHAPES.ring, reads);
    return read.ok ? ok({ shape: 'ring', outerMm: read.value[0], barMm: read.value[1] }) : read;
  },
  plain: (path, sizes) => plainOf(path, sizes, '0'),
};

/** Each shape, read from what was typed; its faults at their fields. */
const READ: Readonly<Record<Geometry['shape'], (draft: DesignDraft, reads: Reads) => Result<Geometry>>> = {
  board: (draft, reads) => {
    const read = both(three('sizes', draft.sizes, 'length × width × thickness', reads), cutsOf(draft, reads));
    if (!read.ok) return read;
    const [[lengthMm, widthMm, thickMm], cuts] = read.value;
    return ok({ shape: 'board', lengthMm, widthMm, thickMm, grain: draft.grain, ...cuts });
  },
  disc: (draft, reads) => {
    const read = two('sizes', draft.sizes, 'diameter × thickness', reads);
    return read.ok ? ok({ shape: 'disc', diameterMm: read.value[0], thickMm: read.value[1], grain: draft.grain }) : read;
  },
  tray: (draft, reads) => {
    const read = both(
      three('sizes', draft.sizes, 'length × width × thickness', reads),
      three('recess', draft.recess, 'length × width × depth of the recess', reads),
    );
    if (!read.ok) return read;
    const [[lengthMm, widthMm, thickMm], [recessLengthMm, recessWidthMm, recessDepthMm]] = read.value;
    return ok({ shape: 'tray', lengthMm, widthMm, thickMm, recessLengthMm, recessWidthMm, recessDepthMm });
  },
  box: (draft, reads) => {
    const read = both(
      three('sizes', draft.sizes, 'length × width × height', reads),
      atPath('wall', parseLength(draft.wall, reads)),
    );
    if (!read.ok) return read;
    const [[lengthMm, widthMm, heightMm], wallMm] = read.value;
    return ok({ shape: 'box', lengthMm, widthMm, heightMm, wallMm, lid: draft.lid });
  },
  'round-box': (draft, reads) => {
    const read = both(two('sizes', draft.sizes, 'diameter × height', reads), atPath('wall', parseLength(draft.wall, reads)));
    if (!read.ok) return read;
    const [[diameterMm, heightMm], wallMm] = read.value;
    return ok({ shape: 'round-box', diameterMm, heightMm, wallMm, lid: draft.lid });
  },
  ring: (draft, reads) => {
    const read = two('sizes', draft.sizes, 'diameter × thickness of the bar', reads);
    return read.ok ? ok({ shape: 'ring', outerMm: read.value[0], barMm: read.value[1] }) : read;
  },
  spoon: (draft, reads) => {
    const sizes = handled(draft, reads);
    return sizes.ok ? ok({ shape: 'spoon', ...sizes.value }) : sizes;
  },
  scoop: (draft, reads) => {
    const read = both(handled(draft, reads), atPath('wall', parseLength(draft.wall, reads)));
    return read.ok ? ok({ shape: 'scoop', ...read.value[0], wallMm: read.value[1] }) : read;
  },
  turned: turnedOf,
  plain: (draft) => plainOf('surface', draft.surface, draft.endShare),
  parts: ({ parts }, reads) => {
    const read = parts.map((one, i) => partOf(one, i, reads));
    const issues = read.flatMap((one) => (one.ok ? [] : one.issues));
    if (issues.length > 0) return { ok: false, issues };
    if (read.length === 0) return fail('required', 'parts');
    return ok({ shape: 'parts', parts: read.flatMap((one) => (one.ok ? [one.value] : [])) });
  },
  like: ({ likeOf, times }) => {
    const read = atPath('times', parsePositive(times));
    if (likeOf === null) return fail('required', 'likeOf');
    if (!read.ok) return read;
    return read.value > 1000 ? fail('too-large', 'times', { most: 1000 }) : ok({ shape: 'like', of: likeOf, times: read.value });
  },
  unknown: () => ok({ shape: 'unknown' }),
};

/** The shape of a typed design, or every fault at its field; what cannot be made is refused as well. */
export function geometryOf(draft: DesignDraft, reads: Reads): Result<Geometry> {
  const read = READ[draft.shape](draft, reads);
  if (!read.ok) return read;
  const sound = fits(read.value);
  return sound.ok ? read : sound;
}

/** Rows of `r,z`, in mm, or in inches where the heading says `in`; a heading is not needed. */
export function readProfile(rows: readonly (readonly string[])[], reads: Reads): Result<PointDraft[]> {
  const [first = []] = rows;
  const hasHeading = first.some((cell) => /[a-z]/i.test(cell));
  const unit = hasHeading && first.some((cell) => /\bin(ch|ches)?\b|"/i.test(cell)) ? ' in' : '';
  const body = (hasHeading ? rows.slice(1) : rows).filter((row) => row.some((cell) => cell.trim() !== ''));
  const points = body.map(([r = '', z = ''], i) => ({
    key: `row-${i}`,
    r: r.trim() === '0' ? '0' : `${r.trim()}${unit}`,
    z: z.trim() === '0' ? '0' : `${z.trim()}${unit}`,
  }));
  const read = pointsOf(points, reads);
  if (!read.ok) return atPath('file', read);
  return points.length < 2 ? fail('profile-short', 'file') : ok(points);
}
