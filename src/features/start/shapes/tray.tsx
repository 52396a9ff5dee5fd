import { TextField } from '@/ui/field';
import type { FieldsProps } from './shared';

export const TrayFields = ({ field, echo }: FieldsProps) => (
  <>
    <TextField label="Length × width × thickness" {...field('sizes')} hint="400 x 250 x 30" echo={echo} />
    <TextField label="Recess: length × width × depth" {...field('recess')} hint="360 x 210 x 14" />
  </>
);
