import type { Act } from './act';
import type { PourScene } from './scene';
import { BASE, flipped, poured, scene } from './scene.test-data';

const PER_S = Math.LN2 / 480;
const rest = (s: number): Act => ({ kind: 'rest', s });
const press: Act = { kind: 'press', atMm: [100, 100], rMm: 25, leaves: 0.35 };
/** How far from even a film is within 60 mm of its middle: root mean square over mean. */
function unevenness({ pour, site }: ReturnType<typeof poured>): number {
  const hs = [...pour.h].filter((_, i) => {
    const x = (i % site.grid.nx) + 0.5 - (100 + site.originMm[0]) / site.cellMm;
    const y = Math.floor(i / site.grid.nx) + 0.5 - (100 + site.originMm[1]) / site.cellMm;
    return Math.hypot(x, y) * site.cellMm < 60;
  });
  const mean = hs.reduce((sum, h) => sum + h, 0) / hs.length;
  return Math.sqrt(hs.reduce((sum, h) => sum + (h - mean) ** 2, 0) / hs.length) / mean;
}
const pressedAfter = (waitS: number, setsPerS: number) =>
  unevenness(
    poured(
      scene([{ ...BASE, filmMm: 1.5 } as Act, rest(waitS), press, rest(60)], {
        setsPerS,
        // A rim, so that none drains off while it waits.
        rimMm: 10,
      }),
      40,
    ),
  );

test('a mark closes in fresh paint and stays where the film has begun to set', () => {
  const [fresh, set, never] = [
    pressedAfter(1, PER_S),
    pressedAfter(1500, PER_S),
    pressedAfter(1500, 0),
  ];
  expect(set).toBeGreaterThan(1.5 * fresh);
  expect(never).toBeLessThan(1.1 * fresh);
});

// Forty minutes are five doublings. A film that only got thicker goes on closing.
test('a mark pressed late stays for good where paint stands, as long as it rests', () => {
  const STANDS = { fromNu: 5e-3, perS: 0.05 };
  const kept = (restS: number, stands?: PourScene['stands']) =>
    unevenness(
      poured(
        scene([{ ...BASE, filmMm: 1.5 } as Act, rest(2400), press, rest(restS)], {
          setsPerS: PER_S,
          rimMm: 10,
          ...(stands && { stands }),
        }),
        40,
      ),
    );
  const [soon, late] = [kept(60, STANDS), kept(1200, STANDS)];
  expect(late).toBeGreaterThan(0.97 * soon);
  expect(kept(1200)).toBeLessThan(0.9 * late);
});

test('the older the film the better it keeps a mark', () => {
  const kept = [1, 600, 1200, 2400].map((s) => pressedAfter(s, PER_S));
  for (let i = 1; i < kept.length; i++) expect(kept[i]!).toBeGreaterThan(kept[i - 1]!);
});

// What is poured later is as thin as it comes: cell by cell where mixes differ.
test('fresh paint on a film that has set runs as fresh paint does', () => {
  const later = (setsPerS: number) =>
    poured(
      scene([BASE, rest(1200), flipped([100, 100], 30, 1)], {
        setsPerS,
        nuOf: { a: 1.1e-3, base: 1.11e-3 },
      }),
      40,
    );
  const middle = ({ pour, site }: ReturnType<typeof poured>) =>
    pour.h[Math.floor(site.grid.ny / 2) * site.grid.nx + Math.floor(site.grid.nx / 2)]!;
  const [set, fresh] = [middle(later(PER_S)), middle(later(0))];
  // The base under it has set, so it runs off a little less; it does not stand as a heap of set paint would.
  expect(set).toBeGreaterThan(fresh);
  expect(set).toBeLessThan(2 * fresh);
});

test('where the flame goes paint runs farther, the more it is warmed, and only there', () => {
  const heap = [BASE, flipped([70, 100], 25, 1), flipped([130, 100], 25, 1)];
  const after = (act: Act) => poured(scene([...heap, act]), 48);
  const heightAt = ({ pour, site }: ReturnType<typeof poured>, x: number) => {
    const cell = (mm: number, axis: 0 | 1) => Math.floor((mm + site.originMm[axis]) / site.cellMm);
    return pour.h[cell(100, 1) * site.grid.nx + cell(x, 0)]!;
  };
  const heat: Act = { kind: 'heat', thinsLn: 0, s: 20 };
  const [none, all, some] = [
    after(heat),
    after({ ...heat, thinsLn: 1 }),
    after({ ...heat, thinsLn: 1, atMm: [70, 100], rMm: 25 }),
  ];
  expect(heightAt(all, 70)).toBeLessThan(0.97 * heightAt(none, 70));
  expect(heightAt(some, 70)).toBeLessThan(0.985 * heightAt(none, 70));
  expect(Math.abs(heightAt(some, 130) / heightAt(none, 130) - 1)).toBeLessThan(0.02);
});
