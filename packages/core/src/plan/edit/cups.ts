import { cupsOf } from '../../verb';
import type { Cup, Layer } from '../../cup/schema';
import { volumeAtMl } from '../../vessel/frustum';
import { copyOf } from '../copy';
import { rewriteMoves } from '../moves';
import type { Plan } from '../schema';
import { freeId, moved } from './list';

export const setCup = (plan: Plan, index: number, change: (cup: Cup) => Cup): Plan => ({
  ...plan,
  cups: plan.cups.map((c, i) => (i === index ? change(c) : c)),
});

const setLayers = (plan: Plan, cup: number, change: (layers: Layer[]) => Layer[]): Plan =>
  setCup(plan, cup, (c) => (c.layers ? { ...c, layers: change(c.layers) } : c));

export const setLayer = (
  plan: Plan,
  cup: number,
  layer: number,
  change: (layer: Layer) => Layer,
): Plan => setLayers(plan, cup, (layers) => layers.map((l, i) => (i === layer ? change(l) : l)));

export const addLayer = (plan: Plan, cup: number, mix: string): Plan =>
  setLayers(plan, cup, (layers) => [...layers, { mix, parts: 1, placement: 'wall' }]);

export const doubleLayer = (plan: Plan, cup: number, layer: number): Plan =>
  setLayers(plan, cup, (layers) => layers.flatMap((l, i) => (i === layer ? [l, { ...l }] : [l])));

export const removeLayer = (plan: Plan, cup: number, layer: number): Plan =>
  setLayers(plan, cup, (layers) => layers.filter((_, i) => i !== layer));

/** Moves a layer to another height in its cup; positions outside the cup change nothing. */
export const moveLayer = (plan: Plan, cup: number, from: number, to: number): Plan =>
  setLayers(plan, cup, (layers) => moved(layers, from, to));

/** Sets a layer's amount by where its top stands: mL up to that level, pinned. Levels under the layer below leave it a drop. */
export function fillTo(
  plan: Plan,
  cup: number,
  layer: number,
  toMm: number,
  belowMl: number,
): Plan {
  const vessel = plan.cups[cup]?.vessel;
  if (!vessel) return plan;
  const ml = Math.max(0.1, Number((volumeAtMl(vessel, toMm) - belowMl).toFixed(1)));
  return setLayer(plan, cup, layer, ({ parts: _, ...l }) => ({ ...l, ml }));
}

/** Adds a cup loaded like the last one, or takes the last one away; one always stays. */
export function addCup(plan: Plan): Plan {
  const last = plan.cups.at(-1);
  if (!last) return plan;
  const id = freeId(
    `c${plan.cups.length + 1}`,
    plan.cups.map((c) => c.id),
  );
  return rewriteMoves({ ...plan, cups: [...plan.cups, { ...copyOf(last), id }] }, plan);
}

export function removeCup(plan: Plan, index: number): Plan {
  const gone = plan.cups[index];
  if (!gone || plan.cups.length === 1) return plan;
  const cups = plan.cups.filter((c, i) => i !== index && c.reverseOf !== gone.id);
  if (cups.length === 0) return plan;
  // A move that poured it with others goes on without it; one that poured it alone goes.
  const moves = plan.moves.flatMap((m): Plan['moves'] => {
    const left = cupsOf(m).filter((id) => cups.some((c) => c.id === id));
    if (left.length === cupsOf(m).length) return [m];
    return 'cups' in m && left.length > 0 ? [{ ...m, cups: left }] : [];
  });
  return rewriteMoves({ ...plan, cups, moves }, { ...plan, moves });
}
