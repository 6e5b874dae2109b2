import { stagesOf } from '../../schedule';
import { beginRun, runSheet, advance } from '../../journal/run';
import { drawn } from '../../journal/drawn';
import { leftAfter } from '../../journal/left-after';
import { dryingActs } from '../../journal/rack';
import { summariseRun } from '../../journal/summary';
import { idsOf } from '../../registry';
import type { ShelfItem } from '../../stock/schema';
import { SHAPES, shapeOf } from '../../surface/measure';
import { covers } from '../../surface/outline/covers';
import type { Shape } from '../../surface/shape';
import { DOT_PATTERNS } from '../../technique';
import { VERBS } from '../../verb';
import { verbScene } from '../brief/table';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { BRASS, OAT, plan, SLATE } from '../fixture.test-data';
import { previewKey, previewOf } from '../preview/preview';
import { addDots, removeStage } from './stages';

const ask = {
  pattern: 'mandala' as const,
  mixes: ['m-oat', 'm-slate'],
  dotMm: 12,
  round: 16,
  rows: 4,
  coated: true,
};
const poured = plan([OAT, SLATE, BRASS]);
const dotted = addDots(poured, ask);

test('a pour, its coat, dots on that and a second coat are four stages, each with its own moves and amounts', () => {
  expect(checkPlan(dotted)).toEqual([]);
  const stages = stagesOf(dotted);
  expect(stages.map(({ title }) => title)).toEqual(['Pour', 'Top coat', 'Dots', 'Top coat 2']);
  expect(stages[2]!.moves).toHaveLength(5);
  const { run, budget } = brief(dotted);
  for (const { moves } of stages)
    for (const { id } of moves) expect(run.find(({ move }) => move === id)).toBeDefined();
  // What the dots take is there, and a puddle to dip in.
  for (const mix of ask.mixes) {
    const pot = budget.pots.find((p) => p.use === 'dots' && p.mix === mix)!;
    const takes = run.flatMap((s) => s.takes).filter((t) => t.use === 'dots' && t.mix === mix);
    const ml = takes.reduce((sum, t) => sum + t.ml, 0);
    expect(ml).toBeGreaterThan(0);
    expect(pot.ml).toBeGreaterThanOrEqual(Math.max(2.9, 1.4 * ml));
  }
  // The pour is as it was.
  expect(previewOf(dotted, brief(dotted)).scene).toEqual(previewOf(poured, brief(poured)).scene);
  expect(previewKey(previewOf(dotted, brief(dotted)))).not.toBe(
    previewKey(previewOf(poured, brief(poured))),
  );
});

test.each(idsOf(DOT_PATTERNS))(
  '%s: as many dots as asked, on the face, none over its neighbour',
  (pattern) => {
    const shapes: readonly Shape[] = [
      { kind: 'rect', widthMm: 300, heightMm: 200 },
      { kind: 'round', diameterMm: 250 },
      { kind: 'oval', widthMm: 300, heightMm: 200 },
    ];
    for (const shape of shapes) {
      const one = addDots(plan([OAT, SLATE], { shape }), { ...ask, pattern });
      const scene = verbScene(one);
      const dots = one.moves.flatMap((m) => (m.verb === 'dot' ? VERBS.dot.dots!(m, scene) : []));
      expect(dots).toHaveLength(16 * 4 + (pattern === 'mandala' ? 1 : 0));
      const rings = shapeOf(shape).rings(shape);
      const off = dots.filter(({ atMm: [x, y] }) => !covers(rings, x, y));
      // Rows go straight across: on what is round their ends are trimmed by eye.
      if (pattern !== 'lines') expect(off).toEqual([]);
      for (const move of one.moves) {
        if (move.verb !== 'dot') continue;
        const own = VERBS.dot.dots!(move, scene);
        own.slice(1).forEach(({ atMm, rMm }, i) => {
          const before = own[i]!;
          const apart = Math.hypot(atMm[0] - before.atMm[0], atMm[1] - before.atMm[1]);
          expect(apart).toBeGreaterThan(rMm + before.rMm - 1e-6);
        });
      }
    }
    expect(Object.keys(SHAPES)).toContain('rect');
  },
);

test('taken out again it is gone with its drying and its pots', () => {
  const [, , dots] = stagesOf(dotted);
  const without = removeStage(
    dotted,
    dots!.moves.map(({ id }) => id),
  );
  expect(stagesOf(without).map(({ title }) => title)).toEqual(['Pour', 'Top coat', 'Top coat 2']);
  expect(without.budget.pots).toEqual(poured.budget.pots);
});

test('a run of a later stage has its own moves, draws only what is for it, and leaves only that', () => {
  const own = {
    ...poured,
    mixes: [...poured.mixes, { ...poured.mixes[1]!, id: 'm-own', name: 'Own' }],
  };
  const p = addDots(own, { ...ask, mixes: ['m-own'] });
  const shelf: ShelfItem[] = [OAT, SLATE, BRASS].map((paint) => ({
    kind: 'paint',
    paint,
    stockMl: 1e4,
  }));
  const run = (stage: number) => {
    let one = beginRun('run-00000001', 'p', p, 0, stage);
    expect(one.moves.map(({ move }) => move)).toEqual(runSheet(p, stage).map(({ move }) => move));
    for (let i = 0; i < one.moves.length; i++) one = advance(one, 1000 * i);
    return one;
  };
  const took = (stage: number) =>
    drawn(run(stage), shelf).drawn!.lines.map(({ kind, id }) => `${kind} ${id}`);
  expect(took(0)).toEqual(expect.arrayContaining(['paint oat', 'paint slate', 'paint brass']));
  expect(took(1)).toEqual([]);
  expect(took(2).filter((line) => line.startsWith('paint'))).toEqual(['paint slate']);
  expect(leftAfter(run(0)).some(({ use }) => use === 'dots')).toBe(false);
  expect(leftAfter(run(2)).every(({ use }) => use === 'dots')).toBe(true);
  expect(summariseRun(run(2)).title).toBe('Test, dots');
});

test('dots dry sooner than the pour, a coat of resin as its film', () => {
  const touch = (stage: number) => dryingActs(dotted, stage).find((e) => e.act === 'touch')!.toMin;
  expect(touch(2)).toBeGreaterThan(0);
  expect(touch(1)).toBeLessThan(touch(0));
});
