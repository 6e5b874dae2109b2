import { apartIn, type Tiles } from './tiles';

/** Every so many squares across and down are looked at; and each is held against one so far along, which has nothing to do with it. */
const STEP = 3;
const ELSEWHERE = 0.381966;

/**
 * How alike a picture is to itself mirrored, left to right and top to bottom: 1 the same, 0 no more than any two places of it are.
 */
export function symmetryOf(tiles: Tiles): readonly [leftRight: number, topBottom: number] {
  const { across, down, on } = tiles;
  const mirrored = [0, 0];
  let [count, elsewhere, others] = [0, 0, 0];
  for (let y = 0; y < down; y += STEP)
    for (let x = 0; x < across; x += STEP) {
      const tile = y * across + x;
      const [left, top] = [y * across + across - 1 - x, (down - 1 - y) * across + x];
      if (!on[tile] || !on[left] || !on[top]) continue;
      count++;
      mirrored[0]! += apartIn(tiles, tile, left);
      mirrored[1]! += apartIn(tiles, tile, top);
      const far =
        ((y + Math.floor(ELSEWHERE * down)) % down) * across +
        ((x + Math.floor(ELSEWHERE * across)) % across);
      if (!on[far]) continue;
      others++;
      elsewhere += apartIn(tiles, tile, far);
    }
  if (count === 0 || elsewhere === 0) return [1, 1];
  const usual = elsewhere / others;
  return mirrored.map((sum) => Math.max(0, 1 - sum / count / usual)) as [number, number];
}
