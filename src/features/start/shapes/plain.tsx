import { TextField } from '@/ui/field';
import type { FieldsProps } from './shared';

export const PlainFields = ({ field, echo }: FieldsProps) => (
  <>
    <TextField label="Its whole surface" {...field('surface')} hint="1200 cm², or 1.3 sq ft" echo={echo} />
    <TextField label="End grain, share of it" {...field('endShare')} hint="10 %; empty for none" />
  </>
);
