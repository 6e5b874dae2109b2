import { emptyBirths, traceBirths } from '../flow/trace';
import { mixesOf, strataOf } from '../flow/strata';
import { endOf, poured } from '../flow/scene.test-data';
import type { PourScene } from '../flow/scene';
import { brief } from '../plan/brief/brief';
import { newPlan } from '../plan/beginning/create';
import { previewOf } from '../plan/preview/preview';
import { CANVAS, DAMSON, OAT, QUINCE, SLATE } from '../plan/fixture.test-data';
import type { TechniqueId } from './index';

const PAINTS = [OAT, SLATE, QUINCE, DAMSON];
const SQUARE = { ...CANVAS, shape: { kind: 'rect', widthMm: 250, heightMm: 250 } } as const;

/** A new plan's scene; `upTo` leaves out what comes after the last act of that kind. */
function sceneOf(
  technique: TechniqueId,
  upTo?: string,
  surface: typeof CANVAS = SQUARE,
): PourScene {
  const plan = newPlan({ title: 'Any', surface, paints: PAINTS, technique, school: 'lean' });
  const { scene } = previewOf(plan, brief(plan));
  const last = upTo === undefined ? -1 : scene.acts.map((a) => a.kind as string).lastIndexOf(upTo);
  return last < 0 ? scene : { ...scene, acts: scene.acts.slice(0, last + 1) };
}

/** Mixes that lie at the surface of a pour at places, mm. */
function onTop(pour: ReturnType<typeof poured>, places: readonly (readonly [number, number])[]) {
  const births = emptyBirths(places.length);
  const { originMm, cellMm } = pour.site;
  endOf(
    traceBirths(
      pour.pour,
      pour.kernel,
      {
        index: Int32Array.from(places, (_, i) => i),
        x: Float32Array.from(places, ([x]) => (x + originMm[0]) / cellMm),
        y: Float32Array.from(places, ([, y]) => (y + originMm[1]) / cellMm),
        z: new Float32Array(places.length).fill(0.98),
        count: places.length,
      },
      births,
    ),
  );
  const strata = strataOf(pour.pour.scene);
  const mixes = mixesOf(pour.pour.scene);
  return places.map((_, i) => {
    births.wave[i] = strata.wave(births, i);
    return { mix: mixes[strata.at(births, i)], source: births.source[i]!, s: births.s[i]! };
  });
}

/** How often one is followed by another along a line that closes. */
const changes = (of: readonly unknown[]): number =>
  of.filter((one, i) => one !== of[(i + of.length - 1) % of.length]).length;

const ring = (rMm: number, n = 360): [number, number][] =>
  Array.from({ length: n }, (_, k) => [
    125 + rMm * Math.cos((2 * Math.PI * k) / n),
    125 + rMm * Math.sin((2 * Math.PI * k) / n),
  ]);
const line = (n: number, from: readonly [number, number], to: readonly [number, number]) =>
  Array.from({ length: n }, (_, k): [number, number] => [
    from[0] + ((to[0] - from[0]) * k) / (n - 1),
    from[1] + ((to[1] - from[1]) * k) / (n - 1),
  ]);

// Handbook 6: rings like wood grain, from a stream in small circles (common practice, no published source).
test('a ring pour has as many rings along a radius as circles were poured, give or take', () => {
  const pour = poured(sceneOf('ring-pour', 'stream'), 96);
  const along = onTop(pour, line(240, [125, 125], [240, 125])).map(({ s }) => s);
  // Outward the paint is older; within each ring it jumps back by a turn of the stream.
  const jumps = along.filter((s, i) => i > 0 && along[i - 1]! - s > 0.03).length;
  expect(jumps).toBeGreaterThanOrEqual(4);
  expect(jumps).toBeLessThanOrEqual(14);
});

test('a strainer’s flower has as many lobes as it has openings', () => {
  const pour = poured(sceneOf('strainer', 'stream'), 112);
  const strainer = sceneOf('strainer').acts.find((a) => a.kind === 'stream');
  const n = strainer?.kind === 'stream' ? strainer.openings!.n : 0;
  // Round the ring the openings stand on, the latest paint is under each of them.
  const late = onTop(pour, ring(45, 720)).map(({ s }) => s > 0.8);
  expect(n).toBe(9);
  expect(changes(late) / 2).toBe(n);
});

// Handbook 6: two cups side by side, opposite layers: the same colours never face each other.
test('across the seam of a twin pour the two cups run in opposite order', () => {
  const scene = sceneOf('twin-pour', 'stream');
  expect(scene.turns?.some((lanes) => lanes.length === 2)).toBe(true);
  const [one, other] = scene.acts.filter((a) => a.kind === 'stream');
  const order = (act: typeof one) => (act?.kind === 'stream' ? act.strata.map((l) => l.mix) : []);
  expect(order(other)).toEqual([...order(one)].reverse());
  const pour = poured(scene, 64);
  // Square to the way, through its middle: first one cup's, then the other's.
  const cups = onTop(pour, line(60, [165, 85], [85, 165])).map(({ source }) => source);
  const own = cups.filter((source) => scene.acts[source]?.kind === 'stream');
  expect(new Set(own).size).toBe(2);
  expect(changes(own)).toBe(2);
});

// Handbook 6 and 8: calm background is what a Dutch pour is judged by; issue: over 30 % (common practice, no published source).
test('a Dutch pour leaves more than a third of the face calm', () => {
  const scene = sceneOf('dutch-pour', 'jet', CANVAS);
  const pour = poured(scene, 64);
  const spots = Array.from({ length: 400 }, (_, k): [number, number] => [
    ((k % 20) + 0.5) * (500 / 20),
    (Math.floor(k / 20) + 0.5) * (400 / 20),
  ]);
  const base = scene.acts.find((a) => a.kind === 'overlay');
  const mix = base?.kind === 'overlay' ? base.mix : '';
  const calm = onTop(pour, spots).filter((top) => top.mix === mix).length / spots.length;
  expect(calm).toBeGreaterThan(0.33);
  expect(calm).toBeLessThan(0.95);
});

test('a bloom reaches out in as many petals as there were breaths', () => {
  const scene = sceneOf('bloom', 'jet');
  const breaths = scene.acts.filter((a) => a.kind === 'jet').length;
  const pour = poured(scene, 96);
  const base = scene.acts.find((a) => a.kind === 'overlay');
  const pillow = base?.kind === 'overlay' ? base.mix : '';
  // How far colour reaches in each direction.
  const reach = Array.from({ length: 180 }, (_, k) => {
    const angle = (2 * Math.PI * k) / 180;
    const out = onTop(
      pour,
      line(40, [125, 125], [125 + 118 * Math.cos(angle), 125 + 118 * Math.sin(angle)]),
    );
    return out.map((top) => top.mix !== pillow).lastIndexOf(true);
  });
  const mean = reach.reduce((sum, r) => sum + r, 0) / reach.length;
  expect(changes(reach.map((r) => r > mean)) / 2).toBeGreaterThanOrEqual(breaths - 2);
  expect(changes(reach.map((r) => r > mean)) / 2).toBeLessThanOrEqual(breaths + 2);
});

// Handbook 6: an open cup lets what went in first out first, at the beginning of its track.
test('an open cup’s track begins with what went in first and ends with what went in last', () => {
  const scene = sceneOf('open-cup', 'stream', CANVAS);
  const slid = scene.acts.find((a) => a.kind === 'stream');
  if (slid?.kind !== 'stream') throw new Error('nothing is slid');
  const pour = poured({ ...scene, acts: scene.acts.slice(0, scene.acts.indexOf(slid) + 1) }, 64);
  const [from, to] = [slid.pathMm[0]!, slid.pathMm.at(-1)!];
  const tops = onTop(pour, [from, to]);
  expect(tops[0]!.s).toBeLessThan(0.4);
  expect(tops[1]!.s).toBeGreaterThan(0.7);
});
