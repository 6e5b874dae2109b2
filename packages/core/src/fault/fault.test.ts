import { brief, evidenceOf, newPlan, type NewPlan, type Plan } from '../plan';
import type { Paint } from '../paint';
import { plainSurface, type Shape } from '../surface';
import { type FaultId, FAULTS, causesOf } from '.';
import type { AtTable } from './define';

const UNTIMED: AtTable = { tookS: () => undefined };

const paint = (id: string, hex: string, more: Partial<Paint> = {}): Paint => ({
  id,
  name: id,
  hex,
  opacity: 'opaque',
  body: 'soft',
  finish: 'satin',
  ...more,
});
const WHITE = paint('white', '#f4f4f1', { densityGPerMl: 1.4 });
const NAVY = paint('navy', '#22304f');
const SKY = paint('sky', '#8fb4cf', { finish: 'matt' });
const BRASS = paint('brass', '#b08d3c', { finish: 'metallic' });

/** Four sound plans: white lies between the others, on a wet base, in an ordinary room. */
const BASES: readonly { name: string; shape: Shape; technique: NewPlan['technique'] }[] = [
  {
    name: 'a flip on a canvas',
    shape: { kind: 'rect', widthMm: 400, heightMm: 300 },
    technique: 'flip-cup',
  },
  {
    name: 'a straight pour on a round',
    shape: { kind: 'round', diameterMm: 300 },
    technique: 'straight-pour',
  },
  {
    name: 'a ring pour',
    shape: { kind: 'rect', widthMm: 300, heightMm: 300 },
    technique: 'ring-pour',
  },
  {
    name: 'a flip on a long panel',
    shape: { kind: 'rect', widthMm: 600, heightMm: 200 },
    technique: 'flip-cup',
  },
];

function sound({ name, shape, technique }: (typeof BASES)[number]): Plan {
  const plan = newPlan({
    title: name,
    surface: plainSurface(shape),
    paints: [WHITE, NAVY, SKY],
    technique,
  });
  const white = plan.mixes.find((m) => m.paints[0]?.paint === 'white')!.id;
  const pots = plan.budget.pots.some(({ use }) => use === 'base')
    ? plan.budget.pots
    : [...plan.budget.pots, { use: 'base' as const, mix: white, filmMm: 0.8 }];
  return { ...plan, room: { tempC: 20, rh: 50 }, budget: { ...plan.budget, pots } };
}

interface Wrong {
  readonly fault: FaultId;
  readonly cause: string;
  readonly wrong: (plan: Plan) => Plan;
  readonly table?: (plan: Plan) => AtTable;
}

const repaint = (plan: Plan, from: string, to: Paint): Plan => ({
  ...plan,
  paints: plan.paints.map((p) => (p.id === from ? { ...to, id: from } : p)),
});
const thinned = (plan: Plan, waterParts: number): Plan => ({
  ...plan,
  mixes: plan.mixes.map((mix) => ({ ...mix, waterParts })),
});
const watered = (plan: Plan, paintId: string, waterParts: number): Plan => ({
  ...plan,
  mixes: plan.mixes.map((mix) => (mix.paints[0]?.paint === paintId ? { ...mix, waterParts } : mix)),
});
const withoutBase = (plan: Plan): Plan => ({
  ...plan,
  budget: { ...plan.budget, pots: plan.budget.pots.filter(({ use }) => use !== 'base') },
});
const tilting = (plan: Plan, seconds: number): Plan => ({
  ...plan,
  moves: plan.moves.map((move) => (move.verb === 'tilt' ? { ...move, s: seconds } : move)),
});

/** One thing wrong each, and the fault it is known for (handbook 8). */
const WRONGS: readonly Wrong[] = [
  {
    fault: 'mud',
    cause: 'opposites-touch',
    wrong: (plan) =>
      repaint(
        repaint(repaint(plan, 'white', paint('plum', '#5b2a5e')), 'navy', paint('leaf', '#3f7a34')),
        'sky',
        paint('red', '#b3322a'),
      ),
  },
  { fault: 'mud', cause: 'mixes-thin', wrong: (plan) => thinned(plan, 3) },
  {
    fault: 'vanished',
    cause: 'metal-thin',
    wrong: (plan) => watered(repaint(plan, 'sky', BRASS), 'sky', 0.6),
  },
  {
    fault: 'vanished',
    cause: 'little-of-it',
    wrong: (plan) => ({
      ...plan,
      budget: {
        ...plan.budget,
        shares: plan.budget.shares.map((s, i) => ({ ...s, share: i === 2 ? 0.02 : 0.49 })),
      },
    }),
  },
  {
    fault: 'no-cells',
    cause: 'no-weight-contrast',
    wrong: (plan) =>
      repaint(
        repaint(repaint(plan, 'white', { ...NAVY, hex: '#f4f4f1', densityGPerMl: 1.2 }), 'navy', {
          ...NAVY,
          densityGPerMl: 1.2,
        }),
        'sky',
        { ...NAVY, hex: '#8fb4cf', densityGPerMl: 1.2 },
      ),
  },
  {
    fault: 'cells-ran',
    cause: 'too-much-left',
    // A rim keeps in all that is poured.
    wrong: (plan) => ({
      ...plan,
      surface: { ...plan.surface, rim: { kind: 'raised', heightMm: 8 } },
    }),
  },
  {
    fault: 'cells-ran',
    cause: 'tilted-late',
    wrong: (plan) => {
      const at = plan.moves.findIndex(({ verb }) => verb === 'tilt');
      const rest = { id: 'stood', verb: 'rest', s: 1800 } as Plan['moves'][number];
      return { ...plan, moves: [...plan.moves.slice(0, at), rest, ...plan.moves.slice(at)] };
    },
  },
  {
    fault: 'bare-edges',
    cause: 'dry-ground',
    wrong: (plan) => ({ ...withoutBase(plan), surface: { ...plan.surface, absorbency: 'raw' } }),
  },
  {
    fault: 'cracks',
    cause: 'dries-fast',
    wrong: (plan) => ({ ...plan, room: { tempC: 34, rh: 18 } }),
  },
  {
    fault: 'slid-off',
    cause: 'tilted-fast',
    wrong: (plan) => tilting(plan, 6),
    table: () => ({ tookS: () => 1 }),
  },
];

const CASES = BASES.flatMap((base) => WRONGS.map((wrong) => ({ base, ...wrong })));

test('there are forty made plans', () => expect(CASES).toHaveLength(40));

test.each(CASES.map((c) => [`${c.base.name}: ${c.cause}`, c] as const))(
  'with one thing wrong, that is the likeliest cause: %s',
  (_, { base, fault, cause, wrong, table }) => {
    const plan = wrong(sound(base));
    const causes = causesOf(fault, evidenceOf(brief(plan)), table?.(plan) ?? UNTIMED);
    expect(causes.map((c) => [c.cause.id, c.times])[0]).toEqual([cause, expect.any(Number)]);
    expect(causes[0]!.times).toBeGreaterThan(1);
  },
);

test.each(BASES.map((base) => [base.name, base] as const))(
  'the same plan with nothing wrong blames none of them: %s',
  (_, base) => {
    const plan = sound(base);
    const evidence = evidenceOf(brief(plan));
    for (const { fault, cause } of WRONGS) {
      const found = causesOf(fault, evidence, UNTIMED).find((c) => c.cause.id === cause)!;
      expect([cause, found.times ?? 0]).toEqual([cause, expect.any(Number)]);
      expect(found.times ?? 0).toBeLessThanOrEqual(1.15);
    }
  },
);

test('what a plan cannot tell is told last, and what really happened counts for more than the plan', () => {
  const plan = sound(BASES[0]!);
  const evidence = evidenceOf(brief(plan));
  const [first] = causesOf('slid-off', evidence, { tookS: () => 2 });
  expect(first?.says).toMatch(/took 2 s/);
  expect(causesOf('slid-off', evidence, UNTIMED).at(-1)).toEqual({
    cause: expect.objectContaining({ id: 'not-level' }),
  });
});

test('every fault of the handbook’s table has its causes, each with what to do', () => {
  expect(Object.values(FAULTS).map(({ title }) => title)).toHaveLength(8);
  for (const { causes } of Object.values(FAULTS)) {
    expect(causes.length).toBeGreaterThanOrEqual(2);
    for (const { nextTime } of causes) expect(nextTime).toMatch(/\.$/);
  }
});
