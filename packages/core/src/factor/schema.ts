import { type TNumber, type TOptional, Type } from '@sinclair/typebox';
import { idsOf } from '../registry';
import { type FactorId, FACTORS } from './index';

/** An artist's own figures, each within what could be meant by it; what is left out is as practice has it. */
export const FactorsSchema = Type.Object(
  Object.fromEntries(
    idsOf(FACTORS).map((id) => [
      id,
      Type.Optional(Type.Number({ minimum: FACTORS[id].least, maximum: FACTORS[id].most })),
    ]),
  ) as Record<FactorId, TOptional<TNumber>>,
  { additionalProperties: false },
);
