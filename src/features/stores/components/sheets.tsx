'use client';

import { say } from '@/core/quantity';
import { Button } from '@/ui/button';
import { onOpen } from '@/ui/on-open';
import { reads } from '@/web/reads-here';

/* The sheets of the stores, each behind its button. */

export const AddLot = onOpen(
  async () => (await import('./lot-sheet')).LotSheet,
  (opener) => (
    <Button look="main" {...opener}>
      Receive a lot
    </Button>
  ),
);

export const BoughtFinish = onOpen(
  async () => (await import('./ready-sheet')).ReadySheet,
  (opener, { of }) => <Button {...opener}>{of ? 'Put its label right' : 'A bought finish'}</Button>,
);

export const OwnIngredient = onOpen(
  async () => (await import('./own-sheet')).OwnSheet,
  (opener, { of }) => <Button {...opener}>{of ? 'Put its sheet right' : 'An ingredient of your own'}</Button>,
);

export const KeepReference = onOpen(
  async () => (await import('./reference-sheet')).ReferenceSheet,
  (opener) => <Button {...opener}>Keep a piece as the known one</Button>,
);

export const StockTake = onOpen(
  async () => (await import('./stock-take-sheet')).StockTakeSheet,
  (opener) => <Button {...opener}>Stock-take</Button>,
);

export const PutRight = onOpen(
  async () => (await import('./put-right-sheet')).PutRightSheet,
  (opener) => <Button {...opener}>Put it right</Button>,
);

export const EnterJar = onOpen(
  async () => (await import('./jar-sheet')).JarSheet,
  (opener) => <Button {...opener}>Enter a size</Button>,
);

/** What the ledger says is left, and a way to put it right by weighing. */
export const CountLot = onOpen(
  async () => (await import('./count-sheet')).CountSheet,
  (opener, { number, leftG }) => (
    <button
      type="button"
      className="reading min-h-11 min-w-20 text-right font-semibold underline decoration-dotted underline-offset-4"
      aria-label={`${say(leftG, 'g', reads())} left of ${number}: weigh again`}
      {...opener}
    >
      {say(leftG, 'g', reads())}
    </button>
  ),
);
