import type { Field, FieldValue } from '@potter/core/field';
import type { ReactNode } from 'react';

/** What a control may offer beside its own field. */
interface Offered {
  readonly mixes: readonly { readonly id: string; readonly name: string }[];
  readonly cups: readonly { readonly id: string }[];
  /** The surface places lie on. */
  readonly size: { readonly widthMm: number; readonly heightMm: number };
}

export interface ControlProps<F extends Field> extends Offered {
  readonly field: F;
  readonly value: unknown;
  /**
   * @param value undefined where an optional field is left empty
   * @param tag changes with one tag are one step of undo
   */
  readonly onChange: (value: FieldValue | undefined, tag?: string) => void;
}

/** The input for one kind of field. */
export type Control<F extends Field> = (props: ControlProps<F>) => ReactNode;
