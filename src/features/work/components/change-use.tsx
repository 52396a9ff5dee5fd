'use client';

import { changeUse as wording } from '@/messages/screens/work';
import { Button } from '@/ui/button';
import { onOpen } from '@/ui/on-open';

/** Changes what a running batch is for; its sheet is loaded when it is opened. */
export const ChangeUse = onOpen(
  async () => (await import('./use-sheet')).UseSheet,
  (opener) => (
    <Button look="quiet" {...opener}>
      {wording.change}
    </Button>
  ),
);
