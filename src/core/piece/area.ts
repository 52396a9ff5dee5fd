import { check } from '@/core/contract';
import type { Porosity } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { breaksOut } from './profile';
import { AreaInput, type FinishClass, type Geometry, type Solid } from './schema';
import type { Surface } from './surfaces';
import { THIRST, UPTAKE_G_PER_M2 } from './uptake';

/** Surface of one piece, mm², and the part of it that is end grain. */
export type Area = { readonly areaMm2: number; readonly endGrainMm2: number };

/** Exponent of Thomsen's formula for the surface of an ellipsoid; within about 1 %. Source: K. Thomsen. */
export const THOMSEN_P = 1.6075;
/** Share of a ring that is end grain: two stretches of its round. Source: working estimate. */
export const RING_END_SHARE = 1 / 3;
/** Share of a turned piece taken as end grain. Source: working estimate for bowls turned across the grain. */
export const TURNED_END_SHARE = 1 / 3;
/** Share of a spoon that is end grain. Source: working estimate. */
export const SPOON_END_SHARE = 0.1;

/** Share of a scoop that is end grain: its bowl is cut across the grain more than a spoon's. Source: working estimate. */
export const SCOOP_END_SHARE = 0.25;
/** Share of a lidded box that is end grain. Source: working estimate for mitred or jointed sides. */
export const BOX_END_SHARE = 0.12;
/** How much more surface an engraved face has than a plain one. Source: working estimate for a V cut. */
export const ENGRAVED_MORE = 0.3;
/** Share of the walls of a groove or a hole that is end grain. Source: working estimate, half run along the grain. */
export const CUT_END_SHARE = 0.5;

type Point = readonly [number, number];

/** A frustum's skin: `π(r1 + r2)·√((r1 − r2)² + (z1 − z2)²)`. */
const frustum = ([r1, z1]: Point, [r2, z2]: Point): number => Math.PI * (r1 + r2) * Math.hypot(r1 - r2, z1 - z2);

const skin = (profile: readonly Point[]): number =>
  profile.slice(1).reduce((sum, point, index) => sum + frustum(profile[index] as Point, point), 0);

const disc = (profile: readonly Point[]): number => Math.PI * (profile[0]?.[0] ?? 0) ** 2;

/** Two half-ellipsoid skins make one ellipsoid: `4π·((aᵖbᵖ + aᵖcᵖ + bᵖcᵖ)/3)^(1/p)`. */
function ellipsoid(a: number, b: number, c: number): number {
  const [ap, bp, cp] = [a ** THOMSEN_P, b ** THOMSEN_P, c ** THOMSEN_P];
  return 4 * Math.PI * ((ap * bp + ap * cp + bp * cp) / 3) ** (1 / THOMSEN_P);
}

/** Ramanujan's first perimeter of an ellipse: `π[3(a + b) − √((3a + b)(a + 3b))]`. */
const perimeter = (a: number, b: number): number => Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));

type Of<S extends Solid['shape']> = Extract<Solid, { shape: S }>;

/** One surface of a piece with its area and the end grain in it, mm². */
export type Face = { readonly surface: Surface; readonly areaMm2: number; readonly endGrainMm2: number };

const face = (surface: Surface, areaMm2: number, endShare = 0): Face => ({ surface, areaMm2, endGrainMm2: areaMm2 * endShare });

/** A plain board, and what a groove, a hole and engraving add to it and take from it. */
function boardFaces({ lengthMm: l, widthMm: w, thickMm: t, grain, groove, hole, engravedShare = 0 }: Of<'board'>): Face[] {
  const path = groove ? 2 * (l + w - 4 * groove.insetMm) : 0;
  // A half ellipse as wide as the groove and as deep, in place of the flat it was cut from.
  const grooved = groove ? Math.max(0, path) * (perimeter(groove.widthMm / 2, groove.depthMm) / 2 - groove.widthMm) : 0;
  // A slot with round ends: its wall, less the two openings.
  const slot = hole ? { straight: Math.max(0, hole.lengthMm - hole.widthMm), width: hole.widthMm } : null;
  const wall = slot ? (2 * slot.straight + Math.PI * slot.width) * t : 0;
  const opening = slot ? slot.straight * slot.width + (Math.PI * slot.width ** 2) / 4 : 0;
  const across = grain === 'end' ? l * w : 0;
  const flat = (surface: Surface): Face => ({ surface, areaMm2: l * w - opening, endGrainMm2: across });
  return [
    flat('underside'),
    face('edges', 2 * l * t),
    face('end-grain', 2 * w * t, grain === 'end' ? 0 : 1),
    flat('top'),
    ...(groove ? [{ surface: 'groove' as const, areaMm2: grooved, endGrainMm2: CUT_END_SHARE * Math.max(0, grooved) }] : []),
    ...(hole ? [face('hole', wall, CUT_END_SHARE)] : []),
    ...(engravedShare ? [face('engraving', ENGRAVED_MORE * engravedShare * l * w)] : []),
  ];
}

/** A turned form: its outer skin and foot, and its inside and rim; with nothing inside, a disc at its upper end. */
function turnedFaces({ outer, inner }: Of<'turned'>): Face[] {
  const of = (surface: Surface, areaMm2: number): Face => face(surface, areaMm2, TURNED_END_SHARE);
  const outside = [of('foot', disc(outer)), of('outside', skin(outer))];
  if (!inner || inner.length === 0) return [...outside, of('top', Math.PI * (outer.at(-1)?.[0] ?? 0) ** 2)];
  const [R, r] = [outer.at(-1)?.[0] ?? 0, inner.at(-1)?.[0] ?? 0];
  // Rims of unequal height are joined as if level.
  const rim = Math.PI * Math.abs(R ** 2 - r ** 2);
  return [...outside, of('inside', skin(inner) + disc(inner)), of('rim', rim)];
}

function boxFaces({ lengthMm: l, widthMm: w, heightMm: h, wallMm: t, lid }: Of<'box'>): Face[] {
  const [il, iw, ih] = [l - 2 * t, w - 2 * t, h - t];
  const of = (surface: Surface, areaMm2: number): Face => face(surface, areaMm2, BOX_END_SHARE);
  return [
    of('underside', l * w),
    of('outside', 2 * (l + w) * h),
    of('inside', il * iw + 2 * (il + iw) * ih),
    of('rim', l * w - il * iw),
    of('end-grain', 0),
    ...(lid ? [of('lid', 2 * l * w + 2 * (l + w) * t)] : []),
  ];
}

function roundBoxFaces({ diameterMm: d, heightMm: h, wallMm: t, lid }: Of<'round-box'>): Face[] {
  const round = (across: number): number => (Math.PI * across ** 2) / 4;
  const inside = d - 2 * t;
  const of = (surface: Surface, areaMm2: number): Face => face(surface, areaMm2, TURNED_END_SHARE);
  return [
    of('underside', round(d)),
    of('outside', Math.PI * d * h),
    of('inside', round(inside) + Math.PI * inside * (h - t)),
    of('rim', round(d) - round(inside)),
    ...(lid ? [of('lid', 2 * round(d) + Math.PI * d * t)] : []),
  ];
}

/** The surfaces of each shape with their areas, in the order they are coated: what it will lie on first, then what shows. */
const FACES: { readonly [S in Solid['shape']]: (of: Of<S>) => Face[] } = {
  board: boardFaces,
  turned: turnedFaces,
  box: boxFaces,
  'round-box': roundBoxFaces,
  disc: ({ diameterMm: d, thickMm: t, grain }) => [
    face('underside', (Math.PI * d ** 2) / 4, grain === 'end' ? 1 : 0),
    face('edges', Math.PI * d * t, grain === 'end' ? 0 : 0.5),
    face('top', (Math.PI * d ** 2) / 4, grain === 'end' ? 1 : 0),
  ],
  tray: ({ lengthMm: l, widthMm: w, thickMm: t, recessLengthMm: a, recessWidthMm: b, recessDepthMm: c }) => [
    face('underside', l * w),
    face('edges', 2 * l * t),
    face('end-grain', 2 * w * t, 1),
    face('top', l * w),
    { surface: 'recess', areaMm2: 2 * (a + b) * c, endGrainMm2: 2 * b * c },
  ],
  ring: ({ outerMm, barMm: d }) => {
    // Torus of bar d and outer D: π²·d·(D − d), its outer half larger than its inner one by 4π·d²/2.
    const whole = Math.PI ** 2 * d * (outerMm - d);
    const more = Math.PI * d ** 2;
    return [face('outside', whole / 2 + more, RING_END_SHARE), face('inside', whole / 2 - more, RING_END_SHARE)];
  },
  plain: ({ areaMm2, endGrainShare }) => [face('everywhere', areaMm2, endGrainShare)],
  scoop: (piece) => {
    const [a, b, c, wall] = [piece.bowlLengthMm / 2, piece.bowlWidthMm / 2, piece.bowlDepthMm, piece.wallMm];
    const rim = Math.PI * (a * b - (a - wall) * (b - wall));
    return [
      face('bowl-outside', ellipsoid(a, b, c) / 2, SCOOP_END_SHARE),
      face('handle', handleOf(piece), SCOOP_END_SHARE),
      face('bowl-inside', ellipsoid(a - wall, b - wall, c - wall) / 2 + rim, SCOOP_END_SHARE),
      face('end-grain', 0),
    ];
  },
  spoon: (piece) => {
    const bowl = ellipsoid(piece.bowlLengthMm / 2, piece.bowlWidthMm / 2, piece.bowlDepthMm) / 2;
    return [
      face('bowl-outside', bowl, SPOON_END_SHARE),
      face('handle', handleOf(piece), SPOON_END_SHARE),
      face('bowl-inside', bowl, SPOON_END_SHARE),
      face('end-grain', 0),
    ];
  },
};

type Handled = Pick<Of<'spoon'>, 'handleLengthMm' | 'handleWidthMm' | 'handleThickMm'>;
const handleOf = ({ handleLengthMm, handleWidthMm, handleThickMm }: Handled): number =>
  perimeter(handleWidthMm / 2, handleThickMm / 2) * handleLengthMm;

const facesOfSolid = (solid: Solid): Face[] => (FACES[solid.shape] as (of: Solid) => Face[])(solid);

/** Faces of one name together, in the order they first stand in. */
function together(faces: readonly Face[]): Face[] {
  const names = [...new Set(faces.map((one) => one.surface))];
  return names.map((surface) => {
    const same = faces.filter((one) => one.surface === surface);
    return {
      surface,
      areaMm2: same.reduce((sum, one) => sum + one.areaMm2, 0),
      endGrainMm2: same.reduce((sum, one) => sum + one.endGrainMm2, 0),
    };
  });
}

const times = (faces: readonly Face[], by: number): Face[] =>
  faces.map(({ surface, areaMm2, endGrainMm2 }) => ({ surface, areaMm2: by * areaMm2, endGrainMm2: by * endGrainMm2 }));

/** The surfaces of a piece with the area of each, in the order they are coated; of what has no shape yet, one of no known area. */
export function facesOf(piece: Geometry): readonly Face[] {
  if (piece.shape === 'parts') return together(piece.parts.flatMap(({ count, of }) => times(facesOfSolid(of), count)));
  if (piece.shape === 'like') return times(facesOfSolid(piece.of), piece.times);
  return piece.shape === 'unknown' ? [face('everywhere', 0)] : facesOfSolid(piece);
}

/** The surfaces of a piece in the order they are coated. */
export const surfacesOf = (piece: Geometry): readonly Surface[] => facesOf(piece).map((one) => one.surface);

/** Area and end grain of some surfaces of a piece; of all of them where none is named. */
export function areaOf(piece: Geometry, surfaces: readonly Surface[] = []): Area {
  const faces = facesOf(piece).filter((one) => surfaces.length === 0 || surfaces.includes(one.surface));
  return {
    areaMm2: faces.reduce((sum, one) => sum + one.areaMm2, 0),
    endGrainMm2: faces.reduce((sum, one) => sum + one.endGrainMm2, 0),
  };
}

/** What is hollowed must leave a wall, and what is cut must lie within the piece. */
function unfit(piece: Solid): Result<void> {
  if (piece.shape === 'turned' && piece.inner && breaksOut(piece.outer, piece.inner)) return fail('inside-breaks-out', 'inner');
  if (piece.shape === 'ring' && 2 * piece.barMm >= piece.outerMm) return fail('cut-too-large', 'barMm');
  if (
    piece.shape === 'tray' &&
    (piece.recessLengthMm >= piece.lengthMm || piece.recessWidthMm >= piece.widthMm || piece.recessDepthMm >= piece.thickMm)
  )
    return fail('cut-too-large', 'recess');
  if (piece.shape === 'board') {
    const { groove, hole } = piece;
    const least = Math.min(piece.lengthMm, piece.widthMm);
    if (groove && (groove.depthMm >= piece.thickMm || 2 * groove.insetMm + groove.widthMm >= least))
      return fail('cut-too-large', 'groove');
    if (
      hole &&
      (hole.lengthMm >= Math.max(piece.lengthMm, piece.widthMm) || hole.widthMm >= least || hole.widthMm > hole.lengthMm)
    )
      return fail('cut-too-large', 'hole');
  }
  if (piece.shape === 'scoop' && 2 * piece.wallMm >= Math.min(piece.bowlLengthMm, piece.bowlWidthMm, 2 * piece.bowlDepthMm))
    return fail('cut-too-large', 'wall');
  if (piece.shape === 'box' && (2 * piece.wallMm >= Math.min(piece.lengthMm, piece.widthMm) || piece.wallMm >= piece.heightMm))
    return fail('cut-too-large', 'wall');
  if (piece.shape === 'round-box' && (2 * piece.wallMm >= piece.diameterMm || piece.wallMm >= piece.heightMm))
    return fail('cut-too-large', 'wall');
  return ok(undefined);
}

/** Each solid thing a geometry is made of. */
const solidsOf = (piece: Geometry): readonly Solid[] => {
  if (piece.shape === 'parts') return piece.parts.map(({ of }) => of);
  if (piece.shape === 'like') return [piece.of];
  return piece.shape === 'unknown' ? [] : [piece];
};

/** Whether a shape can be made: what is cut into it leaves a wall. */
export function fits(piece: Geometry): Result<void> {
  return (
    solidsOf(piece)
      .map(unfit)
      .find((one) => !one.ok) ?? ok(undefined)
  );
}

/**
 * Surface and end grain of a board, disc, tray, ring, turned form, spoon, scoop, box, plain area, or parts with their counts (calc.md, 5;
 * scoop, boxes and what is cut into a board are working estimates).
 * @example area({ shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' }) // → 251040 mm², of it 12480 end grain
 */
export function area(input: unknown): Result<Area> {
  const checked = check(AreaInput, input);
  if (!checked.ok) return checked;
  const sound = fits(checked.value);
  return sound.ok ? ok(areaOf(checked.value)) : sound;
}

/** The surface whose first coat of a class takes so many grams a piece, mm²; what has no shape is known by that. */
export const areaTaking = (grams: number, finishClass: FinishClass, porosity: Porosity): number =>
  grams / (1e-6 * UPTAKE_G_PER_M2[finishClass] * THIRST[porosity]);
