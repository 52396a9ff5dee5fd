'use client';

import { useState } from 'react';
import { sayMinutes } from '@/core/quantity';
import { beyond as wording } from '@/messages/screens/start';
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
        <strong>{wording.theFirstSoakIs(most > 0 ? wording.itsSurplusGumsAfter(sayMinutes(most)) : '')}</strong>
        {wording.gummedSurplusIsRe}
      </p>
      <Tick checked={read} onChange={() => setRead(!read)}>
        {wording.readItMayLie(most > 0 ? `${sayMinutes(most)}` : wording.itsBound)}
      </Tick>
      {read ? (
        <TextField
          label={wording.whyItMay}
          value={why}
          onChange={(event) => onChange(event.target.value)}
          hint={wording.thirstyEndGrainDrinks}
          fault={fault}
        />
      ) : null}
    </div>
  );
}
