import type { RingFacts } from '@/core/batch';
import { Ring } from '@/ui/ring';
import type { PieceLook } from './look';
import { PieceMark } from './piece-mark';

type Props = {
  readonly look: PieceLook;
  readonly facts: RingFacts;
  readonly seed: number;
  /** The ring's size, pixels; the piece is drawn to it. */
  readonly size: number;
  readonly title?: string;
  readonly count?: number;
};

/** A batch as it is spoken of: its piece in outline, and at its side the ring that says how it stands. */
export function PieceSign({ look, facts, seed, size, title, count = 1 }: Props) {
  return (
    <span className="flex shrink-0 items-center justify-end" style={{ width: size * 2.1 }}>
      <span className="flex min-w-0 grow justify-center">
        <PieceMark look={look} scale={size / 68} count={count} />
      </span>
      <Ring facts={facts} seed={seed} size={size} {...(title ? { title } : {})} />
    </span>
  );
}
