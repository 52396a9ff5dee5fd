'use client';

import { Button } from '@/ui/button';
import { onOpen } from '@/ui/on-open';

/** A few fields behind one button. */
export const FormSheet = onOpen(
  async () => (await import('./fields-sheet')).FieldsSheet,
  (opener, { opens, look = 'plain' }) => (
    <Button look={look} {...opener}>
      {opens}
    </Button>
  ),
);
