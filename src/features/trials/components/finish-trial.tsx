'use client';

import { finishTrial as wording } from '@/messages/screens/trials';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';
import { finish } from '../actions';

type Props = { readonly trialId: number; readonly base: number; readonly closed: boolean };

/** A trial is over or given up, with what is made of it; or is opened again. */
export function FinishTrial({ trialId, base, closed }: Props) {
  const saving = useSave();
  if (closed)
    return (
      <>
        <Button disabled={saving.busy} onClick={() => void saving.run(() => finish({ trialId, base, why: null }))}>
          {wording.openItAgain}
        </Button>
        <Faults of={saving.rest([])} />
      </>
    );
  return (
    <FormSheet
      opens={wording.closeTheTrial}
      title={wording.closeTheTrial}
      saves={wording.closeIt}
      fields={[{ name: 'why', label: wording.whatYouMakeOf, value: '', hint: wording.whatItShowedOr }]}
      save={(values) => finish({ trialId, base, why: values.why ?? '' })}
    />
  );
}
