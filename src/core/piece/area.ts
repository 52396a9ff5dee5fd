import { check } from '@/core/contract';
import type { Porosity } from '@/core/material';
import { ok, type Result } from '@/core/quantity';
import { AreaInput, type FinishClass, type Geometry, type Solid } from './schema';
import { shapeOf } from './shapes';
import { type Face, face } from './shapes/shape';
import type { Surface } from './surfaces';
import { THIRST, UPTAKE_G_PER_M2 } from './uptake';

/** Surface of one piece, mm², and the part of it that is end grain. */
export type Area = { readonly areaMm2: number; readonly endGrainMm2: number };

const facesOfSolid = (solid: Solid): readonly Face[] => shapeOf(solid).faces(solid);

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

/** Each solid thing a geometry is made of. */
const solidsOf = (piece: Geometry): readonly Solid[] => {
  if (piece.shape === 'parts') return piece.parts.map(({ of }) => of);
  if (piece.shape === 'like') return [piece.of];
  return piece.shape === 'unknown' ? [] : [piece];
};

/** Whether a shape can be made: what is cut into it leaves a wall. */
export function fits(piece: Geometry): Result<void> {
  const unfit = solidsOf(piece).flatMap((one) => shapeOf(one).unfit(one) ?? []);
  return unfit[0] ? { ok: false, issues: [unfit[0]] } : ok(undefined);
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
