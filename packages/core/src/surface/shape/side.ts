import { Type } from '@sinclair/typebox';

/** A length of a surface, mm: from a bead to a wall. */
export const Side = Type.Number({ minimum: 5, maximum: 5000 });
