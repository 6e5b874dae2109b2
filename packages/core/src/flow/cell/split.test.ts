import fc from 'fast-check';
import { between } from '../../between.test-data';
import { factorsWith } from '../../factor';
import { CAUSE_IDS } from './cause';
import { type Layer, pileBetween } from './pile';
import { grownBetween, growthAt, splitOf, turnsOf } from './split';

const FACTORS = factorsWith();
const layer = (change: Partial<Layer> = {}): Layer => ({
  densityKgM3: 1100,
  oil: 0,
  oilPaS: 0,
  matt: 0,
  flakes: 0,
  activator: false,
  folds: 1,
  lnNu: Math.log(9e-4),
  ...change,
});
const split = (above: Partial<Layer>, below: Partial<Layer>, um = [300, 1000]) =>
  splitOf(
    [
      [layer(above), um[0]!],
      [layer(below), um[1]!],
    ],
    FACTORS,
  );

test('paints that are alike do not split', () => {
  expect(split({}, {})).toBeUndefined();
  expect(splitOf([[layer(), 1000]], FACTORS)).toBeUndefined();
});

test.each([
  ['weight', { densityKgM3: 1150 }, {}],
  ['oil', {}, { oil: 2, oilPaS: 0.35 }],
  ['oil', { oil: 2, oilPaS: 0.35 }, {}],
  ['activator', { activator: true }, {}],
  ['matt', { matt: 1 }, {}],
  ['matt', {}, { matt: 1 }],
  ['metal', {}, { flakes: 1 }],
  ['height', { folds: 2 }, {}],
] as const)('%s splits them: over %j, under %j', (cause, above, below) => {
  const { lifts, liftKgM3 } = split(above, below)!;
  for (const id of CAUSE_IDS) expect(lifts[id] > 0).toBe(id === cause);
  expect(liftKgM3).toBeCloseTo(lifts[cause], 9);
});

test('light paint over heavy holds back what else would split it, but by half at the most', () => {
  const lift = (...of: Parameters<typeof split>) => split(...of)?.liftKgM3;
  expect(lift({ densityKgM3: 1040 }, { densityKgM3: 1120 })).toBeUndefined();
  const helps = FACTORS['activator-lifts'];
  const holds = (kgM3: number) => lift({ densityKgM3: 1100 - kgM3, activator: true }, {});
  expect(holds(0)).toBeCloseTo(helps, 6);
  expect(holds(40)).toBeCloseTo(helps - 40, 6);
  expect(holds(100)).toBeCloseTo(helps / 2, 6);
  expect(lift({ densityKgM3: 1000 }, { oil: 1, oilPaS: 0.35 })).toBeCloseTo(
    FACTORS['oil-lifts'] / 2,
    6,
  );
});

test('a split turns over what lies above it and twice as much below; all of a film where that is less', () => {
  const turns = (aboveUm: number, belowUm: number) =>
    turnsOf(split({ densityKgM3: 1300 }, {}, [aboveUm, belowUm])!);
  expect(turns(100, 1100)).toBeCloseTo(0.25, 6);
  expect(turns(500, 500)).toBe(1);
  // However thin the film above is.
  expect(turns(20, 980)).toBeCloseTo(0.2, 6);
});

test('metal under a thick film stays where it is', () => {
  const under = (um: number) => split({}, { flakes: 1 }, [um, 400])?.lifts.metal ?? 0;
  expect(under(50)).toBeGreaterThan(1.9 * under(400));
});

test('what lies between two depths is the mean of its layers by height', () => {
  const pile = pileBetween(
    [
      [layer({ densityKgM3: 1000, oil: 2, oilPaS: 0.4 }), 100],
      [layer({ densityKgM3: 1200, activator: true }), 200],
      [layer({ densityKgM3: 1500, oilPaS: 2 }), 300],
    ],
    50,
    250,
  );
  expect(pile).toMatchObject({ um: 200, oil: 0.5, oilPaS: 0.4, activator: 0.75 });
  expect(pile.densityKgM3).toBeCloseTo((50 * 1000 + 150 * 1200) / 200, 9);
});

test('of many layers the split that grows fastest is taken', () => {
  const [heavy, light] = [layer({ densityKgM3: 1150 }), layer({ densityKgM3: 1050 })];
  const found = splitOf(
    [
      [layer({ densityKgM3: 1110 }), 60],
      [layer(), 240],
      [heavy, 300],
      [light, 600],
    ],
    FACTORS,
  )!;
  expect(found.aboveUm).toBe(600);
});

test('oil makes waves longer, and thicker oil longer still', () => {
  const mm = (below: Partial<Layer>) => growthAt(split({ densityKgM3: 1150 }, below)!, 1300)!.mm;
  const [plain, oily, thick] = [{}, { oil: 1, oilPaS: 0.35 }, { oil: 1, oilPaS: 1 }].map(mm);
  expect(oily).toBeGreaterThan(2 * plain!);
  expect(thick).toBeGreaterThan(1.1 * oily!);
});

test('what grows is the integral of what drives, less what the paint holds', () => {
  fc.assert(
    fc.property(
      between(0.1, 5),
      between(10, 200),
      between(0, 600),
      between(1, 2000),
      between(0, 5e-3),
      between(0, 2),
      (drivePerS, time, fromS, s, sets, holds) => {
        let sum = 0;
        const steps = 4000;
        for (let n = 0; n < steps; n++) {
          const t = fromS + ((n + 0.5) * s) / steps;
          sum += Math.max(0, drivePerS * Math.exp(-sets * t) - holds) / time;
        }
        const expected = (sum * s) / steps;
        const got = grownBetween({ mm: 1, drivePerS, time }, fromS, fromS + s, sets, holds);
        expect(Math.abs(got - expected)).toBeLessThan(1e-3 + 1e-3 * expected);
      },
    ),
    { numRuns: 60 },
  );
});
