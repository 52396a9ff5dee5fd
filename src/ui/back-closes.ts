'use client';

import { useEffect, useRef } from 'react';

/** Places in the history that stand for a sheet which was closed otherwise: the way back steps over them. By address, how many. */
const stale = new Map<string, number>();
let watches = false;

/** Steps over a place that stands for nothing any more. */
function stepOver(): void {
  const count = stale.get(location.href) ?? 0;
  if (count === 0) return;
  stale.set(location.href, count - 1);
  history.back();
}

/** The way back (the button, the gesture, the key) closes what stands open instead of leaving the page. */
export function useBackCloses(open: boolean, close: () => void): void {
  const onClose = useRef(close);
  onClose.current = close;
  useEffect(() => {
    if (!open) return;
    const { href } = location;
    let isBack = false;
    const onPop = (event: PopStateEvent): void => {
      // It was for this one alone: nothing else goes back with it.
      event.stopImmediatePropagation();
      isBack = true;
      onClose.current();
    };
    if (!watches) window.addEventListener('popstate', stepOver);
    watches = true;
    history.pushState(history.state, '', href);
    window.addEventListener('popstate', onPop, { capture: true });
    return () => {
      window.removeEventListener('popstate', onPop, { capture: true });
      if (!isBack) stale.set(href, (stale.get(href) ?? 0) + 1);
    };
  }, [open]);
}
