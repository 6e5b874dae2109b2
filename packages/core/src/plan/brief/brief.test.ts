import { type Brief, brief, judged } from './brief';
import { coresOf } from '../asked/cores';
import { ranOut } from '../asked/ran-out';
import { thinnessOf } from '../asked/reach';
import { BRASS, DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import type { Plan } from '../document/schema';
import type { Studio } from '../document/studio';
import { layGrid } from '../../flow/ground';
import { previewOf } from '../preview/preview';

test('what is weighed is what is set aside, for every mix', () => {
  const p = plan([OAT, SLATE, QUINCE, DAMSON, BRASS], {}, { school: 'lean' });
  const b = brief(p);
  for (const mix of b.mixes) {
    const pots = b.budget.pots
      .filter((pot) => pot.mix === mix.id)
      .reduce((sum, pot) => sum + pot.g, 0);
    expect(mix.g).toBeCloseTo(pots, 9);
    expect(mix.steps.at(-1)?.scaleReadsG).toBeCloseTo(mix.g, 6);
  }
  expect(b.mixes.reduce((sum, m) => sum + m.g, 0)).toBeCloseTo(b.budget.totalG, 6);
});

describe('an artist’s own figures come before the usual ones, and reach', () => {
  const p: Plan = {
    ...plan([OAT, SLATE, QUINCE], {}, { school: 'lean' }),
    dates: { pour: '2026-11-28T10:00' },
  };
  const usual = brief(p);
  const by = (factors: NonNullable<Studio['factors']>) => brief(p, { factors });
  const touch = (b: Brief) => Date.parse(`${b.schedule.find((e) => e.act === 'touch')!.to}Z`);
  const seconds = (b: Brief) =>
    previewOf(p, b).scene.acts.reduce((sum, a) => sum + ('s' in a ? a.s : 0), 0);

  test('the dates: a studio where films take two days has each a day later', () => {
    const { endS } = usual.run.at(-1)!;
    const pouredAt = Date.parse('2026-11-28T10:00Z') + endS * 1000;
    const ratio = (touch(by({ 'touch-dry': 48 })) - pouredAt) / (touch(usual) - pouredAt);
    expect(ratio).toBeCloseTo(2, 2);
  });

  test('the cups: paints that never sink stay where they were laid', () => {
    const sunk = (b: Brief) => b.cups.flatMap((c) => c.layers.map((l) => l.sinks));
    expect(Math.max(...sunk(by({ 'sinks-from': 0 })))).toBeGreaterThan(0);
    expect(Math.max(...sunk(by({ 'sunk-at-most': 0 })))).toBe(0);
  });

  test('the preview: a cup that lets go more slowly pours for longer', () =>
    expect(seconds(by({ 'cup-lets-go': 15 }))).toBeGreaterThan(seconds(usual)));

  test('the ground under the preview: an edge that holds twice as much, wet too', () => {
    const scene = (b: Brief) => previewOf(p, b).scene;
    const own = scene(by({ 'edge-holds': 2 * usual.factors['edge-holds'] }));
    expect(own.holds).toMatchObject({ edgeMm: 2.4, frontMm: 0.9 });
    expect(layGrid(own, 40).wetEdgeM).toBeCloseTo(2 * layGrid(scene(usual), 40).wetEdgeM, 12);
  });

  test('what is asked of the plan afterwards', () => {
    const half = { face: 0.5, edges: 0 };
    expect(ranOut(p, by({ 'laid-for-stays': 3.2 }), half).totalG).toBeCloseTo(
      2 * ranOut(p, usual, half).totalG,
      -1,
    );
    const haveG = usual.budget.totalG;
    expect(thinnessOf(p, usual, haveG).verdict).toBe('sound');
    expect(thinnessOf(p, by({ 'stretched-below': 9 }), haveG).verdict).toBe('stretched');
  });
});

test('a base of one colour is laid, taken and mixed as one pot with it', () => {
  const b = brief(plan([OAT, SLATE], {}, { school: 'lean' }));
  const base = b.budget.pots.find((p) => p.use === 'base');
  const laid = b.run.find((s) => s.move === 'base')?.takes[0];
  expect(laid).toMatchObject({ use: 'base', mix: 'm-oat' });
  expect(laid?.ml).toBeCloseTo(base!.ml, 0);
});

test('three answers to opacity: thinner with medium, thinner again with its share of the film', () => {
  const { opacity } = brief(plan([OAT, SLATE, QUINCE, DAMSON])).mixes[1]!;
  expect(opacity.paint.class).toBe('opaque');
  expect(opacity.mix.reserve).toBeCloseTo(opacity.paint.reserve / 3, 1);
  expect(opacity.mix.filmUm).toBe(200);
  expect(opacity.film.filmUm).toBeLessThan(800);
});

test('what goes into no cup is judged at its own film: a base as thick as it is laid, an activator as its skin', () => {
  const p = plan([OAT, SLATE, QUINCE]);
  const swiped: Plan = {
    ...p,
    cups: p.cups.map((c) => ({
      ...c,
      layers: (c.layers ?? []).filter((l) => l.mix === 'm-quince'),
    })),
    budget: {
      ...p.budget,
      shares: [{ mix: 'm-quince', share: 1 }],
      pots: [
        { use: 'base', mix: 'm-oat', filmMm: 1.3 },
        { use: 'activator', mix: 'm-slate', ml: 8 },
      ],
    },
  };
  const filmOf = (id: string) => brief(swiped).mixes.find((m) => m.id === id)!.opacity.film.filmUm;
  expect(filmOf('m-oat')).toBe(1300);
  expect(filmOf('m-slate')).toBe(300);
  expect(filmOf('m-quince')).toBeLessThan(1300);
});

test('a medium of several materials is made first, enough for all', () => {
  const p = plan();
  const blended: Plan = {
    ...p,
    mixes: p.mixes.map((m) => ({ ...m, medium: { id: 'studio-blend', parts: 2 } })),
  };
  const b = brief(blended);
  expect(b.mediums).toHaveLength(1);
  const used = b.mixes
    .flatMap((m) => m.steps)
    .filter((s) => s.material === 'studio-blend')
    .reduce((sum, s) => sum + s.g, 0);
  expect(b.mediums[0]?.g).toBeCloseTo(used, 6);
  expect(b.mediums[0]?.steps.map((s) => s.material)).toEqual([
    'conditioner',
    'pva',
    'gloss-medium',
    'water',
  ]);
  expect(b.mediums[0]?.steps.at(-1)?.scaleReadsG).toBeCloseTo(used, 6);
});

test('cost counts what is weighed and names what has no price', () => {
  const p = plan([OAT, SLATE]);
  const b = brief(p, {
    currency: 'EUR',
    prices: { oat: { price: 20, g: 100 }, conditioner: { price: 5, ml: 1000 } },
    surfacePrice: 9,
  });
  const oatG = b.mixes[0]!.steps.find((s) => s.material === 'oat')!.g;
  expect(b.cost.paint).toBeCloseTo(oatG * 0.2, 6);
  expect(b.cost.surface).toBe(9);
  expect(b.cost.unpriced).toEqual(['slate']);
  expect(b.cost.total).toBeCloseTo(b.cost.paint + b.cost.medium + 9, 9);
});

test('no date known, no schedule; a date gives one from the end of the run', () => {
  const p = plan();
  expect(brief(p).schedule).toEqual([]);
  expect(brief(p, { today: '2026-11-24' }).schedule[0]?.from).toBe('2026-11-24T10:00');
  expect(brief({ ...p, dates: { pour: '2026-11-28T10:00' } }).schedule[0]?.from).toBe(
    '2026-11-28T10:00',
  );
});

test('the same plan gives the same brief', () => {
  const p = plan([OAT, SLATE, QUINCE, DAMSON]);
  expect(JSON.stringify(brief(p))).toBe(
    JSON.stringify(brief(JSON.parse(JSON.stringify(p)) as Plan)),
  );
});

test('the cores of a plan are its cups’ strata, each as high as it stands', () => {
  const b = brief(plan([OAT, SLATE]));
  const [core] = coresOf(b);
  expect(core?.map((s) => s.hex)).toEqual(
    b.cups[0]?.layers.map((l) => (l.mix === 'm-oat' ? OAT.hex : SLATE.hex)),
  );
  expect(core?.reduce((sum, s) => sum + s.mm, 0)).toBeCloseTo(b.cups[0]!.layers.at(-1)!.toMm, 0);
});

test('an outcome that comes later tells what stays and its remarks; what is poured is the very same', () => {
  const p = plan([OAT, SLATE, QUINCE]);
  const bare = {
    coveredShare: 0.9,
    bareMm: [[500, 400]] as const,
    edgesMl: 0,
    laidMl: 700,
    spiltMl: { right: 100, bottom: 100, left: 100, top: 100 },
    film: { meanMm: 1, thinnestMm: 0.4, thickestMm: 2 },
    shows: { 'm-oat': 0.4, 'm-slate': 0.3, 'm-quince': 0.3 },
  };
  const first = brief(p);
  const later = judged(first, bare);
  expect(later.remarks).toEqual(brief(p, {}, bare).remarks);
  expect(later.remarks.length).toBeGreaterThan(first.remarks.length);
  for (const part of ['budget', 'mixes', 'cups', 'cost'] as const)
    expect(later[part]).toBe(first[part]);
  expect(first.stays).toMatchObject({ from: 'reckoned', staysG: first.budget.staysG });
  const gPerMl = first.budget.totalG / first.budget.totalMl;
  expect(later.stays.from).toBe('preview');
  expect(later.stays.onFaceMm).toBe(1);
  expect(later.stays.runOffG).toBeCloseTo(400 * gPerMl, 6);
  // Laid is what stays and what runs off.
  expect(later.stays.staysG + later.stays.runOffG).toBeCloseTo(700 * gPerMl, 6);
});

test('the scale reads, and the film dries, by the preview once there is one', () => {
  const p = plan([OAT, SLATE, QUINCE]);
  const weighed: Plan = { ...p, surface: { ...p.surface, weighsG: 500 } };
  const studio = { today: '2026-11-28' };
  const thick = {
    coveredShare: 1,
    bareMm: [],
    edgesMl: 0,
    laidMl: 700,
    spiltMl: { right: 50, bottom: 50, left: 50, top: 50 },
    film: { meanMm: 3.1, thinnestMm: 2, thickestMm: 4 },
    shows: {},
  };
  const [before, after] = [brief(weighed, studio), brief(weighed, studio, thick)];
  const reads = (b: Brief) => {
    const [step] = b.run.filter((r) => r.readsG !== undefined);
    expect(step!.until).toContain(`until it reads ${step!.readsG} g`);
    return step!.readsG;
  };
  expect(reads(before)).toBe(Math.round(500 + before.stays.staysG));
  expect(reads(after)).toBe(Math.round(500 + after.stays.staysG));
  expect(reads(after)).not.toBe(reads(before));
  const dryBy = (b: Brief) => b.schedule.find((s) => s.act === 'touch')!.to;
  expect(dryBy(after) > dryBy(before)).toBe(true);
});

test('a second pour’s weight is foretold by no scale: the first’s is told where its preview has it', () => {
  const once = plan([OAT, SLATE, QUINCE]);
  const p: Plan = {
    ...once,
    surface: { ...once.surface, weighsG: 500 },
    moves: [
      ...once.moves,
      { ...once.moves.find((m) => m.verb === 'flip')!, id: 'again' },
      { id: 'tilt-again', verb: 'tilt', towardDeg: 0, angleDeg: 8, s: 5 },
    ],
  };
  const reads = (of: ReturnType<typeof brief>) =>
    of.run.flatMap(({ move, readsG }) => (readsG === undefined ? [] : [[move, readsG]]));
  expect(reads(brief(p))).toEqual([]);
  const settled = {
    coveredShare: 1,
    bareMm: [],
    laidMl: 100,
    spiltMl: { left: 10, right: 0, top: 0, bottom: 0 },
    edgesMl: 0,
    film: { meanMm: 1, thinnestMm: 0.5, thickestMm: 2 },
  };
  const outcome = { ...settled, shows: {}, later: [{ stage: 1, ...settled }] };
  const told = brief(p, {}, outcome);
  const { totalG, totalMl } = told.budget;
  const lastTilt = once.moves.filter((m) => m.verb === 'tilt').at(-1)!.id;
  expect(reads(told)).toEqual([[lastTilt, Math.round(500 + (90 * totalG) / totalMl)]]);
  expect(told.stays.staysG).toBeCloseTo(2 * told.stays.firstG!, 6);
});
