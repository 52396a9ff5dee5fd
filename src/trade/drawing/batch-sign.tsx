import 'server-only';
import type { RingFacts } from '@/core/batch';
import type { Batch } from '@/data/work/batch';
import { lookOf } from './look';
import { PieceSign } from './piece-sign';

type Props = {
  readonly batch: Pick<Batch, 'id' | 'number' | 'design' | 'species'>;
  readonly facts: RingFacts;
  readonly size: number;
  readonly title?: string;
  readonly count?: number;
};

/** A batch as it is spoken of: its piece in its wood, and its ring. */
export const BatchSign = ({ batch, title = batch.number, ...sign }: Props) => (
  <PieceSign look={lookOf(batch.design.geometry, batch.species.id)} seed={batch.id} title={title} {...sign} />
);
