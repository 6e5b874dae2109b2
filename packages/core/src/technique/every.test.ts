import { brief } from '../plan/brief/brief';
import { newPlan } from '../plan/beginning/create';
import { checkPlan } from '../plan/document/check';
import { CANVAS, DAMSON, OAT, QUINCE, SLATE } from '../plan/fixture.test-data';
import { previewOf } from '../plan/preview/preview';
import { idsOf } from '../registry';
import { shapeOf } from '../surface/measure';
import { covers } from '../surface/outline/covers';
import type { Surface } from '../surface/schema';
import { SIGHTS, techniqueOf, TECHNIQUES } from './index';

const SURFACES: Readonly<Record<string, Surface>> = {
  canvas: CANVAS,
  square: { ...CANVAS, shape: { kind: 'rect', widthMm: 150, heightMm: 150 } },
  panel: { ...CANVAS, shape: { kind: 'rect', widthMm: 900, heightMm: 250 } },
  round: { ...CANVAS, shape: { kind: 'round', diameterMm: 300 } },
  tray: { ...CANVAS, rim: { kind: 'raised', heightMm: 20 } },
  letter: { ...CANVAS, shape: { kind: 'glyphs', text: 'A', font: 'hyperlegible', heightMm: 400 } },
  ring: { ...CANVAS, shape: { kind: 'ring', outerMm: 400, innerMm: 150 } },
};
const ids = idsOf(TECHNIQUES);
/** What is said of how the hand goes about it. */
const HAND = [
  'activator-at-edge',
  'aside-off',
  'corner-unreached',
  'move-amiss',
  'same-place-twice',
  'spun-too-thin',
  'straight-seam',
  'thick-under-swipe',
];

describe.each(Object.entries(SURFACES))('on a %s', (name, surface) => {
  test.each(ids)('%s writes a sound plan whose paint begins on the face', (technique) => {
    const plan = newPlan({
      title: 'Any',
      surface,
      paints: [OAT, SLATE, QUINCE, DAMSON],
      technique,
      school: 'lean',
    });
    expect(checkPlan(plan)).toEqual([]);
    const b = brief(plan);
    // Each move says what to do, and nothing spoils it as it is written.
    for (const step of b.run) expect(step.says.length).toBeGreaterThan(10);
    // Behind a rim the school's own figure is too much, whatever the technique: that is the school's to say.
    const spoilt = b.remarks.filter((r) => r.severity === 'spoils').map((r) => r.code);
    expect(spoilt.filter((code) => name !== 'tray' || code !== 'too-much-paint')).toEqual([]);
    // Nor does it do what an artist would be warned of.
    const warned = b.remarks.filter((r) => HAND.includes(r.code));
    expect(warned).toEqual([]);
    const { scene } = previewOf(plan, b);
    const rings = shapeOf(surface.shape).rings(surface.shape);
    for (const act of scene.acts)
      if (
        act.kind === 'stream' &&
        technique !== 'reverse-pour' &&
        technique !== 'travelling-wiggle'
      ) {
        const [x, y] = act.pathMm[0]!;
        const around = [0, 3, -3].flatMap((dx) =>
          [0, 3, -3].map((dy) => covers(rings, x + dx, y + dy)),
        );
        expect([name, technique, x, y, around.includes(true)]).toEqual([
          name,
          technique,
          x,
          y,
          true,
        ]);
      }
    const brought = scene.acts.filter((act) => act.kind === 'stream');
    expect(brought.length).toBeGreaterThan(0);
  });
});

test('each is told by what it shows, by what to mind, and by different words', () => {
  const all = ids.map((id) => techniqueOf(id));
  for (const { sights, minds, says, shows } of all) {
    expect(sights.length).toBeGreaterThan(0);
    expect(sights.every((sight) => sight in SIGHTS)).toBe(true);
    expect(minds.length).toBeGreaterThan(1);
    expect(says).not.toBe(shows);
  }
  expect(new Set(all.map((t) => t.name)).size).toBe(all.length);
  // Nothing one may wish for finds less than two.
  for (const sight of Object.keys(SIGHTS))
    expect(all.filter((t) => t.sights.some((s) => s === sight)).length).toBeGreaterThan(1);
});
