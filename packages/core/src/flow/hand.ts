import { actOf } from './act';
import type { Slip } from './act/define';
import { chance, normal } from './noise';
import type { PourScene } from './scene';

/** How much one hand differs from one go to the next: each one standard deviation. */
export interface Hand {
  /** Of how thick the paint comes out, ln. */
  readonly thickness: number;
  readonly angleDeg: number;
  readonly directionDeg: number;
  readonly placeMm: number;
  /** Of a time, as a share of it. */
  readonly time: number;
  /** Half of what a scale does not show, mL: any of it is as likely. */
  readonly weighedMl: number;
}

/** What a hand draws for one thing of one act. */
const drawn = (at: number, what: number, seed: number): number =>
  normal(chance(at, what, 0, seed), chance(at, what, 1, seed), chance(at, what, 2, seed));

/** The same moves as a hand does them another time: every act strays by itself, and all paint is as much thicker or thinner. */
export function doneBy(scene: PourScene, hand: Hand, seed: number): PourScene {
  return strayed(scene, hand.thickness * drawn(0, 0, seed), (act) => {
    const draw = (what: number) => drawn(act + 1, what, seed);
    return {
      angleDeg: hand.angleDeg * draw(1),
      towardDeg: hand.directionDeg * draw(2),
      byMm: [hand.placeMm * draw(3), hand.placeMm * draw(4)],
      slower: Math.exp(hand.time * draw(5)),
      moreMl: hand.weighedMl * (2 * chance(act + 1, 6, 0, seed) - 1),
    };
  });
}

/** The same moves with those that are asked for off by one standard deviation in all they can be, and every other as it was meant. */
export const offBy = (scene: PourScene, hand: Hand, off: (act: number) => boolean): PourScene =>
  strayed(scene, 0, (act) =>
    off(act)
      ? {
          angleDeg: hand.angleDeg,
          towardDeg: hand.directionDeg,
          byMm: [hand.placeMm / Math.SQRT2, hand.placeMm / Math.SQRT2],
          slower: Math.exp(hand.time),
          moreMl: 0,
        }
      : undefined,
  );

/** The same moves with paint thicker by one standard deviation. */
export const thicker = (scene: PourScene, hand: Hand): PourScene =>
  strayed(scene, hand.thickness, () => undefined);

function strayed(
  scene: PourScene,
  lnThicker: number,
  slipOf: (act: number) => Slip | undefined,
): PourScene {
  const by = Math.exp(lnThicker);
  return {
    ...scene,
    nu: scene.nu * by,
    ...(scene.nuOf
      ? { nuOf: Object.fromEntries(Object.entries(scene.nuOf).map(([mix, nu]) => [mix, nu * by])) }
      : {}),
    acts: scene.acts.map((act, n) => {
      const slip = slipOf(n);
      return (slip && actOf(act).strays?.(act, slip)) ?? act;
    }),
  };
}
