import { startRing as wording } from '@/messages/screens/start';
import { TextField } from '@/ui/field';
import type { FieldsProps } from './shared';

export const RingFields = ({ field, echo }: FieldsProps) => (
  <TextField label={wording.diameterThicknessOfThe} {...field('sizes')} hint="70 x 12" echo={echo} />
);
