import type { Fault } from '@potter/core/schema';
import { explain, type SchemaError } from './explain';
import { DOCUMENT, excess, type Limits } from './limits';

/** A validator compiled ahead of time, so that it runs where code may not be made from text. */
export type Validate = ((value: unknown) => boolean) & { errors?: readonly SchemaError[] | null };

/** Every fault of a value in plain words; none where it fits. One that is larger than its limits, where it has any, is not judged any further. */
export function faultsOf(
  validate: Validate,
  value: unknown,
  limits: Limits | null = DOCUMENT,
): Fault[] {
  const over = limits && excess(value, limits);
  if (over) return [over];
  return validate(value) ? [] : explain(validate.errors ?? [], value);
}
