import { disc as wording } from '@/messages/screens/start';
import { TextField } from '@/ui/field';
import { type FieldsProps, Grain } from './shared';

export const DiscFields = ({ field, form, echo }: FieldsProps) => (
  <>
    <TextField label={wording.diameterThickness} {...field('sizes')} hint="300 x 22" echo={echo} />
    <Grain form={form} />
  </>
);
