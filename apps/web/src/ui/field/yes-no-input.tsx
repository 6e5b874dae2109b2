import type { Field } from '@potter/core/field';
import { YesNo } from '../yes-no';
import type { Control } from './control';

export const YesNoInput: Control<Extract<Field, { kind: 'yes-no' }>> = ({
  field,
  value,
  onChange,
}) => <YesNo label={field.label} value={value === true} onChange={(v) => onChange(v)} />;
