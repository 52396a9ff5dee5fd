'use client';

import { PIECE_USES, type PieceUse } from '@/core/material';
import { meetsFood } from '@/core/use';
import { USE_WORDS } from '@/messages';
import { useTicks as wording } from '@/messages/screens/trade';
import { Tick } from '@/ui/tick';

type Props = {
  readonly uses: readonly PieceUse[];
  readonly tableware: boolean;
  readonly onChange: (change: { readonly uses: readonly PieceUse[]; readonly tableware: boolean }) => void;
};

/** What a piece is for, as boxes to tick. */
export function UseTicks({ uses, tableware, onChange }: Props) {
  return (
    <fieldset>
      <legend className="label">{wording.whatItIsFor}</legend>
      <div className="grid grid-cols-2 gap-x-4 bench:grid-cols-3">
        {PIECE_USES.map((use) => (
          <Tick
            key={use}
            checked={uses.includes(use)}
            onChange={() =>
              onChange({ tableware, uses: PIECE_USES.filter((one) => (one === use ? !uses.includes(use) : uses.includes(one))) })
            }
          >
            {USE_WORDS[use]}
          </Tick>
        ))}
      </div>
      {uses.length > 0 && !meetsFood(uses) ? (
        <Tick checked={tableware} onChange={() => onChange({ uses, tableware: !tableware })}>
          {wording.somebodyCouldTakeIt}
        </Tick>
      ) : null}
      {uses.length === 0 ? <p className="font-semibold text-late">{wording.chooseAtLeastOne}</p> : null}
    </fieldset>
  );
}
