import fc from 'fast-check';
import { normalise } from '../../budget/budget';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import * as edit from './index';
import { BRASS, DAMSON, KALE, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import type { Plan } from '../document/schema';
import { spellsOf, type VerbId, VERBS } from '../../verb';

const shareOf = (p: Plan, mix: string) =>
  normalise(p.budget.shares).find((s) => s.mix === mix)?.share;

test('a share set leaves the others in their relation', () => {
  const start = edit.setBudget(plan(), {
    shares: [
      { mix: 'm-oat', share: 0.5 },
      { mix: 'm-slate', share: 0.3 },
      { mix: 'm-quince', share: 0.2 },
    ],
  });
  const p = edit.setShare(start, 'm-oat', 0.25);
  expect(shareOf(p, 'm-oat')).toBeCloseTo(0.25, 3);
  expect(shareOf(p, 'm-slate')! / shareOf(p, 'm-quince')!).toBeCloseTo(1.5, 3);
});
test('the share of the only colour is everything', () =>
  expect(shareOf(edit.setShare(plan([OAT]), 'm-oat', 0.2), 'm-oat')).toBe(1));
test('a share given all leaves the rest nothing, and can be taken back', () => {
  const all = edit.setShare(plan(), 'm-oat', 1);
  expect(shareOf(all, 'm-slate')).toBe(0);
  expect(shareOf(edit.setShare(all, 'm-oat', 0.5), 'm-slate')).toBeCloseTo(0.25, 3);
});

test('a colour added has a mix, a share and a layer in every cup; taken out it leaves nothing behind', () => {
  const start = plan();
  const grown = edit.addColour(start, KALE);
  expect(shareOf(grown, 'm-kale')).toBeCloseTo(0.25, 3);
  expect(grown.cups.every((c) => c.layers?.some((l) => l.mix === 'm-kale'))).toBe(true);
  const back = edit.removeColour(grown, 'm-kale');
  expect(JSON.stringify(back)).not.toContain('kale');
  expect(checkPlan(back)).toEqual([]);
  expect(edit.addColour(grown, KALE)).toBe(grown);
});
test('the last colour stays', () => {
  const one = plan([OAT]);
  expect(edit.removeColour(one, 'm-oat')).toBe(one);
});

test('resizing the surface changes unpinned layers only, and moves what the technique wrote', () => {
  const start = edit.setLayer(plan(), 0, 0, ({ parts: _, ...l }) => ({ ...l, ml: 20 }));
  const larger = edit.setSurface(start, { shape: { kind: 'rect', widthMm: 600, heightMm: 500 } });
  const [before, after] = [brief(start).cups[0]!, brief(larger).cups[0]!];
  expect(after.layers[0]!.ml).toBe(20);
  expect(after.layers[1]!.ml).toBeGreaterThan(before.layers[1]!.ml);
  const flip = (p: Plan) => p.moves.find((m) => m.verb === 'flip');
  expect(flip(larger)).not.toEqual(flip(start));
});

test('a move edited by hand stays through a change of settings; the rest is written anew', () => {
  const start = plan();
  const at = start.moves.findIndex((m) => m.id === 'tilt-2');
  const own = { ...start.moves[at]!, s: 40, own: true };
  const added = { id: 'look-again', verb: 'rest' as const, s: 90, own: true };
  const edited = {
    ...start,
    moves: [...start.moves.slice(0, at), own, added, ...start.moves.slice(at + 1)],
  };
  const p = edit.setTechniqueSettings(edited, { angleDeg: 12, torch: 'none' });
  expect(p.moves.find((m) => m.id === 'tilt-2')).toEqual(own);
  expect(p.moves.find((m) => m.id === 'tilt-1')).toMatchObject({ angleDeg: 12 });
  expect(p.moves.some((m) => m.verb === 'torch')).toBe(false);
  expect(p.moves[p.moves.findIndex((m) => m.id === 'tilt-2') + 1]).toEqual(added);
});

test('a change of school brings its insurance, base and edges, and takes them away again', () => {
  const start = plan([OAT, SLATE], { edgeDepthMm: 20, coverEdges: true });
  const lean = edit.setSchool(start, 'lean');
  expect(lean.budget.pots.map((p) => p.use)).toEqual(['base', 'edge', 'keep']);
  expect(
    lean.moves
      .filter((m) => m.verb !== 'tend')
      .map((m) => m.verb)
      .slice(0, 2),
  ).toEqual(['edge', 'lay']);
  const back = edit.setSchool(lean, 'generous');
  expect(back.budget).toMatchObject({ pots: start.budget.pots, insurance: 0 });
  expect(back.moves.some((m) => m.verb === 'lay')).toBe(false);
});

test('layers are moved, doubled and taken out; a place outside the cup changes nothing', () => {
  const order = (p: Plan) => p.cups[0]!.layers!.map((l) => l.mix.slice(2)).join(' ');
  const start = edit.setCup(plan(), 0, (c) => ({
    ...c,
    layers: ['oat', 'slate', 'quince'].map((m) => ({
      mix: `m-${m}`,
      parts: 1,
      placement: 'wall' as const,
    })),
  }));
  expect(order(edit.moveLayer(start, 0, 0, 2))).toBe('slate quince oat');
  expect(order(edit.moveLayer(start, 0, 0, 3))).toBe('oat slate quince');
  expect(order(edit.doubleLayer(start, 0, 1))).toBe('oat slate slate quince');
  expect(order(edit.removeLayer(start, 0, 1))).toBe('oat quince');
  expect(order(edit.addLayer(start, 0, 'm-oat'))).toBe('oat slate quince oat');
});

test('cups come and go with their flips', () => {
  const start = plan();
  const more = edit.addCup(start);
  expect(more.moves.filter((m) => m.verb === 'flip')).toHaveLength(more.cups.length);
  const less = edit.removeCup(more, 0);
  expect(less.cups).toHaveLength(start.cups.length);
  expect(checkPlan(less)).toEqual([]);
  const one = { ...start, cups: start.cups.slice(0, 1) };
  expect(edit.removeCup(one, 0)).toBe(one);
});

test('a move taken out stays out, an order changed by hand stays, through every rewriting', () => {
  const start = plan();
  const at = (p: Plan, id: string) => p.moves.findIndex((m) => m.id === id);
  const cut = edit.removeMove(start, at(start, 'tilt-2'));
  const swapped = edit.moveMove(cut, at(cut, 'torch-end'), at(cut, 'tilt-1'));
  const p = edit.setSurface(edit.setTechniqueSettings(swapped, { angleDeg: 15 }), {
    shape: { kind: 'rect', widthMm: 300, heightMm: 300 },
  });
  expect(at(p, 'tilt-2')).toBe(-1);
  expect(at(p, 'torch-end')).toBe(at(p, 'tilt-1') - 1);
  expect(p.moves[at(p, 'tilt-1')]).toMatchObject({ angleDeg: 15, towardDeg: 45 });
});

test('tilts move as one, and what stands before and after them keeps its order', () => {
  const start = plan();
  const spells = spellsOf(start.moves);
  const at = spells.findIndex((s) => s.count > 1);
  const ids = (p: Plan) => p.moves.map((m) => m.id);
  const tilts = start.moves.filter((m) => m.verb === 'tilt').map((m) => m.id);
  const later = edit.moveSpell(start, at, at + 1);
  const next = start.moves[spells[at + 1]!.from]!.id;
  expect(ids(later).slice(spells[at]!.from, spells[at]!.from + 1 + tilts.length)).toEqual([
    next,
    ...tilts,
  ]);
  expect(edit.moveSpell(later, at + 1, at)).toEqual(start);
  expect(edit.moveSpell(start, at, spells.length)).toBe(start);
  expect(checkPlan(later)).toEqual([]);
});

test('a move edited by hand is the artist’s own until it is handed back', () => {
  const start = plan();
  const i = start.moves.findIndex((m) => m.verb === 'tilt');
  const own = edit.setMove(start, i, (m) => ({ ...m, s: 55 }));
  expect(own.moves[i]).toMatchObject({ own: true, s: 55 });
  expect(edit.releaseMove(own, i).moves[i]).toEqual(start.moves[i]);
});

test('a move of every verb can be put in, and the plan stays whole', () => {
  for (const verb of Object.keys(VERBS) as VerbId[]) {
    const p = edit.addMove(plan(), verb, 1);
    expect(p.moves[1]?.verb).toBe(verb);
    expect(checkPlan(p)).toEqual([]);
    expect(brief(p).run).toHaveLength(p.moves.length);
  }
});

test('a move that went with one that is gone goes alone', () => {
  const start = plan();
  const tied = edit.setMove(start, 3, (m) => ({ ...m, with: start.moves[2]!.id }));
  expect(checkPlan(edit.removeMove(tied, 2))).toEqual([]);
  expect(checkPlan(edit.moveMove(tied, 3, 0))).toEqual([]);
});

test('moves are told to go together and apart again, a third with the first of them', () => {
  const start = plan();
  const at = start.moves.findIndex((m) => m.verb === 'tilt');
  expect(edit.mayGoTogether(start, at + 1)).toBe(true);
  // Nobody levels a piece at the same time as anything that flows.
  expect(edit.mayGoTogether(start, 0)).toBe(false);
  const two = edit.setTogether(start, at + 1, true);
  const three = edit.setTogether(two, at + 2, true);
  expect(three.moves.slice(at + 1, at + 3).map((m) => m.with)).toEqual([
    start.moves[at]!.id,
    start.moves[at]!.id,
  ]);
  expect(checkPlan(three)).toEqual([]);
  expect(brief(three).run[at + 2]!.startS).toBe(brief(start).run[at]!.startS);
  expect(edit.setTogether(three, at + 1, false).moves[at + 1]!.with).toBeUndefined();
});

test('a layer set by its fill line holds what the cup holds up to there', () => {
  const p = edit.fillTo(plan(), 0, 0, 20, 0);
  expect(brief(p).cups[0]?.layers[0]?.toMm).toBeCloseTo(20, 1);
  expect(edit.fillTo(plan(), 0, 0, 0, 0).cups[0]?.layers?.[0]?.ml).toBe(0.1);
});

test('a medium from the shelf comes into the plan with its materials', () => {
  const material = {
    id: 'school-glue',
    name: 'School glue',
    role: 'binder' as const,
    densityGPerMl: 1.05,
    viscosityPaS: 3,
  };
  const medium = {
    id: 'mine',
    name: 'Mine',
    basis: 'volume' as const,
    of: [
      { material: 'school-glue', parts: 1 },
      { material: 'water', parts: 1 },
    ],
  };
  const p = edit.setMedium(plan(), 0, 'mine', [medium], [material]);
  expect(checkPlan(p)).toEqual([]);
  expect(p.mixes[0]?.medium).toEqual({
    id: 'mine',
    parts: plan().mixes[0]?.medium?.parts,
  });
  expect(edit.setMedium(p, 1, 'mine', [medium], [material]).mediums).toHaveLength(1);
  expect(edit.setMedium(p, 0, undefined, [], []).mixes[0]).not.toHaveProperty('medium');
});

test('a border of the palette moves between its two neighbours and no further', () => {
  const start = edit.evenShares(plan());
  const p = edit.moveBorder(start, 0, 0.1);
  expect(shareOf(p, 'm-oat')).toBeCloseTo(0.4333, 3);
  expect(shareOf(p, 'm-slate')).toBeCloseTo(0.2333, 3);
  expect(shareOf(p, 'm-quince')).toBeCloseTo(0.3333, 3);
  expect(shareOf(edit.moveBorder(start, 0, 9), 'm-slate')).toBeCloseTo(0, 3);
  expect(edit.moveBorder(start, 2, 0.1)).toBe(start);
});

const step = fc.constantFrom<(p: Plan, n: number) => Plan>(
  (p, n) => edit.setShare(p, p.budget.shares[n % p.budget.shares.length]!.mix, (n % 10) / 10),
  (p, n) => edit.addColour(p, [BRASS, DAMSON, KALE][n % 3]!),
  (p, n) => edit.removeColour(p, p.budget.shares[n % p.budget.shares.length]!.mix),
  (p, n) => edit.setSurface(p, { pieces: 1 + (n % 4) }),
  (p, n) => edit.setSchool(p, (['generous', 'lean', 'film', 'own'] as const)[n % 4]!),
  (p, n) => edit.addLayer(p, n % p.cups.length, p.mixes[n % p.mixes.length]!.id),
  (p, n) => edit.moveLayer(p, n % p.cups.length, n % 5, n % 3),
  (p, n) => edit.removeLayer(p, n % p.cups.length, n % 5),
  (p) => edit.addCup(p),
  (p, n) => edit.removeCup(p, n % p.cups.length),
  (p, n) => edit.setTechniqueSettings(p, { restS: n, angleDeg: 2 + (n % 20) }),
  (p, n) => edit.removeMove(p, n % 12),
  (p, n) => edit.moveMove(p, n % 9, n % 5),
  (p, n) => edit.moveSpell(p, n % 7, n % 4),
  (p, n) => edit.addMove(p, (['rest', 'flip', 'lay', 'coat'] as const)[n % 4]!, n % 6),
  (p, n) => edit.roundPartsTo(p, [undefined, 5, 20][n % 3]),
  (p, n) => edit.moveBorder(p, n % 3, ((n % 9) - 4) / 10),
  (p, n) => edit.fillTo(p, 0, n % 4, n, 10),
);

test('no run of edits breaks a plan or changes the one it began from', () => {
  const start = plan([OAT, SLATE, QUINCE]);
  const before = JSON.stringify(start);
  fc.assert(
    fc.property(
      fc.array(fc.tuple(step, fc.integer({ min: 0, max: 100 })), { maxLength: 25 }),
      (steps) => {
        const p = steps.reduce((now, [change, n]) => change(now, n), start);
        expect(checkPlan(p)).toEqual([]);
        expect(JSON.stringify(brief(p))).not.toMatch(/NaN|null/);
        expect(JSON.stringify(start)).toBe(before);
      },
    ),
    { numRuns: 40 },
  );
});
