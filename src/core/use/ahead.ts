import { ok, type Result } from '@/core/quantity';
import { type FinishLayer, finishOf } from './finish';
import { gates, type UseGate } from './gates';
import type { GatesInput } from './gates/piece';

/** A material that may be chosen for a slot. */
export type Choosable = FinishLayer & { readonly id: number };

/** What release will say of a piece that is only thought of. */
export type PlannedPiece = Omit<GatesInput, 'finish'> & {
  /** The regimen itself counts as a film. */
  readonly film: boolean;
  /** Whether what a slot lays on lies where the piece meets its use; all of them unless said. */
  readonly meets?: (slot: string) => boolean;
  /** A glue between its woods, or nothing. */
  readonly glue?: FinishLayer | null;
  /** What is chosen, by slot; a slot may still be empty. */
  readonly chosen: Readonly<Record<string, Choosable | undefined>>;
  /** What else there is for each slot. */
  readonly choices: Readonly<Record<string, readonly Choosable[]>>;
};

/** A gate with the materials that would meet it, each put in its slot alone and closing no other gate. */
export type GateAhead = UseGate & { readonly meetBy: readonly { readonly slot: string; readonly id: number }[] };

const layersOf = (chosen: PlannedPiece['chosen'], meets: (slot: string) => boolean): Choosable[] =>
  Object.entries(chosen).flatMap(([slot, one]) => (one && meets(slot) ? [one] : []));

/** The gates that need no time, while a piece is still being thought of: which fail, which may be signed, which material would meet them. */
export function gatesAhead({
  film,
  chosen,
  choices,
  meets = () => true,
  glue = null,
  ...piece
}: PlannedPiece): Result<{ readonly gates: readonly GateAhead[]; readonly notForFood: boolean }> {
  const judge = (of: PlannedPiece['chosen']) =>
    gates({ ...piece, finish: finishOf([...layersOf(of, meets), ...(glue ? [glue] : [])], film) });
  const now = judge(chosen);
  if (!now.ok) return now;
  const open = (found: readonly UseGate[]): ReadonlySet<string> =>
    new Set(found.filter((gate) => !gate.met).map((gate) => gate.id));
  const unmet = open(now.value.gates);
  const instead = Object.entries(choices).flatMap(([slot, each]) =>
    each.flatMap((one) => {
      const tried = one.id === chosen[slot]?.id ? null : judge({ ...chosen, [slot]: one });
      return tried?.ok ? [{ slot, id: one.id, unmet: open(tried.value.gates) }] : [];
    }),
  );
  return ok({
    notForFood: now.value.notForFood,
    gates: now.value.gates.map((gate) => ({
      ...gate,
      meetBy: gate.met
        ? []
        : instead
            .filter((one) => !one.unmet.has(gate.id) && [...one.unmet].every((id) => unmet.has(id)))
            .map(({ slot, id }) => ({ slot, id })),
    })),
  });
}
