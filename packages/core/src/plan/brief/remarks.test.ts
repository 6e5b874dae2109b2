import type { Outcome } from '../../flow/outcome';
import { REMARKS } from '../../remark';
import { brief } from './brief';
import { mendAll } from './mend-all';
import { checkPlan } from '../document/check';
import {
  BRASS,
  DAMSON,
  GREEN,
  KALE,
  loaded,
  OAT,
  plan,
  QUINCE,
  RED,
  SLATE,
} from '../fixture.test-data';
import { rewriteMoves, setPreparation } from '../beginning/moves';
import { patchPlan } from '../document/patch';
import { setTechnique } from '../edit/technique';
import type { Plan } from '../document/schema';
import type { Studio } from '../document/studio';

const mixed = (p: Plan, id: string, change: Partial<Plan['mixes'][number]>): Plan => ({
  ...p,
  mixes: p.mixes.map((m) => (m.id === id ? { ...m, ...change } : m)),
});
const lean = (change: Partial<Plan['budget']> = {}, surface = {}): Plan => {
  const p = plan([OAT, SLATE, QUINCE], surface, { school: 'lean' });
  return { ...p, budget: { ...p.budget, ...change } };
};
const RED2 = { ...RED, id: 'red2', name: 'Second red', hex: '#9d212d' };
/** No base coat: the ground is what lies below. */
const bare = (p: Plan): Plan => ({ ...p, budget: { ...p.budget, pots: [] } });
/** All the paint in the first cup. */
const oneCup = (p: Plan): Plan => rewriteMoves({ ...p, cups: p.cups.slice(0, 1), moves: [] });
const cup = { topMm: 64, bottomMm: 44, heightMm: 40 };

const small = plan([OAT, SLATE], { shape: { kind: 'rect', widthMm: 180, heightMm: 180 } });
const flipOf = (id: string, cupId: string): Plan['moves'][number] => ({
  id,
  verb: 'flip',
  cup: cupId,
  atMm: [90, 90],
});

const large = plan([OAT, SLATE, QUINCE]);
const swiped = plan([OAT, SLATE, QUINCE], {}, { technique: 'swipe' });
/** A pearl pour with a dump of so much of its colours. */
const dumped = (share: number): Plan => {
  const p = plan([OAT, SLATE, QUINCE], {}, { technique: 'pearl-pour' });
  const pots = p.budget.pots.map((pot) =>
    pot.use === 'activator' ? { use: pot.use, mix: pot.mix!, share } : pot,
  );
  return { ...p, budget: { ...p.budget, pots } };
};
const track = (id: string, cupId: string, y: number): Plan['moves'][number] => ({
  id,
  verb: 'trail',
  cups: [cupId],
  way: { kind: 'line', fromMm: [60, y], toMm: [440, y] },
  heightMm: 60,
  own: true,
});

/** For each remark a plan that provokes it; where the second entry is false no fix is offered there. */
const CASES: Record<string, [Plan, boolean][]> = {
  'too-little-paint': [
    [lean({ school: 'film', laidMm: 0.3, pots: [], insurance: 0 }), true],
    [lean({ school: 'own', gPerCm2: 0.05, pots: [], insurance: 0 }), true],
  ],
  'too-much-paint': [
    [plan([OAT, SLATE], { rim: { kind: 'raised', heightMm: 12 } }), true],
    [lean({ school: 'film', laidMm: 8 }), true],
  ],
  'cup-too-full': [
    [
      {
        ...loaded(
          plan([OAT, SLATE], { shape: { kind: 'rect', widthMm: 200, heightMm: 120 } }),
          'm-oat',
          'm-slate',
        ),
        cups: [
          {
            id: 'c1',
            vessel: cup,
            layers: [
              { mix: 'm-oat', parts: 1, placement: 'wall' },
              { mix: 'm-slate', parts: 1, placement: 'wall' },
            ],
          },
        ],
      },
      true,
    ],
    [oneCup(plan([OAT, SLATE], { shape: { kind: 'rect', widthMm: 330, heightMm: 400 } })), true],
  ],
  'cup-poured-twice': [
    // By a second move of its own, and by one that pours another cup too.
    [{ ...small, moves: [...small.moves, flipOf('again', 'c1')] }, true],
    [
      {
        ...small,
        cups: [...small.cups, { ...small.cups[0]!, id: 'c2' }],
        moves: [
          flipOf('once', 'c1'),
          { id: 'both', verb: 'pour', cups: ['c1', 'c2', 'c1'], atMm: [90, 90], heightMm: 60 },
        ],
      },
      true,
    ],
  ],
  'cup-never-poured': [
    [{ ...small, cups: [...small.cups, { ...small.cups[0]!, id: 'c2' }] }, true],
    [
      {
        ...small,
        cups: [...small.cups, { ...small.cups[0]!, id: 'c2' }],
        moves: [{ id: 'one', verb: 'pour', cups: ['c1'], atMm: [90, 90], heightMm: 60 }],
      },
      true,
    ],
  ],
  'not-opposite': [
    [
      (() => {
        const twin = setTechnique(small, 'twin-pour').plan;
        const { reverseOf: _, ...own } = twin.cups[1]!;
        return { ...twin, cups: [twin.cups[0]!, { ...own, layers: twin.cups[0]!.layers! }] };
      })(),
      true,
    ],
  ],
  'nothing-set-aside': [
    [
      (() => {
        const bloom = setTechnique(small, 'bloom').plan;
        const pots = bloom.budget.pots.filter((p) => p.use !== 'activator');
        return { ...bloom, budget: { ...bloom.budget, pots } };
      })(),
      false,
    ],
  ],
  'move-amiss': [
    [
      {
        ...small,
        moves: [
          {
            id: 'slide',
            verb: 'slide',
            cup: 'c1',
            way: { kind: 'line', fromMm: [40, 90], toMm: [140, 90] },
            stands: 'over',
            gapMm: 30,
          },
        ],
      },
      true,
    ],
  ],
  'same-place-twice': [
    [
      {
        ...small,
        moves: [
          ...small.moves,
          { id: 'p1', verb: 'press', atMm: [60, 60], widthMm: 40, tool: 'balloon' },
          { id: 'p2', verb: 'press', atMm: [68, 60], widthMm: 40, tool: 'balloon' },
        ],
      },
      true,
    ],
    [
      {
        ...small,
        moves: [
          ...small.moves,
          { id: 'b1', verb: 'blow', fromMm: [60, 60], towardDeg: 175, reachMm: 60, air: 'mouth' },
          { id: 'b2', verb: 'blow', fromMm: [64, 60], towardDeg: -178, reachMm: 60, air: 'mouth' },
        ],
      },
      true,
    ],
  ],
  'activator-at-edge': [
    [
      {
        ...swiped,
        moves: swiped.moves.map((m) =>
          m.verb === 'activate'
            ? { ...m, way: { kind: 'line' as const, fromMm: [2, 20], toMm: [2, 380] } as const }
            : m,
        ) as Plan['moves'],
      },
      true,
    ],
  ],
  'aside-off': [
    [dumped(0.9), true],
    [dumped(0.05), true],
  ],
  'corner-unreached': [
    [{ ...large, moves: large.moves.filter((m) => m.verb !== 'tilt' || m.towardDeg < 100) }, true],
  ],
  'spun-too-thin': [
    [
      {
        ...large,
        moves: [
          ...large.moves.filter((m) => m.verb !== 'tilt'),
          { id: 'w', verb: 'spin', aboutMm: [250, 200], turnsPerMin: 300, counter: false, s: 30 },
        ],
      },
      true,
    ],
  ],
  'straight-seam': [
    [
      {
        ...large,
        moves: [track('t1', 'c1', 100), track('t2', 'c2', 150)],
        cups: [large.cups[0]!, { ...large.cups[0]!, id: 'c2' }],
      },
      true,
    ],
  ],
  'thick-under-swipe': [[{ ...swiped, budget: { ...swiped.budget, part: 1.4 } }, true]],
  'bottle-turned-over': [
    [{ ...small, cups: small.cups.map((c) => ({ ...c, outlet: { tipMm: 3 } })) }, true],
    [{ ...small, cups: small.cups.map((c) => ({ ...c, outlet: 'bottom' as const })) }, true],
  ],
  'beyond-its-pot': [
    // As plans of before laid it: a film of the move's own, and nothing set aside.
    [
      {
        ...bare(small),
        moves: [{ id: 'base', verb: 'lay', mix: 'm-oat', filmMm: 1 }, flipOf('one', 'c1')],
      },
      true,
    ],
    [
      {
        ...small,
        moves: [{ id: 'edges', verb: 'edge', mix: 'm-oat', filmMm: 2 }, flipOf('one', 'c1')],
      },
      true,
    ],
  ],
  'thirsty-ground': [[plan([OAT, SLATE], { absorbency: 'raw' }), true]],
  'no-top-coat': [
    [plan([OAT, SLATE], { use: 'hot' }), true],
    [plan([OAT, SLATE], { use: 'outdoor' }), true],
    [plan([OAT, SLATE], { use: 'handled' }), true],
  ],
  'old-oil': [
    [setPreparation(plan([OAT, SLATE], { over: { silicone: 'yes' } }), []), true],
    [setPreparation(plan([OAT, SLATE], { over: { silicone: 'unknown' } }), ['level']), true],
  ],
  'pinned-over-pot': [
    [
      {
        ...plan(),
        cups: [
          {
            id: 'c1',
            vessel: { topMm: 300, bottomMm: 300, heightMm: 300 },
            layers: [
              { mix: 'm-oat', ml: 900, placement: 'wall' },
              { mix: 'm-slate', parts: 1, placement: 'wall' },
              { mix: 'm-quince', parts: 1, placement: 'wall' },
            ],
          },
        ],
        moves: [],
      },
      true,
    ],
  ],
  'colour-not-loaded': [[loaded(plan(), 'm-oat', 'm-slate'), true]],
  'neighbours-mud': [
    [loaded(plan([RED, GREEN, OAT]), 'm-red', 'm-green', 'm-red', 'm-green', 'm-oat'), true],
    [loaded(plan([RED, GREEN]), 'm-red', 'm-green'), false],
  ],
  'neighbours-merge': [
    [loaded(plan([RED, RED2, OAT, SLATE]), 'm-red', 'm-red2', 'm-oat', 'm-slate'), true],
    // The white is the base and goes in no cup: it lies between nothing, but it lightens.
    [
      {
        ...loaded(plan([RED, RED2, OAT]), 'm-red', 'm-red2'),
        budget: {
          ...plan([RED, RED2, OAT]).budget,
          shares: [
            { mix: 'm-red', share: 0.5 },
            { mix: 'm-red2', share: 0.5 },
          ],
        },
      },
      true,
    ],
    [loaded(plan([RED, RED2]), 'm-red', 'm-red2'), false],
  ],
  'unwanted-colour': [[loaded(plan([RED, OAT, SLATE]), 'm-oat', 'm-red', 'm-slate'), true]],
  'dull-ends': [
    [loaded(plan([SLATE, QUINCE, RED]), 'm-slate', 'm-quince', 'm-red', 'm-slate'), false],
  ],
  'vanishes-over-dark': [
    [
      loaded(
        // Clear as a glaze: as an artist's own card says.
        plan(
          [
            { ...QUINCE, opacity: { contrastRatio: 0.15, wetMicrons: 200 } },
            ...[SLATE, OAT, RED, GREEN, KALE, DAMSON],
          ],
          { ground: { hex: '#141414', finish: 'matt' } },
        ),
        'm-slate',
        'm-oat',
        'm-quince',
        'm-red',
        'm-oat',
        'm-green',
        'm-kale',
        'm-damson',
      ),
      true,
    ],
  ],
  'metallic-as-thin': [[loaded(plan([OAT, SLATE, BRASS]), 'm-oat', 'm-slate', 'm-brass'), true]],
  'ground-and-finish': [
    [
      { ...lean({ pots: [] }), paints: lean().paints.map((p) => ({ ...p, finish: 'pearl' })) },
      true,
    ],
    [
      bare(
        plan([{ ...QUINCE, finish: 'neon' }, SLATE], {
          ground: { hex: '#101010', finish: 'matt' },
        }),
      ),
      true,
    ],
  ],
  'silicone-misplaced': [
    [mixed(lean(), 'm-oat', { additives: [{ material: 'silicone', drops: 2, perMl: 60 }] }), true],
    [
      mixed(
        lean({
          pots: [{ use: 'activator', mix: 'm-oat', ml: 12 }],
          shares: [
            { mix: 'm-slate', share: 0.5 },
            { mix: 'm-quince', share: 0.5 },
          ],
        }),
        'm-oat',
        { additives: [{ material: 'silicone', drops: 2, perMl: 60 }] },
      ),
      true,
    ],
  ],
  'too-much-water': [
    [mixed(plan(), 'm-slate', { medium: { id: 'conditioner', parts: 1 }, waterParts: 1 }), true],
    [mixed(plan(), 'm-slate', { medium: { id: 'conditioner', parts: 1 }, waterParts: 2 }), true],
  ],
  'off-consistency': [
    [mixed(plan(), 'm-oat', { medium: { id: 'conditioner', parts: 0.5 } }), true],
  ],
  'edges-unplanned': [
    [plan(undefined, { edgeDepthMm: 38 }), true],
    [lean({ pots: [] }, { edgeDepthMm: 38, coverEdges: true }), true],
  ],
};

/** What a preview might say of the plan below: all is well. */
const WELL: Outcome = {
  coveredShare: 1,
  bareMm: [],
  edgesMl: 0,
  laidMl: 900,
  spiltMl: { left: 180, right: 180, top: 180, bottom: 180 },
  film: { thinnestMm: 0.5, meanMm: 0.9, thickestMm: 1.2 },
  shows: { 'm-oat': 0.4, 'm-slate': 0.3, 'm-brass': 0.3 },
};
const NO_CELLS = { count: 0, medianMm: 0, spread: 0, share: 0, causes: [], ninths: [], left: [] };
const READ = {
  calm: 0.5,
  unplanned: 0.2,
  mud: 0,
  ninths: [],
  focus: { ninth: 4, times: 1 },
  balance: [0, 0],
} as const;
const POURED = plan([OAT, SLATE, BRASS]);

/** For each remark on an outcome: what the preview says, what is said of it, and whether a fix is offered. */
const OUTCOMES: Record<string, [Partial<Outcome>, RegExp, boolean][]> = {
  'stays-bare': [
    [{ coveredShare: 0.93 }, /^7 % of the surface stays bare\.$/, true],
    [
      {
        coveredShare: 0.93,
        limbs: [
          { name: '3.1', coveredShare: 0.99, meanMm: 1 },
          { name: '1.1', coveredShare: 0.81, meanMm: 1 },
        ],
      },
      /^7 % of the surface stays bare, most on stroke 1 of 1: 19 % of it\.$/,
      true,
    ],
    [{ coveredShare: 0.98, bareMm: [[0, 400]] }, /^One corner stays bare\.$/, true],
    [
      {
        coveredShare: 0.9,
        bareMm: [
          [0, 400],
          [500, 0],
        ],
      },
      /^Two corners stay bare\.$/,
      true,
    ],
  ],
  'colour-vanished': [
    [
      { shows: { ...WELL.shows, 'm-brass': 0.012 } },
      /^Brass shows on 1 % of the surface: it vanished\.$/,
      true,
    ],
    [{ shows: { ...WELL.shows, 'm-brass': 0 } }, /^Brass shows nowhere: it vanished\.$/, true],
  ],
  'film-left-thick': [
    [{ film: { ...WELL.film, thickestMm: 3.2 } }, /3\.2 mm thick in places/, true],
  ],
  'cells-swell': [
    [
      { cells: { ...NO_CELLS, count: 40, medianMm: 21, share: 0.3 } },
      /^Half of the cells grow wider than 21 mm/,
      true,
    ],
  ],
  'mud-shows': [[{ read: { ...READ, mud: 0.12 } }, /^12 % of the picture turns to mud/, false]],
  'more-runs-off': [
    [
      { spiltMl: { left: 0, right: 900, top: 0, bottom: 0 }, laidMl: 600 },
      /run off, \d+ g more than reckoned/,
      false,
    ],
  ],
};

/** Remarks on what the studio remembers: who met whom, in which plan, and whether a fix is offered. */
const met = (a: string, b: string): Studio => ({
  makers: { red: 'Mill Lane', slate: 'Barn shelf' },
  reactions: [
    {
      id: 'reaction-1',
      on: '2026-11-02',
      a: { kind: 'paint', id: a, name: a },
      b: { kind: 'maker', name: b },
      what: 'lumpy',
      note: 'within a minute',
    },
  ],
});
const learnt = (about: { paints?: string[]; technique?: string }): Studio => ({
  lessons: [
    { id: 'lesson-1', says: 'Half as much of it', piece: 'run-00000001', from: 'Damson', ...about },
  ],
});
const REMEMBERED: Record<string, [Plan, Studio, RegExp, boolean][]> = {
  'pair-reacted': [
    [
      loaded(plan([RED, SLATE, OAT]), 'm-red', 'm-slate', 'm-oat'),
      met('red', 'barn shelf'),
      /^Beetroot red and Slate went lumpy on 2026-11-02\.$/,
      true,
    ],
    [
      mixed(plan([RED, SLATE, OAT]), 'm-red', {
        paints: [
          { paint: 'red', parts: 1 },
          { paint: 'slate', parts: 1 },
        ],
      }),
      met('slate', 'Mill Lane'),
      /^Beetroot red and Slate went lumpy/,
      false,
    ],
  ],
  'lesson-learnt': [
    [
      plan([RED, OAT]),
      learnt({ paints: ['red'] }),
      /^After Damson you noted: Half as much of it\.$/,
      false,
    ],
    [
      loaded(plan([RED, SLATE, OAT]), 'm-red', 'm-slate', 'm-oat'),
      learnt({ paints: ['slate', 'red'] }),
      /^After Damson you noted/,
      false,
    ],
    [plan([RED, OAT]), learnt({ technique: 'flip-cup' }), /^After Damson you noted/, false],
  ],
};

describe.each(Object.entries(REMEMBERED))('%s', (code, cases) => {
  test.each(cases.map((c, i) => [i, ...c] as const))(
    'case %i is remarked on where it is remembered, and its fix removes it',
    (_, p, studio, says, fixable) => {
      const told = (of: Plan, by: Studio) => brief(of, by).remarks.filter((r) => r.code === code);
      expect(told(p, {})).toEqual([]);
      const [remark] = told(p, studio);
      expect(remark?.message).toMatch(says);
      expect(`${remark?.message} ${remark?.advice}`).toMatch(/you noted/i);
      expect(remark!.fix !== undefined).toBe(fixable);
      if (remark!.fix) expect(told(patchPlan(p, remark!.fix.patch), studio)).toEqual([]);
    },
  );
});

test('there is a case for every remark', () =>
  expect(
    [...Object.keys(CASES), ...Object.keys(OUTCOMES), ...Object.keys(REMEMBERED)].sort(),
  ).toEqual(REMARKS.map((r) => r.id).sort()));

describe.each(Object.entries(OUTCOMES))('%s', (code, cases) => {
  const told = (change: Partial<Outcome>) =>
    brief(POURED, {}, { ...WELL, ...change }).remarks.filter((r) => r.code === code);

  test('nothing is said where all is well, or where nothing was computed', () => {
    expect(told({})).toEqual([]);
    expect(brief(POURED).remarks.filter((r) => r.code === code)).toEqual([]);
  });

  test.each(cases)('%j is remarked on', (change, says, fixable) => {
    const [remark] = told(change);
    expect(remark?.message).toMatch(says);
    expect(Object.values(remark!.numbers).every(Number.isFinite)).toBe(true);
    expect(remark!.fix !== undefined).toBe(fixable);
    if (!remark!.fix) return;
    // The plan is another then, so the outcome is not its own any more; what comes of it the next preview tells.
    const fixed = patchPlan(POURED, remark!.fix.patch);
    expect(checkPlan(fixed)).toEqual([]);
    expect(fixed).not.toEqual(POURED);
  });
});

test('a bare corner lengthens the tilts toward it and keeps them from being written anew', () => {
  const [remark] = brief(
    POURED,
    {},
    { ...WELL, coveredShare: 0.98, bareMm: [[0, 400]] },
  ).remarks.filter((r) => r.code === 'stays-bare');
  const fixed = patchPlan(POURED, remark!.fix!.patch);
  const longer = fixed.moves.filter((m, i) => m.s !== POURED.moves[i]!.s);
  // Lower left is 141 degrees on a 50 × 40 cm canvas; the way back from the upper right goes there too.
  expect(longer.map((m) => (m.verb === 'tilt' ? m.towardDeg : NaN))).toEqual([141, 141]);
  expect(longer.every((m) => m.own)).toBe(true);
  expect(rewriteMoves(fixed, fixed).moves).toEqual(fixed.moves);
});

describe.each(Object.entries(CASES))('%s', (code, cases) => {
  test.each(cases.map(([p, fixable], i) => [i, p, fixable] as const))(
    'case %i is remarked on, and its fix removes it',
    (_, p, fixable) => {
      expect(checkPlan(p)).toEqual([]);
      const found = brief(p).remarks.filter((r) => r.code === code);
      expect(found.length).toBeGreaterThan(0);
      const [remark] = found;
      expect(Object.values(remark!.numbers).every(Number.isFinite)).toBe(true);
      expect(remark!.message).toMatch(/\.$/);
      expect(remark!.fix !== undefined).toBe(fixable);
      if (!remark!.fix) return;
      const before = JSON.stringify(p);
      const fixed = patchPlan(p, remark!.fix.patch);
      expect(JSON.stringify(p)).toBe(before);
      expect(checkPlan(fixed)).toEqual([]);
      expect(
        brief(fixed).remarks.filter((r) => r.code === code && r.message === remark!.message),
      ).toEqual([]);
    },
  );
});

test('a quiet plan is left in peace', () => {
  const p = loaded(plan([OAT, SLATE, KALE]), 'm-oat', 'm-slate', 'm-kale');
  expect(brief(p).remarks.filter((r) => r.severity !== 'note')).toEqual([]);
});

// Handbook 4: never warn on a stock recipe at its stated ratio.
test('glue and water at their own ratio are not too watery', () => {
  const p = mixed(plan([{ ...OAT, body: 'soft' }, SLATE]), 'm-oat', {
    medium: { id: 'thinner', parts: 2 },
    waterParts: 0,
  });
  expect(
    brief(p).remarks.filter((r) => r.code === 'too-much-water' && r.about === '/mixes/0'),
  ).toEqual([]);
});

test('an artist whose films bear more water is not warned of it, and told the own limit where it is passed', () => {
  const wet = mixed(plan(), 'm-slate', {
    medium: { id: 'conditioner', parts: 1 },
    waterParts: 1,
  });
  const of = (factors: NonNullable<Studio['factors']>) =>
    brief(wet, { factors }).remarks.find((r) => r.code === 'too-much-water');
  expect(of({})?.advice).toContain('stay below 25 %');
  expect(of({ 'water-noted-from': 0.2 })?.advice).toContain('stay below 20 %');
  expect(of({ 'water-noted-from': 0.8 })).toBeUndefined();
});

test('a blend the artist means is not spoken of any more in this plan, and everything else is', () => {
  const p = loaded(plan([RED, GREEN, BRASS]), 'm-red', 'm-green', 'm-brass');
  const pairs = (q: Plan) => brief(q).remarks.filter((r) => r.meant);
  const [first, ...others] = pairs(p);
  const meant = patchPlan(p, first!.meant!.patch);
  expect(checkPlan(meant)).toEqual([]);
  expect(pairs(meant).map((r) => r.message)).toEqual(others.map((r) => r.message));
  // The second goes beside the first.
  const all = pairs(meant).reduce(
    (q, r) => patchPlan(q, brief(q).remarks.find((x) => x.message === r.message)!.meant!.patch),
    meant,
  );
  expect(pairs(all)).toEqual([]);
  expect(all.order?.wanted).toHaveLength(1 + others.length);
});

test('the gravest stands first', () => {
  const p = mixed(loaded(plan([RED, GREEN, BRASS]), 'm-red', 'm-green'), 'm-red', {
    waterParts: 2,
  });
  const ranks = brief(p).remarks.map((r) => ['spoils', 'may', 'note'].indexOf(r.severity));
  expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
});

test('a fix made for another plan is refused and changes nothing', () => {
  expect(() =>
    patchPlan(plan(), [{ op: 'replace', path: '/mixes/99/waterParts', value: 1 }]),
  ).toThrow(/does not fit/);
});

test('remarks of one kind are mended in one act, and no others are made', () => {
  const thin = ['m-oat', 'm-slate', 'm-quince'].reduce(
    (p, id) => mixed(p, id, { medium: { id: 'conditioner', parts: 1 }, waterParts: 2 }),
    plan(),
  );
  const codes = (p: Plan) => brief(p).remarks.map((r) => r.code);
  expect(codes(thin).filter((c) => c === 'too-much-water')).toHaveLength(3);
  const mended = mendAll(thin, 'too-much-water');
  expect(codes(mended)).not.toContain('too-much-water');
  expect(checkPlan(mended)).toEqual([]);
  expect(mendAll(mended, 'too-much-water')).toBe(mended);
});

test('a note comes back only where its paint, its pair or its technique does', () => {
  const says = (of: Plan, about: Parameters<typeof learnt>[0]) =>
    brief(of, learnt(about)).remarks.filter(({ code }) => code === 'lesson-learnt');
  expect(says(plan([RED, OAT]), { paints: ['slate'] })).toEqual([]);
  expect(says(plan([RED, OAT]), { technique: 'swipe' })).toEqual([]);
  const apart = loaded(plan([RED, SLATE, OAT]), 'm-red', 'm-oat', 'm-slate');
  expect(says(apart, { paints: ['slate', 'red'] })).toEqual([]);
  expect(says(plan([RED, OAT]), {})).toHaveLength(1);
});

test('a note that was heeded in a plan is said no more in it, and in others it is', () => {
  const about = { paints: ['red'] };
  const before = plan([RED, OAT]);
  const [said] = brief(before, learnt(about)).remarks.filter((r) => r.code === 'lesson-learnt');
  const heeded = patchPlan(before, said!.meant!.patch);
  expect(checkPlan(heeded)).toEqual([]);
  expect(heeded.heeded).toEqual(['lesson-1']);
  const codes = (of: Plan, id: string) => {
    const { lessons, ...known } = learnt(about);
    return brief(of, { ...known, lessons: lessons!.map((one) => ({ ...one, id })) }).remarks.map(
      ({ code }) => code,
    );
  };
  expect(codes(heeded, 'lesson-1')).not.toContain('lesson-learnt');
  expect(codes(heeded, 'lesson-2')).toContain('lesson-learnt');
  expect(codes(before, 'lesson-1')).toContain('lesson-learnt');
});
