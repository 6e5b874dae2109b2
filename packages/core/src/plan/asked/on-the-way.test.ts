import type { Move } from '../../verb';
import { brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { plan } from '../fixture.test-data';
import { mlPerCm, wetFor } from './on-the-way';

const track: Move = {
  id: 't',
  verb: 'trail',
  cups: ['c1'],
  way: { kind: 'line', fromMm: [100, 200], toMm: [400, 200] },
  heightMm: 60,
  s: 30,
};
const of = (moves: readonly Move[], more: Partial<Plan> = {}): Plan => ({
  ...plan(),
  ...more,
  moves: [...moves],
});

test('what a cup holds over the length of its way, for one piece of a set; nothing where it goes no way', () => {
  const p = of([track, { id: 'r', verb: 'rest', s: 60 }]);
  const b = brief(p);
  expect(mlPerCm(p, b, 0)).toBeCloseTo(b.cups[0]!.filledMl / 30, 6);
  expect(mlPerCm(p, b, 1)).toBeUndefined();
  const set = { ...p, surface: { ...p.surface, pieces: 3 } };
  const three = brief(set);
  expect(mlPerCm(set, three, 0)).toBeCloseTo(three.cups[0]!.filledMl / 30, 6);
});

test('from the first paint to the last hand, not to the end of a rest; twice as thick every eight minutes at 20 °C and 50 %', () => {
  const tilt: Move = { id: 'k', verb: 'tilt', towardDeg: 0, angleDeg: 9, s: 450 };
  const p = of([
    { id: 'l', verb: 'tend', task: 'level' },
    track,
    tilt,
    { id: 'r', verb: 'rest', s: 900 },
  ]);
  const wet = wetFor(p, brief(p))!;
  expect(wet.s).toBe(480);
  expect(wet.times).toBeCloseTo(2, 6);
  const warm = of(p.moves, { room: { tempC: 30, rh: 30 } });
  expect(wetFor(warm, brief(warm))!.times).toBeGreaterThan(2.5);
  expect(wetFor(of([tilt]), brief(p))).toBeUndefined();
});
