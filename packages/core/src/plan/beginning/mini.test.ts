import { carryTo, secondsOf, verbOf } from '../../verb';
import { idsOf } from '../../registry';
import { shapeOf, SHAPES } from '../../surface/measure';
import type { Shape } from '../../surface/shape';
import { TECHNIQUES } from '../../technique';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { previewOf } from '../preview/preview';
import { DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { mayBeMini, MINI_MM, miniPour } from './mini';

const paints = [OAT, SLATE, QUINCE, DAMSON];

test.each(idsOf(TECHNIQUES))(
  'a mini pour of %s is sound, and its films are as thick',
  (technique) => {
    const large = plan(paints, { coverEdges: true, edgeDepthMm: 20 }, { technique });
    const mini = miniPour(large, 'quince-and-slate');
    expect(checkPlan(mini)).toEqual([]);
    expect(mini).toMatchObject({ miniOf: 'quince-and-slate', surface: { pieces: 1 } });
    const [one, small] = [brief(large), brief(mini)];
    const shrunk = (MINI_MM / 500) ** 2;
    expect(small.surface.areaCm2 / one.surface.areaCm2).toBeCloseTo(shrunk, 4);
    // Weighed to a tenth of a gram, and no mix in less than is worth weighing.
    expect(small.budget.laidMm / one.budget.laidMm).toBeGreaterThan(0.97);
    expect(small.budget.laidMm / one.budget.laidMm).toBeLessThan(1.06);
    for (const { capacityMl, filledMl } of small.cups) expect(filledMl).toBeLessThan(capacityMl);
    // The same acts, one for one, each a fifth of the way from where it was.
    const [acts, few] = [previewOf(large, one).scene.acts, previewOf(mini, small).scene.acts];
    expect(few.map((a) => a.kind)).toEqual(acts.map((a) => a.kind));
  },
);

test.each(idsOf(SHAPES))('a %s a fifth as large keeps its proportions', (kind) => {
  const shapes: Readonly<Record<Shape['kind'], Shape>> = {
    rect: { kind: 'rect', widthMm: 500, heightMm: 400 },
    round: { kind: 'round', diameterMm: 400 },
    oval: { kind: 'oval', widthMm: 500, heightMm: 300 },
    ring: { kind: 'ring', outerMm: 400, innerMm: 200 },
    polygon: {
      kind: 'polygon',
      cornersMm: [
        [0, 0],
        [300, 0],
        [150, 260],
      ],
    },
    outline: { kind: 'outline', path: 'M0 0H300V200H0ZM100 50H200V150H100Z' },
    glyphs: { kind: 'glyphs', text: 'AB', font: 'hyperlegible', heightMm: 300 },
  };
  const shape = shapes[kind];
  const small = shapeOf(shape).scaled(shape, 0.2);
  expect(shapeOf(shape).fault?.(small)).toBeUndefined();
  expect(shapeOf(small).areaMm2(small) / shapeOf(shape).areaMm2(shape)).toBeCloseTo(0.04, 3);
});

test('a move is done in its share of the time: tilts by the way paint has to run, pours by how much there is', () => {
  const large = plan(paints);
  const mini = miniPour(large, 'p');
  const of = (p: typeof large, verb: string) => p.moves.find((m) => m.verb === verb)!;
  expect(secondsOf(of(mini, 'tilt')) / secondsOf(of(large, 'tilt'))).toBeCloseTo(0.2, 1);
  const carry = carryTo({ widthMm: 500, heightMm: 400 }, { widthMm: 100, heightMm: 80 });
  expect(carry.volume(100)).toBeCloseTo(4, 9);
  expect(carry.place([250, 200])).toEqual([50, 40]);
});

test('of a set one piece is tried, what is tied to the day stays behind, pinned layers and pots shrink by the area', () => {
  const p = plan(paints, { pieces: 4 });
  const set = {
    ...p,
    dates: { due: '2026-12-12' },
    budget: { ...p.budget, pots: [...p.budget.pots, { use: 'extender' as const, ml: 40 }] },
    cups: [
      {
        ...p.cups[0]!,
        layers: p.cups[0]!.layers!.map((l, i) =>
          i === 0 ? { mix: l.mix, placement: l.placement, ml: 50 } : l,
        ),
      },
    ],
  };
  const mini = miniPour(set, 'p');
  expect(mini.dates).toBeUndefined();
  expect(mini.budget.pots.at(-1)).toMatchObject({ ml: 0.4 });
  expect(mini.cups[0]!.layers![0]).toMatchObject({ ml: 2 });
  expect(mini.moves.every((m) => verbOf(m) && (m.piece ?? 1) === 1)).toBe(true);
});

test('what is a tile already is not tried on a tile', () => {
  expect(mayBeMini(plan(paints))).toBe(true);
  expect(mayBeMini(plan(paints, { shape: { kind: 'rect', widthMm: 110, heightMm: 110 } }))).toBe(
    false,
  );
});
