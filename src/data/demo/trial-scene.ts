import type { Corners, MadeUp } from '@/core/colour';
import { fieldsOn, layFields } from '@/core/trial';

type Light = readonly [number, number, number];
type Look = readonly [reflects: Light, glare: number];

/** The shed's washing trial: four boards of sycamore, four finishes, washed sixteen times. What its pictures show is made up and known. */
export const WASHED = {
  boards: 4,
  lengthMm: 420,
  widthMm: 110,
  seed: 17,
  cycles: [0, 8, 16],
  treatments: ['Bare', 'Tung, thin', 'Heat-bodied linseed', 'Oil, then paste'],
} as const;

/** What each finish throws back and how it glares under the low lamp, at each of the three cycles. */
const LOOKS: readonly (readonly [Look, Look, Look])[] = [
  [
    [[0.6, 0.47, 0.32], 0.0],
    [[0.62, 0.5, 0.36], 0.0],
    [[0.63, 0.51, 0.375], 0.0],
  ],
  [
    [[0.36, 0.22, 0.1], 0.1],
    [[0.38, 0.24, 0.115], 0.088],
    [[0.4, 0.26, 0.13], 0.074],
  ],
  [
    [[0.38, 0.23, 0.09], 0.12],
    [[0.41, 0.26, 0.12], 0.09],
    [[0.44, 0.29, 0.15], 0.062],
  ],
  [
    [[0.42, 0.29, 0.16], 0.16],
    [[0.52, 0.39, 0.25], 0.052],
    [[0.58, 0.45, 0.31], 0.016],
  ],
];
/** No two boards are alike. */
const BOARD_TIMES = [0.96, 1, 1.03, 0.985] as const;
/** The lamp of each evening, as gains of the linear channels. */
const LAMPS: readonly Light[] = [
  [1, 0.86, 0.66],
  [0.9, 0.95, 1],
  [0.8, 0.68, 0.5],
];
const PICTURE = { width: 760, height: 340 } as const;

export type TrialShot = { readonly board: number; readonly cycle: number; readonly lamp: 'even' | 'low' };
/** Every picture that was taken: all boards in even light each time, under the low lamp first and last. */
export const SHOTS: readonly TrialShot[] = WASHED.cycles.flatMap((cycle) =>
  Array.from({ length: WASHED.boards }, (_, i) => i + 1).flatMap((board): TrialShot[] => [
    { board, cycle, lamp: 'even' },
    ...(cycle === 8 ? [] : [{ board, cycle, lamp: 'low' as const }]),
  ]),
);
export const shotFile = ({ board, cycle, lamp }: TrialShot): string => `board-${board}-cycle-${cycle}-${lamp}.jpg`;

/** The order of the finishes on each board, by where they stand. */
export function washedOrder(): readonly (readonly number[])[] {
  const laid = layFields(
    WASHED.treatments.map((_, i) => String(i)),
    WASHED.boards,
    WASHED.seed,
  );
  if (!laid.ok) throw new Error('the trial of the demo cannot be laid');
  return laid.value.map((order) => order.map(Number));
}

/** Nobody holds a camera twice alike. */
const cornersOf = ({ board, cycle }: TrialShot): Corners => [
  [72 + 3 * board, 84 + cycle],
  [690 - 2 * board, 76 + 2 * board],
  [712 - cycle, 262 + board],
  [52 + 2 * board, 268 - cycle / 2],
];

/** What one picture is made of. */
export function shotOf(shot: TrialShot): MadeUp {
  const at = (WASHED.cycles as readonly number[]).indexOf(shot.cycle);
  const order = washedOrder()[shot.board - 1] ?? [];
  const sizes = fieldsOn(order.map(String), WASHED.lengthMm);
  if (!sizes.ok) throw new Error('the fields of the demo are too small');
  const times = BOARD_TIMES[shot.board - 1] ?? 1;
  return {
    board: { lengthMm: WASHED.lengthMm, widthMm: WASHED.widthMm, fields: sizes.value },
    fields: order.map((treatment) => {
      const [[r, g, b], glare] = LOOKS[treatment]?.[at] ?? [[0, 0, 0], 0];
      return { reflects: [r * times, g * times, b * times], glare: shot.lamp === 'low' ? glare : 0 };
    }),
    lamp: LAMPS[at] ?? [1, 1, 1],
    falloff: 0.16,
    ...PICTURE,
    corners: cornersOf(shot),
    seed: shot.board,
  };
}
