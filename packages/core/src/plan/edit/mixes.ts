import type { Material, Medium } from '../../material/schema';
import { STOCK_MEDIUMS } from '../../material/medium';
import { kindOf, landedRight } from '../../mix/landing';
import { letDown } from '../../mix/let-down';
import type { FoundMix } from '../../mix/find';
import type { SaidRatio } from '../../mix/ratio';
import type { Additive, Consistency, Mix } from '../../mix/schema';
import { mixBySchool, type MixSchool } from '../../mix/school';
import type { Paint } from '../../paint/schema';
import { chosenTechnique } from '../../technique';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { holdsMetal, wantedConsistency } from '../beginning/wanted';
import { mixFor } from '../beginning/create';
import { rewriteMoves } from '../beginning/moves';
import { asColour } from './colours';
import { freeId } from './list';
import { POT_STARTS } from './pots';

export const setMix = (plan: Plan, index: number, change: (mix: Mix) => Mix): Plan => ({
  ...plan,
  mixes: plan.mixes.map((m, i) => (i === index ? change(m) : m)),
});

/**
 * Gives a mix another medium, or none. One from the artist's shelf is copied into the plan, with the mediums inside it and the materials it
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
  return id === undefined ? changed : withMedium(changed, id, shelf, materials);
}

function withMedium(
  plan: Plan,
  id: string,
  shelf: readonly Medium[],
  materials: readonly Material[],
): Plan {
  const own = shelf.find((m) => m.id === id);
  if (!own || isStock(own) || plan.mediums?.some((m) => m.id === id)) return plan;
  const inside = own.of.flatMap((i) => ('medium' in i ? [i.medium] : []));
  const needed = own.of.flatMap((i) => ('material' in i ? [i.material] : []));
  return inside.reduce(
    (grown, medium) => withMedium(grown, medium, shelf, materials),
    withMaterials({ ...plan, mediums: [...(plan.mediums ?? []), own] }, needed, materials),
  );
}

/** A ready recipe that stands made on the shelf is still the ready recipe: every plan knows it. */
const isStock = (own: Medium): boolean =>
  STOCK_MEDIUMS.some(
    (m) =>
      m.id === own.id && m.basis === own.basis && JSON.stringify(m.of) === JSON.stringify(own.of),
  );

function withMaterials(plan: Plan, ids: readonly string[], materials: readonly Material[]): Plan {
  const missing = materials.filter(
    (m) => ids.includes(m.id) && !plan.materials?.some((have) => have.id === m.id),
  );
  return missing.length === 0
    ? plan
    : { ...plan, materials: [...(plan.materials ?? []), ...missing] };
}

/** Gives a mix its powders and oils; materials of one's own are copied into the plan. */
export const setAdditives = (
  plan: Plan,
  index: number,
  additives: readonly Additive[],
  materials: readonly Material[],
): Plan =>
  withMaterials(
    setMix(plan, index, ({ additives: _, ...mix }) =>
      additives.length > 0 ? { ...mix, additives: [...additives] } : mix,
    ),
    additives.map((a) => a.material),
    materials,
  );

/** A ratio as it was said. What it does not speak of stays; medium where there was none is conditioner. */
export const applyRatio = (plan: Plan, index: number, said: SaidRatio): Plan =>
  setMix(plan, index, ({ medium, waterParts, ...mix }) => ({
    ...mix,
    basis: said.basis ?? mix.basis,
    ...(said.mediumParts > 0
      ? { medium: { id: medium?.id ?? 'conditioner', parts: said.mediumParts } }
      : {}),
    ...(said.waterParts === undefined
      ? waterParts === undefined
        ? {}
        : { waterParts }
      : said.waterParts > 0
        ? { waterParts: said.waterParts }
        : {}),
  }));

/** Makes a mix as a school makes it, for the paint it begins with. */
export function makeBySchool(plan: Plan, index: number, school: MixSchool): Plan {
  const mix = plan.mixes[index];
  const paint = plan.paints.find((p) => p.id === mix?.paints[0]?.paint);
  if (!mix || !paint) return plan;
  const wanted = wantedConsistency(plan, mix.id).step;
  return setMix(plan, index, (m) =>
    mixBySchool(m, school, paint.body, wanted, openPlan(plan).recipeOf),
  );
}

/**
 * One act for all colours that are poured alike: mixes for base or activator, and those that go their own way, stay as they are.
 * @param change an edit of one mix, by its place
 */
export const setAlike = (plan: Plan, change: (plan: Plan, index: number) => Plan): Plan =>
  alikeIn(plan).reduce((changed, index) => change(changed, index), plan);

/** Places of the mixes an act for all of them reaches. */
export const alikeIn = (plan: Plan): readonly number[] =>
  plan.mixes.flatMap((mix, index) =>
    !mix.ownWay && plan.budget.shares.some((s) => s.mix === mix.id) ? [index] : [],
  );

/** Lets a mix go its own way, or with the others again. */
export const setOwnWay = (plan: Plan, index: number, ownWay: boolean): Plan =>
  setMix(plan, index, ({ ownWay: _, ...mix }) => (ownWay ? { ...mix, ownWay: true } : mix));

/** A pillow is laid thicker than a base that only lets paint slide, mm (science.md, default pots). */
const PILLOW_MM = 1.5;

/**
 * Adds a mix made as a school makes it: a colour of the cups, or the activator or base where the school is for that; a base there is already
 * is laid with it instead. A paint that is not in the plan yet comes with it.
 */
export function addMix(plan: Plan, school: MixSchool, paint: Paint): Plan {
  const known = plan.paints.some((p) => p.id === paint.id);
  const ready: Plan = known ? plan : { ...plan, paints: [...plan.paints, paint] };
  const mix: Mix = {
    id: freeId(
      `m-${paint.id}`,
      plan.mixes.map((m) => m.id),
    ),
    name:
      school.use !== undefined
        ? school.name
        : known
          ? `${paint.name}, ${school.name.toLowerCase()}`
          : paint.name,
    basis: 'volume',
    paints: [{ paint: paint.id, parts: 1 }],
    consistency: school.consistency ?? chosenTechnique(plan).needs.consistency,
  };
  const grown =
    school.use === undefined
      ? asColour(ready, mix)
      : withPot({ ...ready, mixes: [...ready.mixes, mix] }, school.use, mix.id);
  return rewriteMoves(makeBySchool(grown, grown.mixes.length - 1, school), plan);
}

function withPot(plan: Plan, use: 'base' | 'activator', mix: string): Plan {
  const { pots } = plan.budget;
  const laid = pots.find((p) => p.use === 'base');
  const next =
    use === 'base' && laid
      ? pots.map((p) => (p === laid ? { ...p, mix } : p))
      : [
          ...pots,
          use === 'base' ? { use, mix, filmMm: PILLOW_MM } : { use, mix, ...POT_STARTS[use] },
        ];
  return { ...plan, budget: { ...plan.budget, pots: next } };
}

/** Adds a colour that was found as a mix of paints, as a colour of its own; its paints come with it. It goes in as the technique pours. */
export function addFound(plan: Plan, found: FoundMix, shelf: readonly Paint[], name: string): Plan {
  const paints = found.paints.flatMap(
    ({ paint }) =>
      shelf.find((p) => p.id === paint) ?? plan.paints.find((p) => p.id === paint) ?? [],
  );
  const [first] = [...found.paints].sort((a, b) => b.parts - a.parts);
  const main = paints.find((p) => p.id === first?.paint);
  if (!main || paints.length < found.paints.length) return plan;
  const missing = paints.filter((p) => !plan.paints.some((have) => have.id === p.id));
  const step = chosenTechnique(plan).needs.consistency;
  const grown = asColour(
    { ...plan, paints: [...plan.paints, ...missing] },
    {
      ...mixFor(main, step, plan.landings),
      id: freeId(
        'm-found',
        plan.mixes.map((m) => m.id),
      ),
      name: name.slice(0, 80),
      paints: found.paints.map((p) => ({ ...p })),
    },
  );
  return toWanted(grown, grown.mixes.length - 1);
}

/** Adds a paint to a mix, as much as the first; one that is in already changes nothing. */
export function addMixPaint(plan: Plan, index: number, paint: Paint): Plan {
  const mix = plan.mixes[index];
  if (!mix || mix.paints.some((p) => p.paint === paint.id)) return plan;
  return setMix(
    plan.paints.some((p) => p.id === paint.id)
      ? plan
      : { ...plan, paints: [...plan.paints, paint] },
    index,
    (m) => ({ ...m, paints: [...m.paints, { paint: paint.id, parts: m.paints[0]?.parts ?? 1 }] }),
  );
}

/** Leaves a paint out of a mix; the last one stays, and a paint no mix uses leaves the plan. */
export function removeMixPaint(plan: Plan, index: number, paintId: string): Plan {
  const mix = plan.mixes[index];
  if (!mix || mix.paints.length < 2) return plan;
  const without = setMix(plan, index, (m) => ({
    ...m,
    paints: m.paints.filter((p) => p.paint !== paintId),
  }));
  const used = without.mixes.some((m) => m.paints.some((p) => p.paint === paintId));
  return used ? without : { ...without, paints: plan.paints.filter((p) => p.id !== paintId) };
}

/** Takes a mix to a step of thickness, with as little change as does it; where nothing reaches it, it is wanted all the same. */
export const toStep = (plan: Plan, index: number, step: Consistency): Plan =>
  setMix(plan, index, (m) => ({
    ...(letDown(m, step, openPlan(plan).recipeOf) ?? m),
    consistency: step,
  }));

/** Takes a mix to how thick the plan wants it. */
export function toWanted(plan: Plan, index: number): Plan {
  const mix = plan.mixes[index];
  return mix ? toStep(plan, index, wantedConsistency(plan, mix.id).step) : plan;
}

/** Settles how metallics are kept, and takes every mix that holds one there. */
export const setMetallics = (plan: Plan, metallics: NonNullable<Plan['metallics']>): Plan =>
  plan.mixes.reduce(
    (changed, mix, index) => (holdsMetal(changed, mix.id) ? toWanted(changed, index) : changed),
    { ...plan, metallics } as Plan,
  );

/** All mixes have been shaken or stirred through, and stand from now on; undefined takes it back. */
export function setShaken(plan: Plan, on: string | undefined): Plan {
  const { shaken: _, ...rest } = plan;
  return on === undefined ? rest : { ...rest, shaken: on };
}

/** Enters what was weighed for a mix, in place of what was entered before. */
export const setMade = (plan: Plan, made: NonNullable<Plan['made']>[number]): Plan => ({
  ...plan,
  made: [...(plan.made ?? []).filter((m) => m.mix !== made.mix), made],
});

/** Notes a test of a mix, or what was added to it; what was added counts as made, where the mix has been. */
export const addReading = (plan: Plan, reading: NonNullable<Plan['readings']>[number]): Plan => ({
  ...plan,
  readings: [...(plan.readings ?? []), reading].slice(-MOST_READINGS),
  ...(reading.added && plan.made
    ? {
        made: plan.made.map((m) =>
          m.mix === reading.mix ? { ...m, of: more(m.of, reading.added!) } : m,
        ),
      }
    : {}),
});

/**
 * "It is right": settles how thick a mix is, and how others of its kind come out from now on.
 * @param reckonedPaS as it was reckoned to be, what was added to it counted in
 */
export function settleRight(plan: Plan, mixId: string, on: string, reckonedPaS: number): Plan {
  const { mix: mixOf, paint } = openPlan(plan);
  const mix = mixOf(mixId);
  const landings = landedRight(
    plan.landings ?? [],
    kindOf(mix, paint),
    reckonedPaS,
    mix.consistency,
  );
  return { ...addReading(plan, { mix: mixId, on, right: true }), landings };
}

/** Names of the mixes that are of one kind with this one: what is found of it holds for them too. */
export function siblingsOf(plan: Plan, mixId: string): readonly string[] {
  const { mix, paint, hasMix } = openPlan(plan);
  if (!hasMix(mixId)) return [];
  const own = kindOf(mix(mixId), paint);
  return plan.mixes.flatMap((m) => {
    const of = kindOf(m, paint);
    return m.id !== mixId && of.body === own.body && of.medium === own.medium ? [m.name] : [];
  });
}

type Weighed = NonNullable<Plan['made']>[number]['of'];

function more(of: Weighed, { material, g }: { material: string; g: number }): Weighed {
  return of.some((a) => a.material === material)
    ? of.map((a) => (a.material === material ? { ...a, g: Number((a.g + g).toFixed(6)) } : a))
    : [...of, { material, g }];
}

const MOST_READINGS = 200;
const MOST_PICTURES = 400;

/** Puts a picture with a mix; the newest of a stage is the one that counts, the others stay. */
export const addPicture = (plan: Plan, picture: NonNullable<Plan['pictures']>[number]): Plan => ({
  ...plan,
  pictures: [...(plan.pictures ?? []), picture].slice(-MOST_PICTURES),
});

export const removePicture = (plan: Plan, id: string): Plan => ({
  ...plan,
  pictures: (plan.pictures ?? []).filter((p) => p.picture !== id),
});
