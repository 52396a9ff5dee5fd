'use client';

import { unsell as wording } from '@/messages/screens/trade';
import { AskButton } from '@/ui/ask';
import { Faults } from '@/ui/field';
import { useSave } from '@/web/use-save';
import { unsell } from './unsell-action';

type Props = { readonly codes: readonly string[]; readonly onDone?: () => void };

/** Takes a sale back, while no letter has left and its owner has said nothing. */
export function Unsell({ codes, onDone }: Props) {
  const { busy, rest, run } = useSave();
  const several = codes.length > 1;
  return (
    <AskButton
      opens={wording.notSoldAfterAll}
      title={wording.takeTheSaleBack}
      say={wording.forSaleAgainThe(several ? wording.thePiecesAre(codes.length) : wording.thePieceIs)}
      does={wording.takeItBack}
      busy={busy}
      onDo={(close) =>
        void run(
          () => unsell({ codes: [...codes] }),
          () => {
            close();
            onDone?.();
          },
        )
      }
    >
      <Faults of={rest([])} />
    </AskButton>
  );
}
