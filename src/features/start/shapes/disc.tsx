import { TextField } from '@/ui/field';
import { type FieldsProps, Grain } from './shared';

export const DiscFields = ({ field, form, echo }: FieldsProps) => (
  <>
    <TextField label="Diameter × thickness" {...field('sizes')} hint="300 x 22" echo={echo} />
    <Grain form={form} />
  </>
);
