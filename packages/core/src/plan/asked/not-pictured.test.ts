import { previewOf } from '../preview/preview';
import { brief } from '../brief/brief';
import { OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import type { Plan } from '../document/schema';
import { notPictured } from './not-pictured';

const quiet = (): Plan => {
  const p = plan([OAT, SLATE, QUINCE]);
  return {
    ...p,
    moves: p.moves.filter((m) => m.verb !== 'torch'),
    mixes: p.mixes.map((m) => ({ ...m, additives: [] })),
  };
};
/** Its cups poured where they were to be turned over. */
const pours = (p: Plan): Plan => ({
  ...p,
  moves: p.moves.map((m) =>
    m.verb === 'flip' ? { id: m.id, verb: 'pour', cups: [m.cup], atMm: m.atMm, heightMm: 60 } : m,
  ),
});
const ringed = (p: Plan): Plan => ({
  ...pours(p),
  cups: p.cups.map((c) => ({ ...c, pourSideDeg: 90 })),
});
const strained = (p: Plan): Plan => ({
  ...pours(p),
  cups: p.cups.map((c) => ({ ...c, outlet: { holes: 5, ringMm: 60 } })),
});
const squeezed = (p: Plan): Plan => ({
  ...pours(p),
  cups: p.cups.map((c) => ({ ...c, outlet: { tipMm: 3 } })),
});
const high = (p: Plan): Plan => ({
  ...pours(p),
  moves: pours(p).moves.map((m) => (m.verb === 'pour' ? { ...m, heightMm: 600 } : m)),
});
const given = (p: Plan): Plan => ({
  ...p,
  moves: p.moves.map((m) => (m.verb === 'flip' ? { ...m, s: 77, own: true } : m)),
});
const raw = (p: Plan): Plan => ({ ...p, surface: { ...p.surface, absorbency: 'raw' } });
const together = (p: Plan): Plan => ({
  ...p,
  moves: p.moves.map((m, i) => (i === 5 ? { ...m, with: p.moves[4]!.id } : m)),
});

test('a plan that says nothing unseen is told nothing', () => {
  expect(notPictured(quiet())).toEqual([]);
});

const tested = (p: Plan): Plan => ({
  ...p,
  readings: [{ mix: p.mixes[0]!.id, on: '2026-11-27T10:00', moundS: [3, 3] }],
});
const warm = (p: Plan): Plan => ({ ...p, room: { tempC: 27, rh: 50 } });

test.each([
  ['seconds of one’s own for a flip', given],
  ['a raw ground', raw],
  ['a mix that was tested', tested],
  ['a warm room', warm],
  ['which side a cup is poured from', ringed, pours],
  ['the holes of a strainer', strained, pours],
  ['a tip', squeezed, pours],
  ['a fall from high up', high, pours],
  ['moves done at the same time', together],
] as const)('%s acts, so nothing is said', (_, change, from: (p: Plan) => Plan = (p) => p) => {
  const [was, is] = [from(quiet()), change(quiet())];
  expect(notPictured(is)).toEqual([]);
  expect(previewOf(is, brief(is)).scene).not.toEqual(previewOf(was, brief(was)).scene);
});

test('a warm room thins what is reckoned and not what was tested', () => {
  const nus = (p: Plan) => previewOf(p, brief(p)).scene.nuOf!;
  const [cool, hot] = [tested(quiet()), warm(tested(quiet()))].map(nus);
  const [first, second] = quiet().mixes.map((m) => m.id) as [string, string];
  expect(hot![first]).toBe(cool![first]);
  expect(hot![second]).toBeLessThan(0.9 * cool![second]!);
});

test('what glows is told', () => {
  const p = plan([OAT, { ...SLATE, finish: 'neon' }, QUINCE]);
  expect(notPictured(p)).toEqual([expect.stringMatching(/neon/)]);
});
