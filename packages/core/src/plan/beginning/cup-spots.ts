import type { Cup } from '../../cup/schema';
import { limbsOf, shapeOf } from '../../surface/measure';
import { along } from '../../surface/path';
import type { Shape } from '../../surface/shape';

type Place = readonly [x: number, y: number];

const apart = (a: Place, b: Place): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/**
 * Where each cup is best emptied, whole mm: one made for a stroke on that stroke, however many share it, evenly along; the others spread over
 * the face, or where there are strokes as far from their cups as there is room.
 */
export function cupSpots(shape: Shape, cups: readonly Cup[]): readonly Place[] {
  const limbs = limbsOf(shape);
  const onLimb = cups.map((cup) => limbs.find((l) => cup.for === `limb:${l.name}`));
  const spread = shapeOf(shape).spots(shape, cups.length);
  if (onLimb.every((limb) => limb === undefined)) return spread;
  const places: (Place | undefined)[] = cups.map((cup, i) => {
    const limb = onLimb[i];
    if (!limb) return undefined;
    const sharing = cups.filter((c) => c.for === cup.for);
    const [x, y] = along(limb.alongMm)((sharing.indexOf(cup) + 0.5) / sharing.length);
    return [Math.round(x), Math.round(y)];
  });
  return places.reduce<Place[]>((found, place) => {
    const taken = [...places.filter((p) => p !== undefined), ...found];
    const room = (spot: Place) => Math.min(...taken.map((p) => apart(p, spot)));
    return [...found, place ?? [...spread].sort((a, b) => room(b) - room(a))[0]!];
  }, []);
}
