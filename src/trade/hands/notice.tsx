'use client';

import { type ReactNode, useState } from 'react';
import { notice as wording } from '@/messages/screens/trade';
import { classes } from '@/ui/classes';
import { Sheet } from '@/ui/dialog';
import { Link } from '@/ui/link';

/** Something beside the next act that wants a person; what burns comes before what asks, and that before what is only told. */
export type StripNotice = { readonly key: string; readonly tone: keyof typeof TONES; readonly row: ReactNode };

const TONES = {
  alarm: 'bg-late text-on-state',
  ask: 'bg-glow',
  told: '',
} as const;
const ORDER = Object.keys(TONES);

type RowProps = {
  readonly tone: StripNotice['tone'];
  readonly says: ReactNode;
  /** What may be left out where there is little room, and stands in the list. */
  readonly detail?: ReactNode;
  /** Who reads a screen aloud hears it at once. */
  readonly loud?: boolean;
  readonly children?: ReactNode;
};

/** One notice: what it says, and its one button. */
export function NoticeRow({ tone, says, detail, loud = false, children }: RowProps) {
  return (
    <div className={classes('flex min-h-11 items-center gap-x-3 px-3 bench:min-h-14 bench:gap-x-4', TONES[tone])}>
      <p role={loud ? 'alert' : undefined} className="min-w-0 grow font-semibold leading-5 max-bench:text-sm max-bench:leading-4">
        {says}
        {detail ? <span className="font-normal text-sm in-data-line:max-bench:hidden"> {detail}</span> : null}
      </p>
      {children}
    </div>
  );
}

/** What is wrong in the shop and burns. */
export type Trouble = { readonly key: string; readonly text: string; readonly href?: string };

export const troubleNotice = ({ key, text, href }: Trouble): StripNotice => ({
  key,
  tone: 'alarm',
  row: (
    <NoticeRow tone="alarm" loud says={`▲ ${text}`}>
      {href ? (
        <Link href={href} className="inline-flex min-h-11 shrink-0 items-center font-semibold text-on-state">
          {wording.goToIt}
        </Link>
      ) : null}
    </NoticeRow>
  ),
});

/** The notice that matters most, in one line; the others are one touch away. */
export function Notices({ of: all }: { readonly of: readonly StripNotice[] }) {
  const [open, setOpen] = useState(false);
  const sorted = [...all].sort((a, b) => ORDER.indexOf(a.tone) - ORDER.indexOf(b.tone));
  const [first] = sorted;
  if (!first) return null;
  const more = sorted.length - 1;
  const alarms = sorted.filter((one) => one.tone === 'alarm').length - 1;
  return (
    <div data-line className={classes('flex items-center border-rule border-t', TONES[first.tone])}>
      <div className="min-w-0 grow">{first.row}</div>
      {more > 0 ? (
        <button
          type="button"
          className="min-h-11 min-w-11 shrink-0 px-3 font-semibold underline underline-offset-4"
          onClick={() => setOpen(true)}
        >
          {alarms > 0 ? '▲ ' : ''}
          <span className="max-bench:sr-only">{wording.and}</span>
          <span aria-hidden="true" className="bench:hidden">
            +
          </span>
          {more}
          <span className="max-bench:sr-only">{wording.more}</span>
        </button>
      ) : null}
      <Sheet title={wording.whatWantsAPerson} open={open} onOpenChange={setOpen}>
        <ul className="flex flex-col gap-2">
          {sorted.map((one) => (
            <li key={one.key} className="border-rule border">
              {one.row}
            </li>
          ))}
        </ul>
      </Sheet>
    </div>
  );
}
