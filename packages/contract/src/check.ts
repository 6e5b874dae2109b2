import type { Fault } from '@potter/core/schema';
import { explain, type SchemaError } from './explain';

/** A validator compiled ahead of time, so that it runs where code may not be made from text. */
export type Validate = ((value: unknown) => boolean) & { errors?: readonly SchemaError[] | null };

/** Every fault of a value in plain words; none where it fits. */
export const faultsOf = (validate: Validate, value: unknown): Fault[] =>
  validate(value) ? [] : explain(validate.errors ?? [], value);
