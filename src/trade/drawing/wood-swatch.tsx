import { woodLook } from './woods';

/** How the grain of a wood runs on a small board of it. */
const LINES = {
  plain: 'M0 8Q40 4 80 9M0 17Q40 21 80 16M0 26Q40 22 80 27',
  striped: 'M0 5H80M0 11H80M0 17H80M0 23H80M0 29H80',
  wild: 'M0 9Q14 0 28 11T56 8T80 15M0 20Q18 30 34 19T62 24T80 21M8 29Q30 21 46 30',
} as const;

/** A small board of a wood. */
export function WoodSwatch({ speciesId }: { readonly speciesId: string }) {
  const { ground, grain, figure } = woodLook(speciesId);
  return (
    <svg aria-hidden="true" viewBox="0 0 80 34" preserveAspectRatio="none" className="h-9 w-full">
      <rect width="80" height="34" fill={ground} />
      <path d={LINES[figure ?? 'plain']} fill="none" stroke={grain} strokeWidth={1.6} vectorEffect="non-scaling-stroke" />
    </svg>
  );
}
