import { RegimenStep } from './schema';

type Written = 'id' | 'kind' | 'action' | 'done' | 'setupMin' | 'perPieceMin' | 'wait';
/** A step without what is as in most steps. */
export type BriefStep = Pick<RegimenStep, Written> & Partial<RegimenStep>;
/** A regimen on its way to a browser: half of what its steps say is what most steps say. */
export type Brief<R extends { readonly steps: readonly RegimenStep[] }> = Omit<R, 'steps'> & {
  readonly steps: readonly BriefStep[];
};

const {
  id: _id,
  kind: _kind,
  action: _action,
  done: _done,
  setupMin: _setup,
  perPieceMin: _piece,
  wait: _wait,
  ...USUAL
} = RegimenStep.parse({
  id: '-',
  kind: 'check',
  action: '-',
  done: '-',
  setupMin: 0,
  perPieceMin: 0,
  wait: { min: 0, ideal: 0, max: null },
});
const usual = new Map(Object.entries(USUAL).map(([field, value]) => [field, JSON.stringify(value)]));

/** Leaves out of each step what is as usual; `inFull` puts it back. */
export const briefly = <R extends { readonly steps: readonly RegimenStep[] }>(regimen: R): Brief<R> => ({
  ...regimen,
  steps: regimen.steps.map(
    (step) =>
      Object.fromEntries(
        Object.entries(step).filter(([field, value]) => usual.get(field) !== JSON.stringify(value)),
      ) as BriefStep,
  ),
});

/** The regimen as it was before `briefly`. */
export const inFull = <R extends { readonly steps: readonly RegimenStep[] }>(brief: Brief<R>): R =>
  ({ ...brief, steps: brief.steps.map((step) => ({ ...USUAL, ...step })) }) as unknown as R;
