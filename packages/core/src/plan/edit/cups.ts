import { cupsOf } from '../../verb';
import type { Cup, Layer } from '../../cup/schema';
import { volumeAtMl } from '../../vessel/frustum';
import { type LibraryVessel, vesselOf } from '../../vessel/library';
import type { Vessel } from '../../vessel/schema';
import { copyOf } from '../document/copy';
import { rewriteMoves } from '../beginning/moves';
import { loadedAs } from '../beginning/starting-cups';
import type { Plan } from '../document/schema';
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

/**
 * Fills a cup to a total: its layers keep their relation to each other, and are measured by volume from then on.
 * @param nowMl what each layer holds now, bottom first
 */
export function fillCup(plan: Plan, cup: number, totalMl: number, nowMl: readonly number[]): Plan {
  const filled = nowMl.reduce((sum, ml) => sum + ml, 0);
  if (filled <= 0 || totalMl <= 0) return plan;
  return setLayers(plan, cup, (layers) =>
    layers.map(({ parts: _, ...layer }, i) => ({
      ...layer,
      ml: Math.max(0.1, Number((((nowMl[i] ?? 0) * totalMl) / filled).toFixed(1))),
    })),
  );
}

/** How a further cup is loaded: like the one before, for cups poured one after the other; or the other way round, for two poured side by side. */
export type CupLike = 'alike' | 'reversed';

/** Adds a cup after the last one. Where layers go by parts, all cups then share the pots. */
export function addCup(plan: Plan, like: CupLike = 'alike'): Plan {
  const last = plan.cups.at(-1);
  if (!last) return plan;
  const id = freeId(
    `c${plan.cups.length + 1}`,
    plan.cups.map((c) => c.id),
  );
  const { layers: _, reverseOf, ...shell } = copyOf(last);
  const added: Cup =
    like === 'alike'
      ? { ...copyOf(last), id }
      : reverseOf === undefined
        ? { ...shell, id, reverseOf: last.id }
        : // The other way round twice is as it was.
          { ...shell, id, layers: copyOf(plan.cups.find((c) => c.id === reverseOf)?.layers ?? []) };
  return rewriteMoves({ ...plan, cups: [...plan.cups, added] }, plan);
}

/** A palette as often as wanted, each round so much of the one before: the order is that in which colours first go in, pins are let go. */
export const inRounds = (plan: Plan, cup: number, rounds: number, thinner: number): Plan =>
  setLayers(plan, cup, (layers) => {
    const once = layers.filter((l, i) => layers.findIndex((o) => o.mix === l.mix) === i);
    return Array.from({ length: rounds }, (_, round) =>
      once.map(({ ml: _ml, parts, ...l }) => ({
        ...l,
        parts: Number(((parts ?? 1) * thinner ** round).toFixed(4)),
      })),
    ).flat();
  });

/** A last layer of one colour over all the others, so that each has something to react with: half as much as a usual layer. */
export const coverWith = (plan: Plan, cup: number, mix: string): Plan =>
  setLayers(plan, cup, (layers) => {
    const parts = layers.flatMap((l) => l.parts ?? []);
    const usual = parts.length > 0 ? parts.reduce((sum, p) => sum + p, 0) / parts.length : 1;
    return [...layers, { mix, parts: Number((usual / 2).toFixed(4)), placement: 'wall' }];
  });

/** Divides a cup over so many alike, each with its part of the layers: nothing more is poured, no other cup gets less. */
export function divideCup(plan: Plan, index: number, over: number): Plan {
  const cup = plan.cups[index];
  if (!cup?.layers || over < 2) return plan;
  const layers = cup.layers.map((l) => ({
    ...l,
    ...(l.ml === undefined
      ? { parts: Number(((l.parts ?? 1) / over).toFixed(6)) }
      : { ml: Number((l.ml / over).toFixed(3)) }),
  }));
  const taken = plan.cups.map((c) => c.id);
  const more = Array.from({ length: over - 1 }, (): Cup => {
    const id = freeId(`c${taken.length + 1}`, taken);
    taken.push(id);
    return { ...copyOf(cup), id, layers: copyOf(layers) };
  });
  const cups = plan.cups.flatMap((c, i) => (i === index ? [{ ...c, layers }, ...more] : [c]));
  return rewriteMoves({ ...plan, cups }, plan);
}

/** How a cup is loaded. Side by side gives each layer its own direction, evenly round; back to layers they go down the wall. */
export const setLoading = (plan: Plan, index: number, loading: NonNullable<Cup['loading']>): Plan =>
  setCup(plan, index, (cup) => ({
    ...cup,
    loading,
    ...(cup.layers ? { layers: loadedAs(loading, cup.layers) } : {}),
  }));

/** Takes another vessel, with the outlet and the loading it is used with. */
export const setVessel = (plan: Plan, index: number, vessel: LibraryVessel | Vessel): Plan => {
  const changed = setCup(plan, index, (cup) => ({
    ...cup,
    vessel: vesselOf(vessel),
    ...('outlet' in vessel && vessel.outlet !== undefined
      ? { outlet: vessel.outlet }
      : cup.outlet !== undefined && cup.outlet !== 'rim' && 'id' in vessel
        ? { outlet: 'rim' as const }
        : {}),
  }));
  const loading = 'loading' in vessel ? vessel.loading : undefined;
  if (loading) return setLoading(changed, index, loading);
  return plan.cups[index]?.loading === 'split' && vessel.compartments === undefined
    ? setLoading(changed, index, 'layered')
    : changed;
};

/** Keeps so much of every colour back for repairs; nothing where 0. */
export function keepBack(plan: Plan, share: number): Plan {
  const others = plan.budget.pots.filter((p) => p.use !== 'keep' || p.mix !== undefined);
  return {
    ...plan,
    budget: {
      ...plan.budget,
      pots: share > 0 ? [...others, { use: 'keep', share }] : others,
    },
  };
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
