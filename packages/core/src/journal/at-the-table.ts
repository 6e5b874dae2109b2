import { openPlan } from '../plan/document/open';
import type { AddedAt } from '../plan/preview/with-added';
import { withMove } from './run';
import { MOST_PICTURES, type Run, type RunMove } from './schema';

/** Something that went on beside the plan. */
export type Added = NonNullable<RunMove['added']>[number];
/** A picture taken at a move. */
export type Taken = NonNullable<RunMove['pictures']>[number];

/** Notes at a move that something went on beside the plan. */
export const addOn = (run: Run, at: number, added: Added): Run =>
  withMove(run, at, (move) => ({ ...move, added: [...(move.added ?? []), added] }));

/** Takes the nth addition of a move out again. */
export const withoutAdded = (run: Run, at: number, nth: number): Run =>
  withMove(run, at, ({ added = [], ...move }) => {
    const rest = added.filter((_, i) => i !== nth);
    return rest.length === 0 ? move : { ...move, added: rest };
  });

/** How many more pictures a move may have. */
export const picturesLeft = (run: Run, at: number): number =>
  MOST_PICTURES - (run.moves[at]?.pictures ?? []).length;

/** Keeps at a move how it looked; one that has as many as it may have stays as it is. */
export const pictureOn = (run: Run, at: number, taken: Taken): Run =>
  picturesLeft(run, at) > 0
    ? withMove(run, at, (move) => ({ ...move, pictures: [...(move.pictures ?? []), taken] }))
    : run;

/** Takes a picture out of a move again. */
export const withoutPicture = (run: Run, at: number, picture: string): Run =>
  withMove(run, at, ({ pictures = [], ...move }) => {
    const rest = pictures.filter((p) => p.picture !== picture);
    return rest.length === 0 ? move : { ...move, pictures: rest };
  });

/** All that went on beside the plan of each mix, g; and of that what was mixed for it. */
export function addedOf(
  run: Run,
): ReadonlyMap<string, { readonly g: number; readonly anewG: number }> {
  const sums = new Map<string, { g: number; anewG: number }>();
  for (const { mix, g, anew } of run.moves.flatMap((move) => move.added ?? [])) {
    const sum = sums.get(mix) ?? { g: 0, anewG: 0 };
    sums.set(mix, { g: sum.g + g, anewG: sum.anewG + (anew ? g : 0) });
  }
  return sums;
}

/** What went on at a place of the piece, move by move, as the preview has it. */
export function addedAt({ plan, moves }: Run): AddedAt[] {
  const { densityOf } = openPlan(plan);
  return moves.flatMap(({ move, added = [] }) =>
    added.flatMap(({ mix, g, atMm }) =>
      atMm ? [{ move, mix, ml: g / densityOf(mix), atMm }] : [],
    ),
  );
}
