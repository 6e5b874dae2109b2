import { SCHOOLS } from '../../budget/school';
import { idsOf } from '../../registry';
import { TECHNIQUES } from '../../technique';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import type { Plan } from '../document/schema';
import * as edit from '.';

const uses = (p: Plan) => p.budget.pots.map((pot) => pot.use);
const coloursG = (p: Plan) =>
  brief(p)
    .budget.pots.filter(({ use }) => use === 'colour')
    .reduce((sum, { g }) => sum + g, 0);
const lays = (p: Plan) => p.moves.filter((m) => m.verb === 'lay').length;

test('without a base the lean figure is poured on bare ground over wetted edges, and with one again it is as it was', () => {
  const lean = plan(undefined, {}, { school: 'lean' });
  expect([edit.onBase(lean), lays(lean)]).toEqual([true, 1]);
  const { plan: bare, changed } = edit.setBase(lean, false);
  expect(edit.onBase(bare)).toBe(false);
  expect(lays(bare)).toBe(0);
  expect(bare.budget.school).toBe('lean-bare');
  expect(uses(bare)).toContain('edge');
  expect(changed).toEqual([
    'Amounts are reckoned by “Lean, no base” now.',
    'Edges are wetted by themselves now.',
  ]);
  // The base is what it saves, less what the edges want.
  expect(brief(bare).budget.totalG).toBeLessThan(0.8 * brief(lean).budget.totalG);
  expect(coloursG(bare)).toBeCloseTo(coloursG(lean), 6);
  expect(edit.setBase(bare, true).plan.budget).toEqual(lean.budget);
});

test('a generous pour keeps its figure: a base is taken out of its colours', () => {
  const generous = plan(undefined, {}, { school: 'generous' });
  expect(edit.onBase(generous)).toBe(false);
  const { plan: based } = edit.setBase(generous, true);
  expect(based.budget.school).toBe('generous');
  expect(lays(based)).toBe(1);
  expect(coloursG(based)).toBeLessThan(coloursG(generous));
});

test('edges that are covered keep their paint either way, and what is as it should be stays the same plan', () => {
  const covered = plan([OAT, SLATE, QUINCE], { edgeDepthMm: 18, coverEdges: true });
  const based = edit.setBase(covered, true).plan;
  const edge = (p: Plan) => p.budget.pots.find((pot) => pot.use === 'edge');
  expect(edge(based)).toEqual(edge(covered));
  expect(edge(edit.setBase(based, false).plan)).toEqual(edge(covered));
  expect(edit.setBase(based, true).plan.budget).toBe(based.budget);
});

test.each(idsOf(TECHNIQUES))('%s stands on a base and without one, under every school', (id) => {
  for (const school of idsOf(SCHOOLS))
    for (const on of [true, false]) {
      const set = edit.setBase(plan(undefined, {}, { school, technique: id }), on).plan;
      expect(checkPlan(set)).toEqual([]);
      expect(edit.onBase(set)).toBe(on);
      expect(lays(set) > 0).toBe(on);
    }
});
