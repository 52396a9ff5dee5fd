import { type FieldsProps, Handled, Wall } from './shared';

export const ScoopFields = ({ field, echo }: FieldsProps) => (
  <>
    <Wall field={field} />
    <Handled field={field} echo={echo} />
  </>
);
