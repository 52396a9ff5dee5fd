'use client';

import { findIngredient } from '@/core/material';
import { say } from '@/core/quantity';
import { overpour as wording } from '@/messages/screens/pour';
import { Button } from '@/ui/button';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

type Props = {
  readonly ingredient: string;
  readonly overG: number;
  readonly busy: boolean;
  readonly onRescale: () => void;
  readonly onSpread: () => void;
};

/** Too much went in: two ways to put it right, each in one tap. */
export function OverpourAsked({ ingredient, overG, busy, onRescale, onSpread }: Props) {
  return (
    <div role="alert" className="mb-4 border-late border-l-8 bg-paper px-4 py-3">
      <p className="text-lg font-semibold">
        {wording.tooMuch(say(overG, 'g', reads()))}
        {findIngredient(ingredient, catalogue())?.name.toLowerCase()}
      </p>
      <div className="mt-2 grid gap-x-6 gap-y-2 bench:grid-cols-2">
        <div>
          <Button look="late" big disabled={busy} onClick={onRescale}>
            {wording.rescaleThePot}
          </Button>
          <p className="mt-1 text-sm">{wording.thePotGrowsAnd}</p>
        </div>
        <div>
          <Button big disabled={busy} onClick={onSpread}>
            {wording.leaveItForThe}
          </Button>
          <p className="mt-1 text-sm">{wording.thisPotStaysAs}</p>
        </div>
      </div>
    </div>
  );
}
