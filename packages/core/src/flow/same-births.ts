import type { PourScene, Primitive } from './primitive';

/**
 * A text that is the same for two scenes exactly where their births are: everything but which mix is which. Colours,
 * opacity, and the order of layers of equal volume may differ.
 */
export const birthsKey = (scene: PourScene): string =>
  JSON.stringify({ ...scene, primitives: scene.primitives.map(withoutMixes) });

function withoutMixes(primitive: Primitive): unknown {
  switch (primitive.kind) {
    case 'overlay':
      return { ...primitive, mix: '' };
    case 'stream':
      return { ...primitive, strata: primitive.strata.map(({ ml, dive }) => [ml, dive]) };
    case 'tilt':
    case 'rest':
      return primitive;
  }
}
