import type { Budget, SchoolId } from '../budget/schema';
import { normalise } from '../budget/budget';
import { SCHOOLS } from '../budget/school';
import type { Cup, Layer } from '../cup/schema';
import type { Mix } from '../mix/schema';
import type { Paint } from '../paint/schema';
import type { Surface } from '../surface/schema';
import { techniqueOf } from '../technique';
import { copyOf } from './copy';
import { mixFor } from './create';
import { rewriteMoves } from './moves';
import type { Plan, SettingValue } from './schema';

/** Edits a person makes to a plan, each a pure function from plan to plan. Array positions are the document's. */

export const rename = (plan: Plan, title: string): Plan => ({ ...plan, title });

export const setSurface = (plan: Plan, change: Partial<Surface>): Plan =>
  rewriteMoves({ ...plan, surface: { ...plan.surface, ...change } });

export const setBudget = (plan: Plan, change: Partial<Budget>): Plan => ({
  ...plan,
  budget: { ...plan.budget, ...change },
});

/** Changes the school with what goes with it: its insurance, the base its technique wants, the edge pot. */
export function setSchool(plan: Plan, school: SchoolId): Plan {
  const { needs } = techniqueOf(plan.technique.id);
  const kept = plan.budget.pots.filter((p) => p.use !== 'base' && p.use !== 'edge');
  const was = plan.budget.pots.find((p) => p.use === 'base' || p.use === 'edge')?.mix;
  const mix = was ?? plan.budget.shares[0]?.mix;
  const baseMm = school === 'generous' ? needs.baseMm?.generous : needs.baseMm?.otherwise;
  const edge =
    !SCHOOLS[school].countsEdges && plan.surface.coverEdges && plan.surface.edgeDepthMm > 0;
  const pots = [
    ...(mix !== undefined && baseMm !== undefined
      ? [{ use: 'base' as const, mix, filmMm: baseMm }]
      : []),
    ...(mix !== undefined && edge ? [{ use: 'edge' as const, mix, filmMm: 0.5 }] : []),
    ...kept,
  ];
  return rewriteMoves(setBudget(plan, { school, insurance: SCHOOLS[school].insurance, pots }));
}

/** Sets one colour's share of the whole, 0 to 1; the others keep their relation and fill the rest. */
export function setShare(plan: Plan, mix: string, share: number): Plan {
  const now = normalise(plan.budget.shares);
  const rest = now.filter((s) => s.mix !== mix).reduce((sum, s) => sum + s.share, 0);
  const others = now.length - 1;
  const shares = now.map((s) => {
    if (s.mix === mix) return { mix, share: tidy(others === 0 ? 1 : share) };
    return {
      mix: s.mix,
      share: tidy(rest > 0 ? (s.share / rest) * (1 - share) : (1 - share) / others),
    };
  });
  return setBudget(plan, { shares });
}

export const evenShares = (plan: Plan): Plan =>
  setBudget(plan, {
    shares: plan.budget.shares.map((s) => ({
      mix: s.mix,
      share: tidy(1 / plan.budget.shares.length),
    })),
  });

/** Adds a paint as a colour of its own, with an even share and a layer on top of every cup. A paint that is in already changes nothing. */
export function addColour(plan: Plan, paint: Paint): Plan {
  if (plan.paints.some((p) => p.id === paint.id)) return plan;
  const mix = mixFor(paint, techniqueOf(plan.technique.id).needs.consistency);
  const id = freeId(
    mix.id,
    plan.mixes.map((m) => m.id),
  );
  const grown: Plan = {
    ...plan,
    paints: [...plan.paints, paint],
    mixes: [...plan.mixes, { ...mix, id }],
    budget: { ...plan.budget, shares: [...plan.budget.shares, { mix: id, share: 0 }] },
    cups: plan.cups.map((cup) =>
      cup.layers
        ? { ...cup, layers: [...cup.layers, { mix: id, parts: 1, placement: 'wall' as const }] }
        : cup,
    ),
  };
  return setShare(grown, id, 1 / grown.budget.shares.length);
}

/** Takes a colour out: its mix, its share, layers, pots, and paints no other mix uses. The last colour stays. */
export function removeColour(plan: Plan, mixId: string): Plan {
  const shares = plan.budget.shares.filter((s) => s.mix !== mixId);
  const mixes = plan.mixes.filter((m) => m.id !== mixId);
  if (shares.length === 0 || mixes.length === 0) return plan;
  const used = new Set(mixes.flatMap((m) => m.paints.map((p) => p.paint)));
  return rewriteMoves({
    ...plan,
    paints: plan.paints.filter((p) => used.has(p.id)),
    mixes,
    budget: { ...plan.budget, shares, pots: plan.budget.pots.filter((p) => p.mix !== mixId) },
    cups: plan.cups.map((cup) =>
      cup.layers ? { ...cup, layers: cup.layers.filter((l) => l.mix !== mixId) } : cup,
    ),
    moves: plan.moves.filter((m) => !('mix' in m && m.mix === mixId)),
  });
}

export const setMix = (plan: Plan, index: number, change: (mix: Mix) => Mix): Plan => ({
  ...plan,
  mixes: plan.mixes.map((m, i) => (i === index ? change(m) : m)),
});

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
export function moveLayer(plan: Plan, cup: number, from: number, to: number): Plan {
  return setLayers(plan, cup, (layers) => {
    const layer = layers[from];
    if (!layer || to < 0 || to >= layers.length) return layers;
    const rest = layers.filter((_, i) => i !== from);
    return [...rest.slice(0, to), layer, ...rest.slice(to)];
  });
}

/** Adds a cup loaded like the last one, or takes the last one away; one always stays. */
export function addCup(plan: Plan): Plan {
  const last = plan.cups.at(-1);
  if (!last) return plan;
  const id = freeId(
    `c${plan.cups.length + 1}`,
    plan.cups.map((c) => c.id),
  );
  return rewriteMoves({ ...plan, cups: [...plan.cups, { ...copyOf(last), id }] });
}

export function removeCup(plan: Plan, index: number): Plan {
  const gone = plan.cups[index];
  if (!gone || plan.cups.length === 1) return plan;
  const cups = plan.cups.filter((c, i) => i !== index && c.reverseOf !== gone.id);
  if (cups.length === 0) return plan;
  return rewriteMoves({
    ...plan,
    cups,
    moves: plan.moves.filter((m) => !('cup' in m) || cups.some((c) => c.id === m.cup)),
  });
}

export const setTechniqueSettings = (plan: Plan, settings: Record<string, SettingValue>): Plan =>
  rewriteMoves({
    ...plan,
    technique: { ...plan.technique, settings: { ...plan.technique.settings, ...settings } },
  });

function freeId(wanted: string, taken: readonly string[]): string {
  let id = wanted;
  for (let n = 2; taken.includes(id); n++) id = `${wanted}-${n}`;
  return id;
}

const tidy = (share: number): number => Number(share.toFixed(4));
