import { roundBox as wording } from '@/messages/screens/start';
import { TextField } from '@/ui/field';
import { type FieldsProps, Lid, Wall } from './shared';

export const RoundBoxFields = ({ draft, field, echo, onChange }: FieldsProps) => (
  <>
    <TextField label={wording.diameterHeight} {...field('sizes')} hint="90 x 70" echo={echo} />
    <Lid draft={draft} onChange={onChange} />
    <Wall field={field} />
  </>
);
