import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import type { Plan } from '../document/schema';
import * as edit from '.';

const start = plan([OAT, SLATE, QUINCE], { edgeDepthMm: 18, coverEdges: true });
const uses = (p: Plan) => p.budget.pots.map((pot) => pot.use);
const verbs = (p: Plan) => p.moves.map((m) => m.verb).filter((v) => v === 'lay' || v === 'edge');
/** What the moves take of base and edges, and what is set aside for them, g. */
const laid = (p: Plan) => {
  const b = brief(p);
  const of = (use: string) => use === 'base' || use === 'edge';
  return {
    taken: b.run
      .flatMap((s) => s.takes)
      .filter((t) => of(t.use ?? ''))
      .reduce((sum, t) => sum + t.g, 0),
    aside: b.budget.pots.filter((pot) => of(pot.use)).reduce((sum, pot) => sum + pot.g, 0),
  };
};

test('a pot brings the move that lays it, and takes it away again', () => {
  const based = edit.addPot(start, 'base');
  expect(uses(based)).toEqual(['edge', 'base']);
  expect(verbs(based)).toEqual(['edge', 'lay']);
  expect(checkPlan(based)).toEqual([]);
  const without = edit.removePot(based, 1);
  expect(verbs(without)).toEqual(['edge']);
  expect(without.budget).toEqual(start.budget);
});

test('a move brings the pot it lays, and the last one takes it away: 824 g are not set aside for nothing', () => {
  const more = edit.addMove(start, 'lay', edit.placeForMove(start));
  expect(uses(more)).toEqual(['edge', 'base']);
  const at = more.moves.findIndex((m) => m.verb === 'lay');
  const gone = edit.removeMove(more, at);
  expect(uses(gone)).toEqual(['edge']);
  expect(brief(gone).budget.totalG).toBe(brief(start).budget.totalG);
});

test('a move that lays another mix takes its pot along, as much as it was', () => {
  const at = start.moves.findIndex((m) => m.verb === 'edge');
  const other = edit.setMove(start, at, (m) => ({ ...m, mix: 'm-slate' }) as typeof m);
  expect(other.budget.pots).toEqual([{ ...start.budget.pots[0], mix: 'm-slate' }]);
  expect(checkPlan(other)).toEqual([]);
});

test.each(['generous', 'lean', 'lean-bare', 'film', 'own'] as const)(
  'what is laid is what is set aside, whole, under the school %s, for one piece and for six',
  (school) => {
    for (const pieces of [1, 6]) {
      const p = edit.setSchool({ ...start, surface: { ...start.surface, pieces } }, school);
      const { taken, aside } = laid(p);
      expect(aside).toBeGreaterThan(0);
      expect(taken).toBeCloseTo(aside, 6);
      const thicker = edit.setPot(p, 0, (pot) => ({ ...pot, filmMm: 2 }));
      expect(laid(thicker).taken).toBeCloseTo(laid(thicker).aside, 6);
      expect(laid(thicker).taken).toBeGreaterThan(taken);
    }
  },
);

test('a move that nobody gave a place goes before the drying, with the cup that is still full', () => {
  const two: Plan = { ...start, cups: [...start.cups, { ...start.cups[0]!, id: 'spare' }] };
  const at = edit.placeForMove(two);
  expect(two.moves[at]!.verb).toBe('dry');
  expect(edit.addMove(two, 'flip', at).moves[at]).toMatchObject({ verb: 'flip', cup: 'spare' });
});

test('a top coat is what the use asks for, as thick as it usually is, and follows the product until it was told', () => {
  const end = start.moves.length;
  const coat = (p: Plan) => p.moves[end]!;
  const varnished = edit.addMove(start, 'coat', end);
  expect(coat(varnished)).toMatchObject({ product: 'varnish', filmMm: 0.1 });
  const resined = edit.setMove(varnished, end, (m) => ({ ...m, product: 'resin' }) as typeof m);
  expect(coat(resined)).toMatchObject({ product: 'resin', filmMm: 3 });
  const told = edit.setMove(resined, end, (m) => ({ ...m, filmMm: 1.5 }) as typeof m);
  expect(
    coat(edit.setMove(told, end, (m) => ({ ...m, product: 'varnish' }) as typeof m)),
  ).toMatchObject({ product: 'varnish', filmMm: 1.5 });
  const hot = edit.setSurface(start, { use: 'hot' });
  expect(edit.addMove(hot, 'coat', hot.moves.length).moves.at(-1)).toMatchObject({
    product: 'resin',
    filmMm: 3,
  });
});

test('oil is spoken of only where there is oil', () => {
  const says = (p: Plan) => brief(edit.addMove(p, 'coat', p.moves.length)).run.at(-1)!.says;
  expect(says(start)).not.toMatch(/oil/);
  const oily = edit.setAdditives(start, 0, [{ material: 'silicone', drops: 2, perMl: 60 }], []);
  expect(says(oily)).toMatch(/the oil has to be off/);
});
