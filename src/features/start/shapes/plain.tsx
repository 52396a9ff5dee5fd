import { plain as wording } from '@/messages/screens/start';
import { TextField } from '@/ui/field';
import type { FieldsProps } from './shared';

export const PlainFields = ({ field, echo }: FieldsProps) => (
  <>
    <TextField label={wording.itsWholeSurface} {...field('surface')} hint={wording.cmOrSqFt} echo={echo} />
    <TextField label={wording.endGrainShareOf} {...field('endShare')} hint={wording.emptyForNone} />
  </>
);
