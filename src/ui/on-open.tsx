'use client';

import { type ComponentType, type ReactNode, useEffect, useState } from 'react';
import { onOpen as wording } from '@/messages/screens/ui';

/** A sheet that stands open or shut. */
export type Opened = { readonly open: boolean; readonly onOpenChange: (open: boolean) => void };

/** What the button takes that opens it. */
type Opener = { readonly onClick: () => void; readonly onPointerEnter: () => void; readonly onFocus: () => void };

/**
 * A part of a screen whose code the page does without until it is wanted. A shop that does not answer then is said, and asked again at
 * the next touch.
 */
export function useBrought<P extends object>(bring: () => Promise<ComponentType<P>>) {
  const [brought, setBrought] = useState<{ readonly Part: ComponentType<P> } | null>(null);
  const [failed, setFailed] = useState(false);
  const want = (): void => {
    if (brought) return;
    bring().then(
      (Part) => {
        setBrought({ Part });
        setFailed(false);
      },
      () => setFailed(true),
    );
  };
  return { Part: brought?.Part ?? null, failed, want };
}

/** Said where a part was wanted and did not come. */
export function NotBrought() {
  return (
    <p role="alert" className="text-sm font-semibold text-late">
      {wording.theShopDidNot}
    </p>
  );
}

/** A button and the sheet it opens, at once where the address asks for it; which is brought when a finger or the focus comes near the button. */
export function onOpen<P extends object>(
  bring: () => Promise<ComponentType<P & Opened>>,
  face: (opener: Opener, of: P) => ReactNode,
) {
  return function OnOpen({ opened = false, ...rest }: P & { readonly opened?: boolean }) {
    const of = rest as unknown as P;
    const [open, setOpen] = useState(opened);
    const { Part, failed, want } = useBrought(bring);
    // biome-ignore lint/correctness/useExhaustiveDependencies: the address asked for it when the page came
    useEffect(() => {
      if (opened) want();
    }, []);
    const openIt = (): void => {
      setOpen(true);
      want();
    };
    return (
      <>
        {face({ onClick: openIt, onPointerEnter: want, onFocus: want }, of)}
        {Part ? <Part {...of} open={open} onOpenChange={setOpen} /> : null}
        {failed && open ? <NotBrought /> : null}
      </>
    );
  };
}
