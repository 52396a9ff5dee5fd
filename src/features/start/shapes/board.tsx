import { TextField } from '@/ui/field';
import { type FieldsProps, Grain } from './shared';

export const BoardFields = ({ field, form, echo }: FieldsProps) => (
  <>
    <TextField label="Length × width × thickness" {...field('sizes')} hint="420 x 260 x 24, or 12 x 18 x 1 in" echo={echo} />
    <Grain form={form} />
    <TextField label="Juice groove: width × depth × from the edge" {...field('groove')} hint="12 x 5 x 20; empty for none" />
    <TextField label="Handle hole: length × width" {...field('hole')} hint="90 x 30; empty for none" />
    <TextField label="Engraved, share of the top face" {...field('engraved')} hint="10 %; empty for none" />
  </>
);
