'use client';

import { printButton as wording } from '@/messages/screens/ui';
import { Button } from '@/ui/button';

/** Prints the page as it is seen. */
export function PrintButton() {
  return <Button onClick={() => window.print()}>{wording.printItHere}</Button>;
}
