import type { ReactNode } from 'react';
import { classes } from './classes';

/** How the line that opens it stands: as words, as a heading, or as a row of its own make. */
const LINES = {
  words: 'min-h-11 cursor-pointer py-2',
  strong: 'min-h-11 py-2 font-semibold',
  row: 'flex min-h-12 items-center',
} as const;

type Props = {
  readonly says: ReactNode;
  readonly line?: keyof typeof LINES;
  readonly open?: boolean;
  readonly className?: string;
  readonly lineClass?: string;
  readonly children: ReactNode;
};

/**
 * What is one tap away. The browser's own: it opens before any script has run, the browser's search finds what is folded
 * in, and what was opened stays so while the page is read anew.
 */
export function Fold({ says, line = 'words', open, className, lineClass, children }: Props) {
  return (
    <details className={className} open={open}>
      <summary className={classes(LINES[line], lineClass)}>{says}</summary>
      {children}
    </details>
  );
}
