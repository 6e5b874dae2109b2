import { layGrid, type Site } from './ground';
import { type FilmKernel, plainKernel } from './kernel';
import type { Act } from './act';
import type { Stream } from './act/stream';
import type { PourScene } from './scene';
import { type Pour, pourOn } from './simulate';
import { mixesOf, strataOf } from './strata';
import { emptyBirths } from './births';
import { traceBirths } from './trace';

/** A cup of equal layers a, b, c ... turned over at a place. */
export function flipped(
  atMm: readonly [number, number],
  ml: number,
  layers = 6,
  change: Partial<Stream> = {},
): Stream {
  const strata = Array.from({ length: layers }, (_, k) => ({
    mix: 'abcdefgh'[k]!,
    ml: ml / layers,
    dive: 0,
  }));
  return {
    kind: 'stream',
    pathMm: [atMm],
    radiusMm: [
      { at: 0, mm: 30 },
      { at: 0.4, mm: 30 },
      { at: 1, mm: 6 },
    ],
    strayMm: 0,
    s: 8,
    core: true,
    strata,
    stir: 0,
    outlet: { from: 'top', reach: 0.03, cling: 0.1 },
    lamination: 'rings',
    ...change,
  };
}

export const scene = (acts: readonly Act[], change: Partial<PourScene> = {}): PourScene => {
  const { widthMm = 200, heightMm = 200 } = change;
  return {
    widthMm,
    heightMm,
    rings: [[0, 0, widthMm, 0, widthMm, heightMm, 0, heightMm]],
    reachesMm: [
      [widthMm, heightMm],
      [0, heightMm],
      [0, 0],
      [widthMm, 0],
    ],
    nu: 1.1e-3,
    acts,
    seed: 7,
    ...change,
  };
};

export const BASE: Act = { kind: 'overlay', mix: 'base', filmMm: 1 };

/** Pours it on a coarse grid with the plain kernel. */
export function poured(
  what: PourScene,
  cells = 64,
): { readonly pour: Pour; readonly kernel: FilmKernel; readonly site: Site } {
  const site = layGrid(what, cells);
  const kernel = plainKernel(site.grid, 4096);
  return { pour: endOf(pourOn(kernel, what, site)), kernel, site };
}

/** What a generator returns in the end. */
export function endOf<T>(work: Generator<unknown, T>): T {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}

/** A pour of each change that is asked for, made once however many tests look at it: none of them changes it. */
export function oncePoured<C>(pourOf: (change: C) => ReturnType<typeof poured>) {
  const made = new Map<string, ReturnType<typeof poured>>();
  return (change: C): ReturnType<typeof poured> => {
    const key = JSON.stringify(change);
    const has = made.get(key) ?? pourOf(change);
    made.set(key, has);
    return has;
  };
}

/** The birth at a place, mm, and level of a poured film. */
export function birthAt(
  { pour, kernel, site }: ReturnType<typeof poured>,
  [xMm, yMm]: readonly [number, number],
  z: number,
): { readonly source: number; readonly s: number; readonly mix: string | undefined } {
  const births = emptyBirths(1);
  const places = {
    index: Int32Array.of(0),
    x: Float32Array.of((xMm + site.originMm[0]) / site.cellMm),
    y: Float32Array.of((yMm + site.originMm[1]) / site.cellMm),
    z: Float32Array.of(z),
    count: 1,
  };
  endOf(traceBirths(pour, kernel, places, births));
  const strata = strataOf(pour.scene);
  births.wave[0] = strata.wave(births, 0);
  const mix = mixesOf(pour.scene)[strata.at(births, 0)];
  return { source: births.source[0]!, s: births.s[0]!, mix };
}
