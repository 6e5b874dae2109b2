import { turnsOf } from '../../flow/together';
import type { Move } from '../../verb';
import type { Preview } from './preview';

/**
 * How many turns of a preview's pour are over as each move begins, by the move's id. A move that does nothing to the film finds it as the move
 * before left it; one that begins `with` another as that one does.
 */
export function turnsBefore(
  { scene, moves, dots, over }: Preview,
  planned: readonly Move[],
): ReadonlyMap<string, number> {
  const place = new Map(planned.map(({ id }, i) => [id, i]));
  // The move each turn begins with: the earliest of those that go on at once.
  const begins = [{ scene, moves }, ...over].flatMap((pour) =>
    turnsOf(pour.scene.acts, pour.scene.turns).map((lanes) =>
      Math.min(...lanes.flat().map((act) => place.get(pour.moves[act]!)!)),
    ),
  );
  // Each move of dots on the dry film is one more.
  const set = dots.map(({ move }) => place.get(move)!);
  const before = new Map<string, number>();
  planned.forEach(({ id, with: lead }, i) => {
    const together = lead === undefined ? undefined : before.get(lead);
    before.set(id, together ?? [...begins, ...set].filter((first) => first < i).length);
  });
  return before;
}
