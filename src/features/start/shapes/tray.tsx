import { tray as wording } from '@/messages/screens/start';
import { TextField } from '@/ui/field';
import type { FieldsProps } from './shared';

export const TrayFields = ({ field, echo }: FieldsProps) => (
  <>
    <TextField label={wording.lengthWidthThickness} {...field('sizes')} hint="400 x 250 x 30" echo={echo} />
    <TextField label={wording.recessLengthWidthDepth} {...field('recess')} hint="360 x 210 x 14" />
  </>
);
