import type { Stream } from '../../flow/act/stream';
import { turnsOf } from '../../flow/together';
import type { Preview } from './preview';

/** So much of a mix that went on at a place after a move, beside the plan. */
export interface AddedAt {
  readonly move: string;
  readonly mix: string;
  readonly ml: number;
  readonly atMm: readonly [number, number];
}

/** Out of the hand it comes at about so much, mL/s, and in no less than this; as wide as a thumb (estimates). */
const ML_PER_S = 4;
const LEAST_S = 1;
const WIDE_MM = 18;

/** A preview with what went on beside the plan: each as a puddle at its place, a turn of its own after the turn of its move. */
export function withAdded(preview: Preview, added: readonly AddedAt[]): Preview {
  if (added.length === 0) return preview;
  const { scene } = preview;
  const last = new Map(preview.moves.map((move, act) => [move, act]));
  const acts: (typeof scene.acts)[number][] = [];
  const moves: string[] = [];
  const turns: number[][] = [];
  const lay = (one: AddedAt) => {
    acts.push(puddle(one));
    moves.push(one.move);
    turns.push([1]);
  };
  for (const lanes of turnsOf(scene.acts, scene.turns)) {
    const own = lanes.flat();
    for (const act of own) {
      acts.push(scene.acts[act]!);
      moves.push(preview.moves[act]!);
    }
    turns.push(lanes.map((lane) => lane.length));
    // After the last turn of its move.
    added.filter(({ move }) => own.includes(last.get(move)!)).forEach(lay);
  }
  // Its move does nothing to the film: it is a wait at the end, or a task.
  added.filter(({ move }) => !last.has(move)).forEach(lay);
  return { ...preview, moves, scene: { ...scene, acts, turns } };
}

const puddle = ({ mix, ml, atMm }: AddedAt): Stream => ({
  kind: 'stream',
  pathMm: [atMm],
  radiusMm: [{ at: 0, mm: WIDE_MM / 2 }],
  strayMm: 0,
  s: Math.max(LEAST_S, ml / ML_PER_S),
  core: false,
  strata: [{ mix, ml, dive: 0 }],
  stir: 0,
  outlet: { from: 'top', reach: 0, cling: 0 },
  lamination: 'rings',
});
