'use client';

import { Button } from '@/ui/button';

/** Prints the page as it is seen. */
export function PrintButton() {
  return <Button onClick={() => window.print()}>Print it here</Button>;
}
