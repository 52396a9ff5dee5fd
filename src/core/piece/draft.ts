import { atPath, fail, ok, parsePositive, type Reads, type Result } from '@/core/quantity';
import { fits } from './area';
import type { Geometry, Solid } from './schema';
import { type PartShape, SHAPES, type ShapeId } from './shapes';
import { pointsOf } from './shapes/turned';
import { both, type PointDraft, type DesignDraft as TypedDesign, type PartDraft as TypedPart } from './shapes/typed';

/** Shapes a part may be, with how their sizes are typed. */
export const PART_SHAPES = Object.fromEntries(
  Object.entries(SHAPES).flatMap(([id, { asPart }]) => (asPart ? [[id, asPart.sizes]] : [])),
) as Readonly<Record<PartShape, string>>;

export type PartDraft = TypedPart<PartShape>;
/** A design as it is typed: everything as text. */
export type DesignDraft = TypedDesign<Geometry['shape'], PartShape, Solid>;

function partOf(
  { count, shape, sizes }: PartDraft,
  i: number,
  reads: Reads,
): Result<{ readonly count: number; readonly of: Solid }> {
  const path = `parts.${i}`;
  const many = atPath(path, parsePositive(count));
  if (many.ok && !Number.isInteger(many.value)) return fail('invalid', path, { detail: 'a whole number of parts' });
  const solid: Result<Solid> = SHAPES[shape].asPart.read(path, sizes, reads);
  const read = both(many, solid);
  return read.ok ? ok({ count: read.value[0], of: read.value[1] }) : read;
}

/** What is no one solid thing, read from what was typed; its faults at their fields. */
const COMPOSED = {
  parts: ({ parts }: DesignDraft, reads: Reads): Result<Geometry> => {
    const read = parts.map((one, i) => partOf(one, i, reads));
    const issues = read.flatMap((one) => (one.ok ? [] : one.issues));
    if (issues.length > 0) return { ok: false, issues };
    if (read.length === 0) return fail('required', 'parts');
    return ok({ shape: 'parts', parts: read.flatMap((one) => (one.ok ? [one.value] : [])) });
  },
  like: ({ likeOf, times }: DesignDraft): Result<Geometry> => {
    const read = atPath('times', parsePositive(times));
    if (likeOf === null) return fail('required', 'likeOf');
    if (!read.ok) return read;
    return read.value > 1000 ? fail('too-large', 'times', { most: 1000 }) : ok({ shape: 'like', of: likeOf, times: read.value });
  },
  unknown: (): Result<Geometry> => ok({ shape: 'unknown' }),
} as const;

const isSolid = (shape: Geometry['shape']): shape is ShapeId => Object.hasOwn(SHAPES, shape);

/** The shape of a typed design, or every fault at its field; what cannot be made is refused as well. */
export function geometryOf(draft: DesignDraft, reads: Reads): Result<Geometry> {
  const read: Result<Geometry> = isSolid(draft.shape)
    ? SHAPES[draft.shape].read(draft, reads)
    : COMPOSED[draft.shape](draft, reads);
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
