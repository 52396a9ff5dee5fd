'use client';

import { findIngredient } from '@/core/material';
import { say } from '@/core/quantity';
import { Button } from '@/ui/button';
import { catalogue } from '@/web/catalogue-here';
import { reads } from '@/web/reads-here';

type Props = {
  readonly ingredient: string;
  readonly overG: number;
  readonly busy: boolean;
  readonly onRescale: () => void;
  readonly onSpread: () => void;
};

/** Too much went in: two ways to put it right, each in one tap. */
export function Overpour({ ingredient, overG, busy, onRescale, onSpread }: Props) {
  return (
    <div role="alert" className="mb-4 border-late border-l-8 bg-paper px-4 py-3">
      <p className="text-lg font-semibold">
        ▲ {say(overG, 'g', reads())} too much {findIngredient(ingredient, catalogue())?.name.toLowerCase()}
      </p>
      <div className="mt-2 grid gap-x-6 gap-y-2 bench:grid-cols-2">
        <div>
          <Button look="late" big disabled={busy} onClick={onRescale}>
            Rescale the pot
          </Button>
          <p className="mt-1 text-sm">The pot grows and the ratio holds: each other mark moves up with it.</p>
        </div>
        <div>
          <Button big disabled={busy} onClick={onSpread}>
            Leave it for the next pot
          </Button>
          <p className="mt-1 text-sm">This pot stays as it is; the next of this formula gets that much less.</p>
        </div>
      </div>
    </div>
  );
}
