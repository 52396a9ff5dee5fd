'use client';

import { say } from '@/core/quantity';
import { sheets as wording } from '@/messages/screens/stores';
import { Button } from '@/ui/button';
import { onOpen } from '@/ui/on-open';
import { reads } from '@/web/here';

/* The sheets of the stores, each behind its button. */

export const AddLot = onOpen(
  async () => (await import('./lot-sheet')).LotSheet,
  (opener) => (
    <Button look="main" {...opener}>
      {wording.receiveALot}
    </Button>
  ),
);

export const BoughtFinish = onOpen(
  async () => (await import('./ready-sheet')).ReadySheet,
  (opener, { of }) => <Button {...opener}>{of ? wording.putItsLabelRight : wording.aBoughtFinish}</Button>,
);

export const OwnIngredient = onOpen(
  async () => (await import('./own-sheet')).OwnSheet,
  (opener, { of }) => <Button {...opener}>{of ? wording.putItsSheetRight : wording.anIngredientOfYour}</Button>,
);

export const KeepReference = onOpen(
  async () => (await import('./reference-sheet')).ReferenceSheet,
  (opener) => <Button {...opener}>{wording.keepAPieceAs}</Button>,
);

export const StockTake = onOpen(
  async () => (await import('./stock-take-sheet')).StockTakeSheet,
  (opener) => <Button {...opener}>{wording.stockTake}</Button>,
);

export const PutRight = onOpen(
  async () => (await import('./put-right-sheet')).PutRightSheet,
  (opener) => <Button {...opener}>{wording.putItRight}</Button>,
);

export const EnterJar = onOpen(
  async () => (await import('./jar-sheet')).JarSheet,
  (opener) => <Button {...opener}>{wording.enterASize}</Button>,
);

/** What the ledger says is left, and a way to put it right by weighing. */
export const CountLot = onOpen(
  async () => (await import('./count-sheet')).CountSheet,
  (opener, { number, leftG }) => (
    <button
      type="button"
      className="reading min-h-11 min-w-20 text-right font-semibold underline decoration-dotted underline-offset-4"
      aria-label={wording.leftOfWeighAgain(say(leftG, 'g', reads()), number)}
      {...opener}
    >
      {say(leftG, 'g', reads())}
    </button>
  ),
);
