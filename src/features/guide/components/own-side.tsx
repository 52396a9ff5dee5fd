'use client';

import { useState } from 'react';
import type { School } from '@/core/guide';
import { ownSide as wording } from '@/messages/screens/guide';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/choice';
import { Faults, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { useSave } from '@/web/use-save';
import { saySide } from '../actions';

type Props = {
  readonly question: string;
  readonly schools: readonly School[];
  readonly houseSchool: string;
  /** The shop's own side where it has one. */
  readonly own: { readonly school: string; readonly reason: string } | null;
  readonly isLookedAt: boolean;
};

/** The shop's own side: which, and why; or back to the house's. */
export function OwnSide({ question, schools, houseSchool, own, isLookedAt }: Props) {
  const [school, setSchool] = useState(own?.school ?? houseSchool);
  const [reason, setReason] = useState(own?.reason ?? '');
  const saving = useSave();
  const save = (of: string): void => void saving.run(() => saySide({ question, school: of, reason }));
  return (
    <Form
      className="no-print mt-2"
      onSubmit={() => {
        save(school);
      }}
    >
      <ChoiceField
        asks={wording.thisShopHoldsWith}
        value={school}
        options={schools.map((one) => ({
          value: one.id,
          name: `${one.says}${one.id === houseSchool ? wording.theHousesChoice : ''}`,
        }))}
        onChange={setSchool}
      />
      <TextField
        label={shared.why}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        fault={saving.faults.reason}
        hint={wording.keptWithTheRule}
      />
      <Faults of={saving.rest(['reason'])} />
      <div className="flex flex-wrap gap-3">
        <Button look="main" type="submit" disabled={saving.busy}>
          {own ? wording.changeOurRule : wording.makeItOurRule}
        </Button>
        {own ? (
          <Button onClick={() => save('')} disabled={saving.busy}>
            {wording.backToTheHouses}
          </Button>
        ) : null}
      </div>
      <p className="mt-2 max-w-prose text-sm text-soft">{isLookedAt ? wording.itWarnsWhereA : wording.itIsKeptAnd}</p>
    </Form>
  );
}
