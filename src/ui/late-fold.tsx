'use client';

import { type ComponentProps, type ReactNode, useEffect, useRef, useState } from 'react';
import { Fold } from './fold';

type Props = Omit<ComponentProps<typeof Fold>, 'children' | 'open'> & { readonly children: () => ReactNode };

/** A fold of a long list: what is in it is drawn when it is first opened, so that the page comes without it. */
export function LateFold({ children, ...rest }: Props) {
  const [isSeen, setSeen] = useState(false);
  const root = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const fold = root.current?.querySelector('details');
    const look = (): void => setSeen((seen) => seen || fold?.open === true);
    // It may have been opened before any script ran.
    look();
    fold?.addEventListener('toggle', look);
    return () => fold?.removeEventListener('toggle', look);
  }, []);
  return (
    <div ref={root}>
      <Fold {...rest}>{isSeen ? children() : null}</Fold>
    </div>
  );
}
