import type { Cup } from '../../cup/schema';
import { CONSISTENCIES } from '../../mix/consistency';
import { capital } from '../../quantity/capital';
import {
  type AnyTechnique,
  chosenTechnique,
  type Sequence,
  type TechniqueId,
} from '../../technique';
import { referencesOf } from '../../verb';
import { mixFor } from '../beginning/create';
import { rewriteMoves } from '../beginning/moves';
import { meetNeeds, partOf } from '../beginning/needs';
import { startingCups } from '../beginning/starting-cups';
import { copyOf } from '../document/copy';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { setLoading } from './cups';
import { freeId } from './list';

/** A plan poured by another technique, and what had to change for it beside the moves, in sentences. */
export interface TechniqueSet {
  readonly plan: Plan;
  readonly changed: readonly string[];
}

/**
 * Changes the technique. It writes its moves; those the artist edited by hand stay. Mixes, cups and pots follow where they were what the
 * technique before had asked for; what the artist made otherwise stays, and a remark says if it does not suit.
 * @param own one of the artist's own, which began as the technique of this id
 */
export function setTechnique(plan: Plan, id: TechniqueId, own?: Sequence): TechniqueSet {
  if (id === plan.technique.id && own?.name === plan.sequence?.name) return { plan, changed: [] };
  const { sequence: _, ...rest } = plan;
  const begun: Plan = {
    ...rest,
    technique: { id, settings: {} },
    ...(own ? { sequence: { ...own, set: {} } } : {}),
  };
  const [was, next] = [chosenTechnique(plan), chosenTechnique(begun)];
  const changed: string[] = [];
  const steps = [thickened, portioned, cupped, loaded, counted, supplied] as const;
  const set = steps.reduce((before, step) => {
    const after = step(before, was, next);
    if (after.said !== undefined) changed.push(after.said);
    return after.plan;
  }, begun);
  return { plan: rewriteMoves(set, plan), changed };
}

interface Step {
  readonly plan: Plan;
  readonly said?: string;
}

/** Mixes still made as a new plan makes them follow to the new thickness; what has been mixed stays as it stands. */
function thickened(plan: Plan, was: AnyTechnique, next: AnyTechnique): Step {
  const [from, to] = [was.needs.consistency, next.needs.consistency];
  if (from === to) return { plan };
  const open = openPlan(plan);
  let count = 0;
  const mixes = plan.mixes.map((mix) => {
    const only = mix.paints.length === 1 ? mix.paints[0] : undefined;
    const made = plan.made?.some((m) => m.mix === mix.id);
    if (!only || made) return mix;
    const paint = open.paint(only.paint);
    const { id: _, name: __, ...usual } = mixFor(paint, from, plan.landings);
    const { id, name, ...own } = mix;
    if (JSON.stringify(own) !== JSON.stringify(usual)) return mix;
    count++;
    return { ...mixFor(paint, to, plan.landings), id, name };
  });
  if (count === 0) return { plan };
  const shows = CONSISTENCIES.find((c) => c.step === to)?.shows ?? '';
  return {
    plan: { ...plan, mixes },
    said: `${count === 1 ? 'One mix is' : `${count} mixes are`} made ${to} now: ${shows}.`,
  };
}

/** As much of the school's colours as it lays. */
function portioned(plan: Plan, was: AnyTechnique): Step {
  const now = partOf(plan, was.needs);
  const [before, after] = [plan.budget.part ?? 1, now.budget.part ?? 1];
  if (before === after) return { plan };
  return {
    plan: now,
    said:
      after === 1
        ? 'All of the colours the figure gives are laid now.'
        : `Only ${Math.round(100 * after)} % of the colours the figure gives are laid now.`,
  };
}

/**
 * Where what it is poured from is another thing altogether, cups are loaded anew as a new plan would: one colour each or layers of all, another
 * vessel, one the reverse of the other. Colours, shares and amounts stay.
 */
function cupped(plan: Plan, was: AnyTechnique, next: AnyTechnique): Step {
  const kind = ({ needs }: AnyTechnique) =>
    JSON.stringify([needs.loading === 'single', needs.vessel, needs.outlet, needs.opposite]);
  if (kind(was) === kind(next)) return { plan };
  const open = openPlan(plan);
  const mixes = plan.budget.shares.filter((s) => s.share > 0).map((s) => open.mix(s.mix));
  // What counts for a cup is the colour of a mix, whatever it is made of.
  const paints = mixes.map((mix) => ({
    ...open.paint(mix.paints[0]!.paint),
    hex: open.hexOf(mix.id),
  }));
  const colours = mixes.map(({ id }) => ({ mix: id, gPerMl: open.densityOf(id) }));
  const cups = startingCups(plan.surface, paints, colours, plan.budget, next.needs, next.pins);
  return {
    plan: { ...plan, cups },
    said: `${cups.length === 1 ? 'One cup is' : `${cups.length} cups are`} loaded anew, ${LOADED[next.needs.loading]}${next.needs.opposite ? ', one the reverse of the other' : ''}.`,
  };
}

/** Cups loaded as the technique before had them are loaded as the new one does. */
function loaded(plan: Plan, was: AnyTechnique, next: AnyTechnique): Step {
  const [from, to] = [was.needs.loading, next.needs.loading];
  if (from === to) return { plan };
  if (to === 'single') return { plan };
  const follow = plan.cups.flatMap((cup, i) => ((cup.loading ?? 'layered') === from ? [i] : []));
  if (follow.length === 0) return { plan };
  return {
    plan: follow.reduce((changing, i) => setLoading(changing, i, to), plan),
    said: `${follow.length === 1 ? 'One cup is' : `${follow.length} cups are`} loaded ${LOADED[to]} now.`,
  };
}

const LOADED: Readonly<Record<NonNullable<Cup['loading']>, string>> = {
  layered: 'in layers',
  side: 'side by side',
  split: 'by compartments',
  single: 'with one colour each',
};

/** As many cups as it can do with: alike the last one, or without the last ones. */
function counted(plan: Plan, _: AnyTechnique, { needs: { cups }, name }: AnyTechnique): Step {
  const { least, most = Infinity } = cups;
  const has = plan.cups.length;
  const last = plan.cups.at(-1);
  if (has < least && last) {
    const more = [...plan.cups];
    while (more.length < least)
      more.push({
        ...copyOf(last),
        id: freeId(
          `c${more.length + 1}`,
          more.map((c) => c.id),
        ),
      });
    return {
      plan: { ...plan, cups: more },
      said: `${name} wants ${least} cups: ${least - has === 1 ? 'one like the last was' : `${least - has} like the last were`} added.`,
    };
  }
  if (has <= most) return { plan };
  const kept = plan.cups.slice(0, most);
  const ids = new Set(kept.map((c) => c.id));
  // A cup that was another's reverse would have nothing to reverse.
  const few = kept.map((cup): Cup => {
    if (cup.reverseOf === undefined || ids.has(cup.reverseOf)) return cup;
    const { reverseOf, ...own } = cup;
    const layers = plan.cups.find((c) => c.id === reverseOf)?.layers ?? [];
    return { ...own, layers: copyOf(layers).reverse() };
  });
  return {
    plan: { ...plan, cups: few },
    said: `${name} can do with ${most === 1 ? 'one cup' : `${most} cups`}: the other ${has - most} are out, and their paint goes into what is left.`,
  };
}

/** What is set aside: as the technique asks, with mixes of its own; what only the one before had asked for goes. */
function supplied(plan: Plan, was: AnyTechnique): Step {
  const met = meetNeeds(plan, { needs: was.needs, school: plan.budget.school });
  const uses = (p: Plan) => p.budget.pots.map((pot) => pot.use);
  const used = new Set([
    ...met.budget.shares.map((s) => s.mix),
    ...met.budget.pots.flatMap((p) => p.mix ?? []),
    ...met.cups.flatMap((c) => c.layers?.map((l) => l.mix) ?? []),
    ...met.moves.flatMap((m) => (m.own ? referencesOf(m).map((r) => r.id) : [])),
    // A mix that stood in no pot before is the artist's own.
    ...plan.mixes.flatMap((m) => (plan.budget.pots.some((p) => p.mix === m.id) ? [] : [m.id])),
  ]);
  const mixes = met.mixes.filter((m) => used.has(m.id) || plan.made?.some((d) => d.mix === m.id));
  const held = new Set(mixes.flatMap((m) => m.paints.map((p) => p.paint)));
  const [before, after] = [uses(plan), uses(met)];
  const said = [
    ...after.filter((use) => !before.includes(use)).map((use) => `${NAMES[use]} is set aside`),
    ...before.filter((use) => !after.includes(use)).map((use) => `${NAMES[use]} is not set aside`),
  ];
  return {
    plan: { ...met, mixes, paints: met.paints.filter((p) => held.has(p.id)) },
    ...(said.length > 0 ? { said: sentence(said) } : {}),
  };
}

const NAMES = {
  base: 'a base',
  dots: 'paint for dots',
  activator: 'an activator',
  edge: 'paint for the edges',
  extender: 'an extender',
  keep: 'a reserve',
} as const;

function sentence(said: readonly string[]): string {
  const whole = said.join(', ');
  return `${capital(whole)} now.`;
}
