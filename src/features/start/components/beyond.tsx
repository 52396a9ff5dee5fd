'use client';

import { useState } from 'react';
import { sayMinutes } from '@/core/quantity';
import { TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';

type Props = {
  /** Minutes after which the surplus gums. */
  readonly most: number;
  readonly why: string;
  readonly fault: string | undefined;
  readonly onChange: (why: string) => void;
};

/** A first soak that is to lie longer than its oil bears: what can go wrong is read before it is allowed, and the alarm stays where it was. */
export function Beyond({ most, why, fault, onChange }: Props) {
  const [read, setRead] = useState(why !== '');
  return (
    <div className="mb-3 border-late border-l-8 bg-paper px-3 py-2">
      <p>
        <strong>
          The first soak is longer than this oil bears{most > 0 ? `: its surplus gums after ${sayMinutes(most)}` : ''}.
        </strong>{' '}
        Gummed surplus is re-wetted with the same oil, scrubbed and wiped; past a day it wants a fine pad. Warmth makes it sooner.
        On wood that drinks all of it a longer soak may do no harm; keep it wet, and wipe all of it.
      </p>
      <Tick checked={read} onChange={() => setRead(!read)}>
        Read. It may lie longer, and the alarm still calls after {most > 0 ? `${sayMinutes(most)}` : 'its bound'}
      </Tick>
      {read ? (
        <TextField
          label="Why it may"
          value={why}
          onChange={(event) => onChange(event.target.value)}
          hint="thirsty end grain, drinks it all; stays on the record"
          fault={fault}
        />
      ) : null}
    </div>
  );
}
