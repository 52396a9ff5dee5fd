'use client';

import { type HandAction, pressOf } from '@/core/hands';
import { recordButtons as wording } from '@/messages/screens/trade';
import { Button } from '@/ui/button';
import { classes } from '@/ui/classes';

type Props = {
  readonly action: HandAction;
  readonly nowMs: number;
  readonly busy: boolean;
  /** Full size, to be hit from a step away. */
  readonly huge?: boolean;
  /** As it stands in a line. */
  readonly small?: boolean;
  readonly className?: string;
  readonly onRecord: (pass?: boolean) => void;
};

/** What records an action: one button, or two where a check has two outcomes. Its colour says how it presses. */
export function RecordButtons({ action, nowMs, busy, huge = false, small = false, className, onRecord }: Props) {
  const press = pressOf(action, nowMs);
  const early = press === 'too-early';
  const look = press === 'at-risk' ? 'late' : early ? 'plain' : 'hand';
  const size = { big: !huge && !small, className: classes(huge && 'min-h-28 text-3xl', className) };
  if (action.outcome === null)
    return (
      <Button look={look} {...size} disabled={busy} onClick={() => onRecord()}>
        {action.done}
        {early ? wording.early : ''}
      </Button>
    );
  return (
    <>
      <Button look={early ? 'plain' : 'hand'} {...size} disabled={busy} onClick={() => onRecord(true)}>
        {wording.passed}
      </Button>
      <Button {...size} disabled={busy} onClick={() => onRecord(false)}>
        {wording.notYet}
      </Button>
    </>
  );
}
