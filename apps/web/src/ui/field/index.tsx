import type { Field, FieldKindId } from '@potter/core/field';
import { ChoiceInput } from './choice-input';
import type { Control, ControlProps } from './control';
import { CupInput } from './cup-input';
import { CupsInput } from './cups-input';
import { MixInput } from './mix-input';
import { NumberInput } from './number-input';
import { PathInput } from './path-input';
import { PointInput } from './point-input';
import { YesNoInput } from './yes-no-input';

/** The control of every kind of field. A new kind is one file beside these, named here. */
const CONTROLS: { readonly [K in FieldKindId]: Control<Extract<Field, { kind: K }>> } = {
  number: NumberInput,
  choice: ChoiceInput,
  'yes-no': YesNoInput,
  point: PointInput,
  path: PathInput,
  mix: MixInput,
  cup: CupInput,
  cups: CupsInput,
};

/** The input for a field that a verb or technique states as data. */
export function FieldInput(props: ControlProps<Field>) {
  // Found by the field's own kind, so it fits.
  const Kind = CONTROLS[props.field.kind] as Control<Field>;
  return <Kind {...props} />;
}
