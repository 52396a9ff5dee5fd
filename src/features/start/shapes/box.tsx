import { startBox as wording } from '@/messages/screens/start';
import { TextField } from '@/ui/field';
import { type FieldsProps, Lid, Wall } from './shared';

export const BoxFields = ({ draft, field, echo, onChange }: FieldsProps) => (
  <>
    <TextField label={wording.lengthWidthHeight} {...field('sizes')} hint="180 x 120 x 90" echo={echo} />
    <Lid draft={draft} onChange={onChange} />
    <Wall field={field} />
  </>
);
