import { board as wording } from '@/messages/screens/start';
import { TextField } from '@/ui/field';
import { type FieldsProps, Grain } from './shared';

export const BoardFields = ({ field, form, echo }: FieldsProps) => (
  <>
    <TextField label={wording.lengthWidthThickness} {...field('sizes')} hint={wording.xXOrX} echo={echo} />
    <Grain form={form} />
    <TextField label={wording.juiceGrooveWidthDepth} {...field('groove')} hint={wording.xXEmptyFor} />
    <TextField label={wording.handleHoleLengthWidth} {...field('hole')} hint={wording.xEmptyForNone} />
    <TextField label={wording.engravedShareOfThe} {...field('engraved')} hint={wording.emptyForNone} />
  </>
);
