import type { Stream } from '../../flow/act/stream';
import { portionMl } from '../../flow/lamination';
import { birthsKey } from '../../flow/births-key';
import { brief } from '../brief/brief';
import { DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { previewKey, previewOf } from './preview';

const previewed = (p: Parameters<typeof brief>[0]) => previewOf(p, brief(p));

test('a plan’s moves become what flows, up to where it is left to dry', () => {
  const { scene } = previewed(plan([OAT, SLATE, QUINCE], {}, { school: 'lean' }));
  const kinds = scene.acts.map((p) => p.kind);
  expect(kinds[0]).toBe('overlay');
  expect(kinds.filter((k) => k === 'tilt')).toHaveLength(8);
  expect(kinds.at(-1)).toBe('heat');
  expect([scene.widthMm, scene.heightMm]).toEqual([500, 400]);
});

test('each cup pours what it was loaded with, in its layers', () => {
  const p = plan([OAT, SLATE, QUINCE]);
  const b = brief(p);
  const streams = previewOf(p, b).scene.acts.filter((q): q is Stream => q.kind === 'stream');
  expect(streams.map(portionMl)).toEqual(b.cups.map((c) => c.filledMl));
  expect(streams[0]!.strata.map((l) => l.mix)).toEqual(b.cups[0]!.layers.map((l) => l.mix));
});

test('the viscosity of the pour lies between its mixes’', () => {
  const p = plan([OAT, SLATE, QUINCE]);
  const b = brief(p);
  const { nu, densityGPerMl } = { ...previewOf(p, b).scene, ...previewOf(p, b) };
  const all = b.mixes.map((m) => m.viscosityPaS / (1000 * m.densityGPerMl));
  expect(nu).toBeGreaterThanOrEqual(0.95 * Math.min(...all));
  expect(nu).toBeLessThanOrEqual(1.05 * Math.max(...all));
  expect(densityGPerMl).toBeGreaterThan(1);
});

test('another colour or opacity has the same births; another amount, tilt or seed has not', () => {
  const p = plan([OAT, SLATE, DAMSON]);
  const key = birthsKey(previewed(p).scene);
  const other = {
    ...p,
    paints: p.paints.map((paint) => ({ ...paint, hex: '#446688', opacity: 'opaque' as const })),
  };
  expect(birthsKey(previewed(other).scene)).toBe(key);
  expect(birthsKey(previewOf(p, brief(p), 99).scene)).not.toBe(key);
  const moved = { ...p, moves: p.moves.map((m) => (m.verb === 'tilt' ? { ...m, s: 20 } : m)) };
  expect(birthsKey(previewed(moved).scene)).not.toBe(key);
});

test('a plan opened again has the key of its preview; another colour, which shows otherwise, has not', () => {
  const p = plan([OAT, SLATE, DAMSON]);
  const key = previewKey(previewed(p));
  expect(previewKey(previewed(structuredClone(p)))).toBe(key);
  expect(previewKey(previewed({ ...p, title: 'Another name' }))).toBe(key);
  const other = { ...p, paints: p.paints.map((paint) => ({ ...paint, hex: '#446688' })) };
  expect(previewKey(previewed(other))).not.toBe(key);
  expect(previewKey(previewOf(p, brief(p), 99))).not.toBe(key);
});

test('what is poured once the first has dried is a pour of its own, on the dots that were set before', () => {
  const p = plan([OAT, SLATE, QUINCE]);
  const flips = p.moves.filter((m) => m.verb === 'flip');
  const dry = { id: 'dry-between', verb: 'dry', until: 'touch' } as const;
  const dots = {
    id: 'dots',
    verb: 'dot',
    mix: p.mixes[0]!.id,
    apartMm: 20,
    dotMm: 6,
    s: 60,
  } as const;
  const way = { kind: 'line', fromMm: [50, 50], toMm: [150, 50] } as const;
  const [first, ...later] = flips;
  const twice = {
    ...p,
    moves: [
      ...p.moves.filter((m) => m.verb !== 'flip' && m.verb !== 'dry'),
      first!,
      dry,
      { ...dots, way },
      ...later,
    ],
  };
  expect(later.length).toBeGreaterThan(0);
  const { scene, over } = previewed(twice);
  const streams = (acts: typeof scene.acts) => acts.filter(({ kind }) => kind === 'stream').length;
  expect(streams(scene.acts)).toBe(1);
  expect(over.map((one) => [streams(one.scene.acts), one.dots])).toEqual([[later.length, 1]]);
  expect(over[0]!.scene.acts.some(({ kind }) => kind === 'overlay')).toBe(false);
  expect(previewKey(previewed(twice))).not.toBe(
    previewKey(previewed({ ...twice, moves: twice.moves.slice(0, -1) })),
  );
});
