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
const ringed = (p: Plan): Plan => ({
  ...p,
  cups: p.cups.map((c) => ({ ...c, pourSideDeg: 90 })),
});
const given = (p: Plan): Plan => ({
  ...p,
  moves: p.moves.map((m) => (m.verb === 'flip' ? { ...m, s: 77, own: true } : m)),
});
const raw = (p: Plan): Plan => ({ ...p, surface: { ...p.surface, absorbency: 'raw' } });
const together = (p: Plan): Plan => ({
  ...p,
  moves: p.moves.map((m, i) => (i === 3 ? { ...m, with: p.moves[2]!.id } : m)),
});

test('a plan that says nothing unseen is told nothing', () => {
  expect(notPictured(quiet())).toEqual([]);
});

test.each([
  ['which side a cup is poured from', ringed],
  ['the seconds a flip takes', given],
  ['what a raw ground drinks', raw],
  ['moves done at the same time', together],
] as const)('%s is told, and does not change what flows', (says, change) => {
  const [was, is] = [quiet(), change(quiet())];
  expect(notPictured(is)).toEqual([says]);
  // Should it act one day, this fails, and the word comes out.
  expect(previewOf(is, brief(is)).scene).toEqual(previewOf(was, brief(was)).scene);
});

test('oil and a torch are told where there are any', () => {
  const p = plan([OAT, SLATE, QUINCE]);
  const oiled: Plan = {
    ...p,
    mixes: p.mixes.map((m, i) =>
      i === 0 ? { ...m, additives: [{ material: 'silicone', drops: 2, perMl: 60 }] } : m,
    ),
  };
  expect(notPictured(oiled)).toEqual(expect.arrayContaining(['cells that oil opens', 'the torch']));
});
