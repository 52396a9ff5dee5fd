'use client';

import { useEffect, useRef, useState } from 'react';
import { instantOf, parseMoment, type TimeLean } from '@/core/quantity';
import { momentField as wording } from '@/messages/screens/ui';
import { TextField } from './field';
import { shopClock } from './now';
import { clockTime, dayAndDate, wallTime } from './when';
import { useZone } from './zone';

type Props = {
  readonly label: string;
  /** `2031-03-07T14:00` by the shop's clock, as a native field has it; what is not understood as it was typed. */
  readonly value: string;
  readonly onChange: (event: { readonly target: { readonly value: string } }) => void;
  /** Whether it is to come or was: which Friday is meant. */
  readonly lean: TimeLean;
  readonly name?: string;
  readonly hint?: string;
  readonly fault?: string | undefined;
  readonly className?: string;
};

/** As it is read: `2031-03-07 14:00`. */
const shown = (value: string): string => value.replace('T', ' ');

/** A moment, in words or from the device's own calendar: `tomorrow 9`, `fri 14:00`, `40 min ago`. What was understood stands beneath. */
export function MomentField({ label, value, onChange, lean, hint, ...rest }: Props) {
  const zone = useZone();
  const [text, setText] = useState(shown(value));
  const told = useRef(value);
  // What the form says anew (kept from before, emptied, taken over) is shown.
  useEffect(() => {
    if (value === told.current) return;
    told.current = value;
    setText(shown(value));
  }, [value]);
  const tell = (next: string): void => {
    told.current = next;
    onChange({ target: { value: next } });
  };
  const type = (typed: string): void => {
    setText(typed);
    const read = typed.trim() === '' ? null : parseMoment(typed, shopClock(Date.now()), zone, lean);
    tell(read?.ok ? wallTime(read.value, zone) : typed.trim());
  };
  const choose = (picked: string): void => {
    setText(shown(picked));
    tell(picked);
  };
  const at = value === '' ? null : instantOf(value, zone);
  const echo = at?.ok ? `${dayAndDate(at.value, zone)}, ${clockTime(at.value, zone).split(' ').at(-1)}` : null;
  return (
    <div className="relative">
      <TextField
        label={label}
        value={text}
        onChange={(event) => type(event.target.value)}
        hint={hint ?? (lean === 'back' ? wording.minAgoYesterday : wording.tomorrowFri)}
        echo={echo}
        {...rest}
      />
      {/* The device's own calendar, which every hand knows; only its button shows, for the words stand in the field. */}
      <input
        type="datetime-local"
        aria-label={wording.chooseItFromA}
        tabIndex={-1}
        className="absolute top-6 right-0 h-11 w-11 cursor-pointer bg-transparent [&::-webkit-calendar-picker-indicator]:m-3 [&::-webkit-datetime-edit]:hidden"
        value={at?.ok ? wallTime(at.value, zone) : ''}
        onChange={(event) => choose(event.target.value)}
      />
    </div>
  );
}
