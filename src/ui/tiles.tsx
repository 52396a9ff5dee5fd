'use client';

import { RadioGroup } from 'radix-ui';
import { type ReactNode, useId, useState } from 'react';
import { tiles as wording } from '@/messages/screens/ui';
import { Button } from './button';
import { classes } from './classes';

type Tile<V extends string> = {
  readonly value: V;
  readonly name: string;
  readonly picture: ReactNode;
  readonly says?: ReactNode;
};

type Props<V extends string> = {
  /** What is asked. */
  readonly asks: string;
  readonly value: V | null;
  readonly tiles: readonly Tile<V>[];
  readonly onChange: (value: V) => void;
  /** So many stand there at first, and the chosen one; the rest behind a button that says how many there are. */
  readonly most?: number;
  /** What they are called together: `woods`. */
  readonly all: string;
  /** How wide one is at least, rem. */
  readonly wide?: number;
  readonly hint?: ReactNode;
  readonly fault?: string | undefined;
};

/** One of some, each with its picture: the arrow keys go through them, the whole tile takes the touch. */
export function Tiles<V extends string>({
  asks,
  value,
  tiles,
  onChange,
  most = tiles.length,
  all,
  wide = 7,
  hint,
  fault,
}: Props<V>) {
  const id = useId();
  const [open, setOpen] = useState(false);
  const shown = open ? tiles : tiles.filter((one, i) => i < most || one.value === value);
  return (
    <div className="mb-3">
      <div className="flex items-baseline justify-between gap-4">
        <p id={id} className="label">
          {asks}
        </p>
        {shown.length < tiles.length ? (
          <Button look="quiet" onClick={() => setOpen(true)}>
            {wording.all(tiles.length, all)}
          </Button>
        ) : null}
      </div>
      <RadioGroup.Root
        aria-labelledby={id}
        className="grid gap-2"
        style={{ gridTemplateColumns: `repeat(auto-fill, minmax(min(${wide}rem, 100%), 1fr))` }}
        value={value ?? ''}
        onValueChange={(next) => onChange(next as V)}
      >
        {shown.map((tile) => (
          <label
            key={tile.value}
            htmlFor={`${id}-${tile.value}`}
            className={classes(
              'flex min-h-11 cursor-pointer flex-col border-2 p-2 has-focus-visible:outline-3 has-focus-visible:outline-wet',
              tile.value === value ? 'border-ink bg-paper' : 'border-rule',
            )}
          >
            <RadioGroup.Item id={`${id}-${tile.value}`} value={tile.value} className="sr-only" />
            <span aria-hidden="true">{tile.picture}</span>
            <span className={classes('mt-1 leading-5', tile.value === value ? 'font-semibold' : '')}>
              {tile.value === value ? <span aria-hidden="true">● </span> : null}
              {tile.name}
            </span>
            {tile.says ? <span className="block text-sm text-soft leading-5">{tile.says}</span> : null}
          </label>
        ))}
      </RadioGroup.Root>
      {hint ? <p className="mt-1 text-sm text-soft">{hint}</p> : null}
      {fault ? <p className="font-semibold text-late">▲ {fault}</p> : null}
    </div>
  );
}
