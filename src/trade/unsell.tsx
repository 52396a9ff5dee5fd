'use client';

import { Ask } from '@/ui/ask';
import { Faults } from '@/ui/field';
import { useSave } from '@/web/use-save';
import { unsell } from './unsell-action';

type Props = { readonly codes: readonly string[]; readonly onDone?: () => void };

/** Takes a sale back, while no letter has left and its owner has said nothing. */
export function Unsell({ codes, onDone }: Props) {
  const { busy, rest, run } = useSave();
  const several = codes.length > 1;
  return (
    <Ask
      opens="Not sold after all"
      title="Take the sale back"
      say={`${several ? `The ${codes.length} pieces are` : 'The piece is'} for sale again. The slip no longer counts, the dates go, a tin that went with it comes back to the shelf. That it was sold and taken back stays written.`}
      does="Take it back"
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
    </Ask>
  );
}
