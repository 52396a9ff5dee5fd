'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** Whether a click asks for another tab, a window or a file, or was taken already. */
const isOther = (event: MouseEvent): boolean =>
  event.defaultPrevented || event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey;

/** Takes the touch on every `Link` of the page, and goes there without a new page; where it cannot, the browser follows the address itself. */
export function Walk() {
  const router = useRouter();
  useEffect(() => {
    const walk = (event: MouseEvent): void => {
      const link = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[data-walk]') : null;
      if (!link || isOther(event) || (link.target && link.target !== '_self')) return;
      const to = new URL(link.href, location.href);
      if (to.origin !== location.origin) return;
      event.preventDefault();
      router.push(`${to.pathname}${to.search}${to.hash}`);
    };
    document.addEventListener('click', walk);
    return () => document.removeEventListener('click', walk);
  }, [router]);
  return null;
}
