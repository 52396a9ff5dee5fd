import type { ReactNode } from 'react';
import { classes } from './classes';

/** A column's heading: words, or words with how wide the column is and that its numbers stand at the right. */
export type Heading = ReactNode | { readonly says: ReactNode; readonly is: string };

const parts = (heading: Heading): { readonly says: ReactNode; readonly is: string } =>
  heading !== null && typeof heading === 'object' && 'is' in heading ? heading : { says: heading, is: '' };

/** The head of a table that is not sorted: one cell a column. */
export function Headings({ of }: { readonly of: readonly Heading[] }) {
  return (
    <thead>
      <tr className="label border-ink border-b text-left">
        {of.map(parts).map(({ says, is }, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the columns of a table do not change their order
          <th key={i} scope="col" className={classes('py-1 font-normal', is)}>
            {says}
          </th>
        ))}
      </tr>
    </thead>
  );
}
