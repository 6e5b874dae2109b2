import type { Pot, SchoolId } from '../../budget/schema';
import { type School, SCHOOLS } from '../../budget/school';
import type { Mix } from '../../mix/schema';
import { FACTORS } from '../../factor';
import { MIX_SCHOOLS, mixBySchool } from '../../mix/school';
import { darkestOf, palestOf } from '../../optics/palest';
import type { Surface } from '../../surface/schema';
import { chosenTechnique, type Needs, type UseNeed } from '../../technique';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { backgroundOf } from './background';

/** What covered edges begin with under schools that do not count them; from then on the plan says. */
const EDGE_MM = FACTORS['edge-film'].usual;
/** What edges that are not covered are wetted with, along the face (estimate). */
const WETTED_MM = 0.3;

/** The pots a technique and a school want of a surface, before it is said which mix stands in them. */
function wantedPots(needs: Needs, school: SchoolId, surface: Surface): (UseNeed & { pot: Pot })[] {
  const { overBase } = SCHOOLS[school];
  const covered = edgesCovered(surface);
  const based = needs.uses.some((u) => u.use === 'base' && (overBase ? u.overBase : u.inAll));
  const wet = edgeFilm(covered);
  const uses: readonly UseNeed[] = [
    ...needs.uses,
    ...(wantsEdge(surface, covered, based) && !needs.uses.some((u) => u.use === 'edge')
      ? [{ use: 'edge' as const, overBase: wet, inAll: wet }]
      : []),
  ];
  return uses
    .flatMap((need) => {
      const amount = overBase ? need.overBase : need.inAll;
      return amount ? [{ ...need, pot: { use: need.use, ...amount } }] : [];
    })
    .sort((a, b) => byOrder(a.pot, b.pot));
}

const edgesCovered = ({ coverEdges, edgeDepthMm }: Surface): boolean =>
  coverEdges && edgeDepthMm > 0;

const edgeFilm = (covered: boolean) => ({ filmMm: covered ? EDGE_MM : WETTED_MM });

/** Nothing goes over a raised rim. An open edge that is to be covered wants paint of its own; one that is not wants wetting where no base does it. */
const wantsEdge = ({ rim }: Surface, covered: boolean, based: boolean): boolean =>
  rim.kind === 'open' && (covered || !based);

/** Pots in the order they are listed. */
const ORDER: readonly Pot['use'][] = ['base', 'edge', 'activator', 'extender', 'keep', 'dots'];

/** Uses whose pot is one mix; a little of every colour stands in the others. */
const OF_ONE_MIX: ReadonlySet<Pot['use']> = new Set(['base', 'edge', 'activator', 'dots']);

/** What a technique and a school want set aside. */
interface Wanting {
  readonly needs: Needs;
  readonly school: SchoolId;
}

/**
 * Sets aside what a plan's technique asks for under its school: pots, and the mixes in them that a school of mixes brings. What the artist
 * has set aside for a use that is still wanted stays as it is, unless its amount was only what was wanted before.
 * @param before what it was set aside for until now; absent for a new plan
 */
export function meetNeeds(plan: Plan, before?: Wanting): Plan {
  const wanted = wantedPots(chosenTechnique(plan).needs, plan.budget.school, plan.surface);
  const was = before ? wantedPots(before.needs, before.school, plan.surface) : [];
  const usual = (pot: Pot) => was.find((w) => w.use === pot.use && sameAmount(w.pot, pot));
  // Base and edge are the school's to say; other pots of the artist's own stay whatever is wanted.
  const own = plan.budget.pots.filter((pot) => !bySchool(pot.use) && !usual(pot));
  const had = (use: Pot['use']) => plan.budget.pots.find((p) => p.use === use);
  let grown = plan;
  const pots: Pot[] = [];
  for (const need of wanted) {
    if (own.some((pot) => pot.use === need.use)) continue;
    const held = had(need.use)?.mix;
    const filled = held !== undefined ? { plan: grown, mix: held } : mixOfUse(grown, need);
    grown = filled.plan;
    pots.push({ ...need.pot, ...(filled.mix === undefined ? {} : { mix: filled.mix }) });
  }
  return { ...grown, budget: { ...grown.budget, pots: [...pots, ...own] } };
}

/**
 * Colours as much as a plan's technique lays of its school's figure, unless the artist has set another part than the one before wanted.
 * @param before what the technique until now needs; absent for a new plan
 */
export function partOf(plan: Plan, before?: Needs): Plan {
  const { part: set, ...budget } = plan.budget;
  if (before !== undefined && set !== before.part) return plan;
  const { part } = chosenTechnique(plan).needs;
  return { ...plan, budget: { ...budget, ...(part === undefined ? {} : { part }) } };
}

const bySchool = (use: Pot['use']): boolean => use === 'base' || use === 'edge';

const sameAmount = (a: Pot, b: Pot): boolean =>
  a.filmMm === b.filmMm && a.ml === b.ml && a.g === b.g && a.share === b.share;

/** The colour of the plan a use is made of. */
function colourFor(plan: Plan, { of = 'background' }: UseNeed): string {
  if (of === 'background') return backgroundOf(plan);
  const { hexOf } = openPlan(plan);
  const mixes = plan.budget.shares.map((s) => s.mix);
  return (of === 'palest' ? palestOf(mixes, hexOf) : darkestOf(mixes, hexOf))!;
}

/** What stands in the pot of a use: no one mix, a colour of the plan, or a mix made for it. */
function mixOfUse(plan: Plan, need: UseNeed): { plan: Plan; mix?: string } {
  if (!OF_ONE_MIX.has(need.use)) return { plan };
  return need.school === undefined ? { plan, mix: colourFor(plan, need) } : withMixOf(plan, need);
}

/** A mix made by the school a use asks for: one that was made for it before, else a new one, of the school's own paint if it brings one. */
function withMixOf(plan: Plan, need: UseNeed): { plan: Plan; mix: string } {
  const id = mixIdFor(need.use);
  if (plan.mixes.some((m) => m.id === id)) return { plan, mix: id };
  const school = MIX_SCHOOLS.find((s) => s.id === need.school)!;
  const open = openPlan(plan);
  const paint = school.paints?.[0] ?? open.paint(open.mix(colourFor(plan, need)).paints[0]!.paint);
  const paints = open.hasPaint(paint.id) ? plan.paints : [...plan.paints, paint];
  const { consistency } = chosenTechnique(plan).needs;
  const bare: Mix = {
    id,
    name: school.name,
    basis: 'volume',
    paints: [{ paint: paint.id, parts: 1 }],
    consistency: school.consistency ?? consistency,
  };
  const grown = { ...plan, paints, mixes: [...plan.mixes, bare] };
  const mix = mixBySchool(bare, school, paint.body, consistency, openPlan(grown).recipeOf);
  return { plan: { ...grown, mixes: [...plan.mixes, mix] }, mix: id };
}

/** Id of the mix a use's school makes. */
const mixIdFor = (use: Pot['use']): string => `m-${use}`;

/** A plan reckoned by another school. */
export const withSchool = (plan: Plan, school: SchoolId): Plan =>
  meetNeeds(
    {
      ...plan,
      budget: {
        ...plan.budget,
        school,
        insurance: SCHOOLS[school].insurance,
      },
    },
    { needs: chosenTechnique(plan).needs, school: plan.budget.school },
  );

/** A base where neither technique nor school says how thick (common practice, no published source). */
const BASE: UseNeed = { use: 'base', overBase: { filmMm: 1 } };

/**
 * A plan with a wet base under its pour, or with none: reckoned by its school's like for that, if there is one. Edges that only a base would wet
 * are wetted by themselves where there is none.
 */
export function withBase(plan: Plan, on: boolean): Plan {
  if (onBase(plan) === on) return plan;
  const { school } = plan.budget;
  const { overBase, otherGround } = SCHOOLS[school] as School;
  const reckoned =
    overBase !== on && otherGround !== undefined ? withSchool(plan, otherGround as SchoolId) : plan;
  const grown = on ? withBasePot(reckoned) : reckoned;
  const { surface } = plan;
  const covered = edgesCovered(surface);
  const wetting: Pot = { use: 'edge', ...edgeFilm(covered), mix: backgroundOf(plan) };
  const edges = grown.budget.pots.filter((pot) => pot.use === 'edge');
  const kept = wantsEdge(surface, covered, on)
    ? [...edges, ...(edges.length > 0 ? [] : [wetting])]
    : edges.filter((pot) => !sameAmount(pot, wetting));
  const rest = grown.budget.pots.filter((pot) => pot.use !== 'edge' && (on || pot.use !== 'base'));
  return { ...grown, budget: { ...grown.budget, pots: [...rest, ...kept].sort(byOrder) } };
}

const byOrder = (a: Pot, b: Pot): number => ORDER.indexOf(a.use) - ORDER.indexOf(b.use);

export const onBase = ({ budget: { pots } }: Plan): boolean =>
  pots.some(({ use }) => use === 'base');

/** A plan with its technique's base set aside, as thick as its school has it; a usual one where it asks for none. */
function withBasePot(plan: Plan): Plan {
  if (onBase(plan)) return plan;
  const need = chosenTechnique(plan).needs.uses.find(({ use }) => use === 'base') ?? BASE;
  const { overBase } = SCHOOLS[plan.budget.school];
  const amount = (overBase ? need.overBase : need.inAll) ?? need.overBase ?? need.inAll;
  const { plan: grown, mix } = mixOfUse(plan, need);
  const pot: Pot = { use: 'base', ...amount, ...(mix === undefined ? {} : { mix }) };
  return { ...grown, budget: { ...grown.budget, pots: [pot, ...grown.budget.pots] } };
}
