import { z } from 'zod';
import { atPath, fail, parsePositive, type Reads, type Result } from '@/core/quantity';
import type { Surface } from '../surfaces';
import { cutTooLarge, type Face, face, mm, perimeter, shape } from './shape';
import { both, type DesignDraft, made, orNone, three, two } from './typed';

/** How much more surface an engraved face has than a plain one. Source: working estimate for a V cut. */
export const ENGRAVED_MORE = 0.3;
/** Share of the walls of a groove or a hole that is end grain. Source: working estimate, half run along the grain. */
export const CUT_END_SHARE = 0.5;
const SIZES = 'length × width × thickness';

const solid = z.object({
  shape: z.literal('board'),
  lengthMm: mm,
  widthMm: mm,
  thickMm: mm,
  /** The grain of faces: along them, or across. */
  grain: z.enum(['long', 'end']),
  /** A half-round groove for juice, its middle so far in from the edges of one face. */
  groove: z.object({ widthMm: mm, depthMm: mm, insetMm: mm }).optional(),
  /** A slot to hold it by, right through. */
  hole: z.object({ lengthMm: mm, widthMm: mm }).optional(),
  /** Share of one face that is engraved. */
  engravedShare: z.number().min(0).max(1).optional(),
});
type Board = z.output<typeof solid>;

/** A plain board, and what a groove, a hole and engraving add to it and take from it. */
function faces({ lengthMm: l, widthMm: w, thickMm: t, grain, groove, hole, engravedShare = 0 }: Board): Face[] {
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

function unfit({ lengthMm, widthMm, thickMm, groove, hole }: Board) {
  const least = Math.min(lengthMm, widthMm);
  if (groove && (groove.depthMm >= thickMm || 2 * groove.insetMm + groove.widthMm >= least)) return cutTooLarge('groove');
  const isOut = hole && (hole.lengthMm >= Math.max(lengthMm, widthMm) || hole.widthMm >= least || hole.widthMm > hole.lengthMm);
  return isOut ? cutTooLarge('hole') : null;
}

/** What is cut into a board, each left out where nothing is typed. */
function cutsOf(draft: DesignDraft, reads: Reads): Result<Pick<Board, 'groove' | 'hole' | 'engravedShare'>> {
  const groove = orNone(draft.groove, () => three('groove', draft.groove, 'width × depth × distance from the edge', reads));
  const hole = orNone(draft.hole, () => two('hole', draft.hole, 'length × width of the hole', reads));
  const share = orNone(draft.engraved, () => atPath('engraved', parsePositive(draft.engraved.replace('%', ''))));
  if (share.ok && (share.value ?? 0) > 100) return fail('too-large', 'engraved', { most: 100 });
  return made(both(both(groove, hole), share), ([[g, h], engraved]) => ({
    ...(g ? { groove: { widthMm: g[0], depthMm: g[1], insetMm: g[2] } } : {}),
    ...(h ? { hole: { lengthMm: h[0], widthMm: h[1] } } : {}),
    ...(engraved ? { engravedShare: engraved / 100 } : {}),
  }));
}

export const board = shape({
  solid,
  called: [
    {
      words: ['board', 'chopper'],
      usual: { shape: 'board', lengthMm: 380, widthMm: 230, thickMm: 22, grain: 'long' },
    },
  ],
  uses: ['food-wet', 'knife'],
  offFood: () => [],
  faces,
  unfit,
  woodMm3: (one) => one.lengthMm * one.widthMm * one.thickMm,
  standsMm: (one) => one.thickMm,
  read: (draft, reads) =>
    made(both(three('sizes', draft.sizes, SIZES, reads), cutsOf(draft, reads)), ([[lengthMm, widthMm, thickMm], cuts]) => ({
      shape: 'board' as const,
      lengthMm,
      widthMm,
      thickMm,
      grain: draft.grain,
      ...cuts,
    })),
  asPart: {
    sizes: SIZES,
    read: (path, sizes, reads) =>
      made(three(path, sizes, SIZES, reads), ([lengthMm, widthMm, thickMm]) => ({
        shape: 'board' as const,
        lengthMm,
        widthMm,
        thickMm,
        grain: 'long' as const,
      })),
  },
});
