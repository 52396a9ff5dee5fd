import { check } from '@/core/contract';
import { ok, type Result } from '@/core/quantity';
import { contact } from './contact';
import { cures } from './cures';
import { declared } from './declared';
import { film } from './film';
import type { UseGateKind } from './gate';
import { heat } from './heat';
import { nut } from './nut';
import { origin } from './origin';
import { food, GatesInput, isFar, isUndeclared, type JudgedPiece, onPaper } from './piece';
import { wood } from './wood';

/** The gates in which time does not enter, in the order they are looked at. */
export const USE_GATE_KINDS = { wood, origin, contact, film, heat, cures, declared, nut } as const satisfies Readonly<
  Record<string, UseGateKind>
>;
export type UseGateId = keyof typeof USE_GATE_KINDS;
export const USE_GATES = Object.keys(USE_GATE_KINDS) as [UseGateId, ...UseGateId[]];

/** One gate: whether it is met, and whether a maker may sign for it with a reason; nothing that is met wants signing. */
export type UseGate = { readonly id: UseGateId; readonly met: boolean; readonly maySign: boolean };

/** What a piece may be sold for, and whether its slip, page and label must say "Not for food". */
export type UseGates = { readonly gates: readonly UseGate[]; readonly notForFood: boolean };

function isNotForFood(piece: JudgedPiece, gates: readonly UseGate[]): boolean {
  const open = gates.filter((gate) => !gate.met);
  const isOff = ({ id, maySign }: UseGate): boolean =>
    USE_GATE_KINDS[id].keepsFoodOff === 'always' || (USE_GATE_KINDS[id].keepsFoodOff === 'unless signed' && !maySign);
  if (open.some(isOff)) return true;
  if (food(piece) || !piece.tableware) return false;
  return (
    (isFar(piece.finish) && !onPaper(piece)) ||
    isUndeclared(piece) ||
    ['avoid', 'toxic', 'unknown'].includes(piece.wood.food) ||
    piece.wood.origin === 'found' ||
    piece.wood.origin === 'treated'
  );
}

/**
 * What a piece may be sold for, as far as time does not enter (calc.md, 14). Signing lets it be sold; it does not take "Not for food" away.
 * @param input its uses, its wood and where that came from, and the finish of the surface that meets the use
 */
export function gates(input: unknown): Result<UseGates> {
  const checked = check(GatesInput, input);
  if (!checked.ok) return checked;
  const piece = checked.value;
  const found = USE_GATES.filter((id) => USE_GATE_KINDS[id].applies(piece)).map((id): UseGate => {
    const met = USE_GATE_KINDS[id].met(piece);
    return { id, met, maySign: !met && USE_GATE_KINDS[id].maySign(piece) };
  });
  return ok({ gates: found, notForFood: isNotForFood(piece, found) });
}
