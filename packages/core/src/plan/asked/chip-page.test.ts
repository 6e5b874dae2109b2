import { factorsWith } from '../../factor';
import { PIGMENTS } from '../../paint/pigment';
import type { Paint } from '../../paint/schema';
import { brief } from '../brief/brief';
import { chipPage, readsOf } from './chip-page';
import { BRASS, plan, QUINCE, SLATE } from '../fixture.test-data';

const page = (paints: Paint[], mix = 0, over?: number) => {
  const p = plan(paints);
  return chipPage(p, brief(p), p.mixes[mix]!, over === undefined ? undefined : p.mixes[over]);
};

test('one to four coats and the film as it is poured, each hiding more', () => {
  const { films } = page([QUINCE, SLATE]);
  expect(films.map((f) => f.coats)).toEqual([1, 2, 3, 4, undefined]);
  const reserves = films.slice(0, 4).map((f) => f.opacity.reserve);
  expect(reserves).toEqual([...reserves].sort((a, b) => a - b));
  const p = plan([QUINCE, SLATE]);
  const told = brief(p).mixes[0]!;
  // The brief's own answers: two coats of the mix, and the poured film.
  expect(films[1]!.opacity).toEqual(told.opacity.mix);
  expect(films[1]!.hexOverBlack).toBe(told.hexOverBlack);
  expect(films[4]!.opacity).toEqual(told.opacity.film);
});

// Handbook 3, common practice, no published source: 2 parts of clear medium cost about one class.
test('two parts of medium cost about a class, by the eye', () => {
  const { thinned } = page([QUINCE]);
  const at = (parts: number) => thinned.find((t) => t.parts === parts)!;
  expect(at(0).classes - at(2).classes).toBeGreaterThan(0.6);
  expect(at(0).classes - at(2).classes).toBeLessThan(1.4);
  expect([at(0).opacity.class, at(2).opacity.class]).toEqual(['semi-opaque', 'semi-transparent']);
});

// Handbook 3, common practice, no published source: an opaque layer hides, a transparent one makes a third colour.
test('opaque orange hides violet, transparent orange makes another colour of it', () => {
  const orange: Paint = { ...QUINCE, id: 'o', hex: '#ec7a13', opacity: 'opaque' };
  const violet: Paint = { ...SLATE, id: 'v', hex: '#4a2a7c', opacity: 'opaque' };
  const undiluted = (of: Paint, coats: number) => {
    const p = plan([of, violet]);
    const [own, under] = p.mixes as [(typeof p.mixes)[0], (typeof p.mixes)[0]];
    const { medium: _m, waterParts: _w, ...dry } = own;
    const bare = { ...p, mixes: [dry, under] };
    return chipPage(bare, brief(bare), dry, under).films[coats - 1]!;
  };
  expect(undiluted(orange, 2).readsOverMix).toBe('hides');
  expect(undiluted({ ...orange, opacity: 'transparent' }, 2).readsOverMix).toBe('new-colour');
});

test('what the ground does is told by its distance from both', () => {
  const reads = (film: string, own: string, ground: string) =>
    readsOf(film, own, ground, factorsWith());
  expect(reads('#ff0000', '#ff0000', '#000000')).toBe('hides');
  expect(reads('#f00f20', '#c01030', '#e81020')).toBe('shows');
  expect(reads('#808000', '#ff0000', '#00ff00')).toBe('new-colour');
});

test('what no chip can show is said, once', () => {
  expect(page([BRASS]).notes).toHaveLength(1);
  expect(page([QUINCE]).notes).toEqual([]);
  const chalk = PIGMENTS.find((p) => p.name.startsWith('craft white'))!;
  expect(
    page([{ ...QUINCE, hex: chalk.hex, body: 'craft', pigments: chalk.ci.split('+') }]).notes[0],
  ).toMatch(/chalky/);
  expect(page([{ ...QUINCE, hex: '#202020', body: 'craft' }]).notes).toEqual([]);
});
