import { RegimenStep } from './schema';

type Written = 'id' | 'kind' | 'action' | 'done' | 'setupMin' | 'perPieceMin' | 'wait';
/** A step without what is as in most steps. */
export type BriefStep = Pick<RegimenStep, Written> & Partial<RegimenStep>;
/** A regimen on its way to a browser: half of what its steps say is what most steps say. */
export type Brief<R extends { readonly steps: readonly RegimenStep[] }> = Omit<R, 'steps'> & {
  readonly steps: readonly BriefStep[];
};

/** What a step says where nothing was written. Parsed when it is asked for: a page that sends no regimen loads nothing of it. */
function usual(): Omit<RegimenStep, Written> {
  const wait = { min: 0, ideal: 0, max: null };
  const bare = { id: '-', kind: 'check', action: '-', done: '-', setupMin: 0, perPieceMin: 0, wait };
  const { id, kind, action, done, setupMin, perPieceMin, wait: _wait, ...rest } = RegimenStep.parse(bare);
  return rest;
}

/** Leaves out of each step what is as usual; `inFull` puts it back. */
export function briefly<R extends { readonly steps: readonly RegimenStep[] }>(regimen: R): Brief<R> {
  const left = new Map(Object.entries(usual()).map(([field, value]) => [field, JSON.stringify(value)]));
  const brief = (step: RegimenStep): BriefStep =>
    Object.fromEntries(Object.entries(step).filter(([field, value]) => left.get(field) !== JSON.stringify(value))) as BriefStep;
  return { ...regimen, steps: regimen.steps.map(brief) };
}

/** The regimen as it was before `briefly`. */
export function inFull<R extends { readonly steps: readonly RegimenStep[] }>(sent: Brief<R>): R {
  const rest = usual();
  return { ...sent, steps: sent.steps.map((step) => ({ ...rest, ...step })) } as unknown as R;
}
