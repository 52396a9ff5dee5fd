import { TextField } from '@/ui/field';
import type { FieldsProps } from './shared';

export const RingFields = ({ field, echo }: FieldsProps) => (
  <TextField label="Diameter × thickness of the bar" {...field('sizes')} hint="70 x 12" echo={echo} />
);
