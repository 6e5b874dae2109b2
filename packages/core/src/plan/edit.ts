import type { Budget, SchoolId } from '../budget/schema';
import { normalise } from '../budget/budget';
import { SCHOOLS } from '../budget/school';
import type { Cup, Layer } from '../cup/schema';
import type { Material, Medium } from '../material/schema';
import type { Mix } from '../mix/schema';
import type { Paint } from '../paint/schema';
import type { Surface } from '../surface/schema';
import type { Field } from '../field/kind';
import { shapeOf } from '../surface/measure';
import { techniqueOf } from '../technique';
import { volumeAtMl } from '../vessel/frustum';
import { type Move, type VerbId, VERBS } from '../verb';
import { copyOf } from './copy';
import { mixFor } from './create';
import { rewriteMoves, withEarlier } from './moves';
import type { Plan, SettingValue } from './schema';

/** Edits a person makes to a plan, each a pure function from plan to plan. Array positions are the document's. */

export const rename = (plan: Plan, title: string): Plan => ({ ...plan, title });

export const setSurface = (plan: Plan, change: Partial<Surface>): Plan =>
  rewriteMoves({ ...plan, surface: { ...plan.surface, ...change } }, plan);

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
  return rewriteMoves(
    setBudget(plan, { school, insurance: SCHOOLS[school].insurance, pots }),
    plan,
  );
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
  const without: Plan = {
    ...plan,
    paints: plan.paints.filter((p) => used.has(p.id)),
    mixes,
    budget: { ...plan.budget, shares, pots: plan.budget.pots.filter((p) => p.mix !== mixId) },
    cups: plan.cups.map((cup) =>
      cup.layers ? { ...cup, layers: cup.layers.filter((l) => l.mix !== mixId) } : cup,
    ),
    moves: plan.moves.filter((m) => !('mix' in m && m.mix === mixId)),
  };
  return rewriteMoves(without, { ...plan, moves: without.moves });
}

export const setMix = (plan: Plan, index: number, change: (mix: Mix) => Mix): Plan => ({
  ...plan,
  mixes: plan.mixes.map((m, i) => (i === index ? change(m) : m)),
});

/**
 * Gives a mix another medium, or none. One from the artist's shelf is copied into the plan with the materials it
 * needs, so that the file stays whole by itself.
 */
export function setMedium(
  plan: Plan,
  index: number,
  id: string | undefined,
  shelf: readonly Medium[],
  materials: readonly Material[],
): Plan {
  const changed = setMix(plan, index, ({ medium, ...m }) =>
    id === undefined ? m : { ...m, medium: { id, parts: medium?.parts ?? 1 } },
  );
  const own = shelf.find((m) => m.id === id);
  if (!own || plan.mediums?.some((m) => m.id === id)) return changed;
  const needed = materials.filter(
    (m) =>
      own.of.some((i) => 'material' in i && i.material === m.id) &&
      !plan.materials?.some((have) => have.id === m.id),
  );
  return {
    ...changed,
    mediums: [...(plan.mediums ?? []), own],
    ...(needed.length > 0 ? { materials: [...(plan.materials ?? []), ...needed] } : {}),
  };
}

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

/** Moves the border between two neighbours of the palette: what one gains the other loses, the rest stay. */
export function moveBorder(plan: Plan, index: number, by: number): Plan {
  const shares = normalise(plan.budget.shares);
  const [left, right] = [shares[index], shares[index + 1]];
  if (!left || !right) return plan;
  const shift = Math.min(Math.max(by, -left.share), right.share);
  return setBudget(plan, {
    shares: shares.map((s, i) => ({
      mix: s.mix,
      share: tidy(i === index ? s.share + shift : i === index + 1 ? s.share - shift : s.share),
    })),
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
  return rewriteMoves({ ...plan, cups: [...plan.cups, { ...copyOf(last), id }] }, plan);
}

export function removeCup(plan: Plan, index: number): Plan {
  const gone = plan.cups[index];
  if (!gone || plan.cups.length === 1) return plan;
  const cups = plan.cups.filter((c, i) => i !== index && c.reverseOf !== gone.id);
  if (cups.length === 0) return plan;
  const moves = plan.moves.filter((m) => !('cup' in m) || cups.some((c) => c.id === m.cup));
  return rewriteMoves({ ...plan, cups, moves }, { ...plan, moves });
}

/** Changes the technique's settings; what it wrote is written anew, what the artist did stays. */
export const setTechniqueSettings = (plan: Plan, settings: Record<string, SettingValue>): Plan =>
  rewriteMoves(
    {
      ...plan,
      technique: { ...plan.technique, settings: { ...plan.technique.settings, ...settings } },
    },
    plan,
  );

/** Changes a move by hand: from now on it is the artist's own. */
export const setMove = (plan: Plan, index: number, change: (move: Move) => Move): Plan => ({
  ...plan,
  moves: plan.moves.map((m, i) => (i === index ? { ...change(m), own: true } : m)),
});

/** Hands a move back to the technique, which writes it anew; one of the artist's own making goes. */
export const releaseMove = (plan: Plan, index: number): Plan =>
  rewriteMoves(plan, {
    ...plan,
    moves: plan.moves.map((m, i) => (i === index ? { ...m, own: false } : m)),
  });

/** Puts in a move of this verb at a place in the list, with values that work. */
export function addMove(plan: Plan, verb: VerbId, at: number): Plan {
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const id = freeId(
    verb,
    plan.moves.map((m) => m.id),
  );
  const values = Object.fromEntries(
    Object.entries(VERBS[verb].fields).flatMap(
      ([name, field]: [string, Field]): [string, unknown][] => {
        if (field.optional) return [];
        switch (field.kind) {
          case 'number':
            return [[name, Math.min(field.max, Math.max(field.min, field.usual ?? field.min))]];
          case 'choice':
            return [[name, field.of[0]]];
          case 'yes-no':
            return [[name, false]];
          case 'point':
            return [[name, [Math.round(widthMm / 2), Math.round(heightMm / 2)]]];
          case 'mix':
            return [[name, plan.mixes[0]?.id]];
          case 'cup':
            return [[name, plan.cups[0]?.id]];
        }
      },
    ),
  );
  const move = { id, verb, ...values, own: true } as unknown as Move;
  return { ...plan, moves: [...plan.moves.slice(0, at), move, ...plan.moves.slice(at)] };
}

export const removeMove = (plan: Plan, index: number): Plan => {
  const moves = plan.moves.filter((_, i) => i !== index);
  return { ...plan, moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))) };
};

/** Moves a move to another place in the list; places outside it change nothing. */
export function moveMove(plan: Plan, from: number, to: number): Plan {
  const moves = moved(plan.moves, from, to);
  return moves === plan.moves
    ? plan
    : { ...plan, moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))) };
}

/** A list with one entry at another place; the list itself where a place is outside it. */
function moved<T>(list: T[], from: number, to: number): T[] {
  const entry = list[from];
  if (entry === undefined || from === to || to < 0 || to >= list.length) return list;
  const rest = list.filter((_, i) => i !== from);
  return [...rest.slice(0, to), entry, ...rest.slice(to)];
}

function freeId(wanted: string, taken: readonly string[]): string {
  let id = wanted;
  for (let n = 2; taken.includes(id); n++) id = `${wanted}-${n}`;
  return id;
}

const tidy = (share: number): number => Number(share.toFixed(4));

/** Sets or clears the days of a plan; `undefined` clears. */
export function setDates(
  plan: Plan,
  change: { readonly pour?: string | undefined; readonly due?: string | undefined },
): Plan {
  const dates = Object.fromEntries(
    Object.entries({ ...plan.dates, ...change }).filter(([, date]) => date !== undefined),
  );
  const { dates: _, ...rest } = plan;
  return Object.keys(dates).length === 0 ? rest : { ...rest, dates };
}
