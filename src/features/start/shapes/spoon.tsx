import { type FieldsProps, Handled } from './shared';

export const SpoonFields = ({ field, echo }: FieldsProps) => <Handled field={field} echo={echo} />;
