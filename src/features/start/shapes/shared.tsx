import type { z } from 'zod';
import type { DesignDraft } from '@/core/piece';
import type { Design } from '@/data/catalogue/catalogue';
import { startShapes as wording } from '@/messages/screens/start';
import { SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';
import type { FieldOf, FormState } from '@/web/form/use-form';
import type { DesignFields } from '../forms';

/** Fields that are typed straight into the form. */
export type Typed =
  | 'sizes'
  | 'groove'
  | 'hole'
  | 'engraved'
  | 'wall'
  | 'bowl'
  | 'handle'
  | 'recess'
  | 'surface'
  | 'endShare'
  | 'times';

export type FieldsProps = {
  readonly draft: DesignDraft;
  readonly designs: readonly Pick<Design, 'name' | 'revisionId' | 'geometry'>[];
  readonly field: (name: Typed) => FieldOf;
  readonly form: FormState<z.input<typeof DesignFields>>;
  readonly faults: Readonly<Record<string, string>>;
  /** What was understood of it. */
  readonly echo: string | null;
  readonly onChange: (change: Partial<DesignDraft>) => void;
};

export const Grain = ({ form }: Pick<FieldsProps, 'form'>) => (
  <SelectField label={wording.grainOfTheFaces} {...form.field('grain')}>
    <option value="long">{wording.longGrain}</option>
    <option value="end">{wording.endGrain}</option>
  </SelectField>
);

export const Lid = ({ draft, onChange }: Pick<FieldsProps, 'draft' | 'onChange'>) => (
  <Tick checked={draft.lid} onChange={() => onChange({ lid: !draft.lid })}>
    {wording.withALid}
  </Tick>
);

export const Wall = ({ field }: Pick<FieldsProps, 'field'>) => (
  <TextField label={wording.wall} {...field('wall')} hint={wording.mm} />
);

export const Handled = ({ field, echo }: Pick<FieldsProps, 'field' | 'echo'>) => (
  <>
    <TextField label={wording.bowlLengthWidthDepth} {...field('bowl')} hint="70 x 50 x 14" />
    <TextField label={wording.handleLengthWidthThickness} {...field('handle')} hint="200 x 18 x 10" echo={echo} />
  </>
);
