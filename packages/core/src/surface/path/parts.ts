import { Type } from '@sinclair/typebox';

/** Places may lie off the surface: a hand begins and ends beside it. */
const Coordinate = Type.Number({ minimum: -5000, maximum: 10000 });

/** A place in a document. */
export const Place = Type.Tuple([Coordinate, Coordinate]);
