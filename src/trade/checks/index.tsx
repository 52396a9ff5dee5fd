import type { CheckKind } from '@/core/cure';
import type { CheckDrawing } from './drawing';
import { smell } from './smell';
import { touch } from './touch';
import { towel } from './towel';
import { waterBead } from './water-bead';

const DRAWINGS: Readonly<Record<CheckKind, CheckDrawing>> = { towel, smell, touch, 'water-bead': waterBead };

/** A check and how it came out. It stands beside its words. */
export function CheckPicture({ kind, pass }: { readonly kind: CheckKind; readonly pass: boolean }) {
  return (
    <svg aria-hidden="true" viewBox="0 0 72 52" className="h-14 w-20">
      {DRAWINGS[kind]({ pass })}
    </svg>
  );
}
