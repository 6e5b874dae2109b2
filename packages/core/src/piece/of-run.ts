import type { Run } from '../journal';
import { sizeWords } from '../surface';
import { chosenTechnique } from '../technique';
import type { Piece } from './schema';

/** The id of one of a pour's pieces: the first goes by the pour's own, so that whoever has the pour has its piece. */
export const pieceIdOf = (run: string, nth = 1): string => (nth === 1 ? run : `${run}-${nth}`);

/** The pour and the place in its set that a piece’s id may tell of. */
export function placeOf(id: string): { readonly run: string; readonly nth: number } {
  const [, run, nth] = /^(.{8,})-([2-9]|[1-9][0-9]{1,2})$/.exec(id) ?? [];
  return run === undefined ? { run: id, nth: 1 } : { run, nth: Number(nth) };
}

const LONGEST_TITLE = 120;

/** One of the pieces a pour came to, before anything was said of it. */
export function pieceOfRun(run: Run, nth = 1): Piece {
  const { plan, id, planId, startedAt, drawn } = run;
  const { pieces, shape } = plan.surface;
  return {
    id: pieceIdOf(id, nth),
    title: plan.title.slice(0, LONGEST_TITLE),
    madeAt: startedAt,
    run: id,
    plan: planId,
    ...(pieces > 1 ? { nth, of: pieces } : {}),
    technique: chosenTechnique(plan).name.slice(0, 80),
    size: sizeWords(shape, 'cm').slice(0, 80),
    ...(plan.price === undefined ? {} : { price: plan.price }),
    ...(drawn?.costEach === undefined ? {} : { cost: drawn.costEach }),
  };
}

/** Whether a pour comes to pieces of its own: a later stage is done on what an earlier one came to. */
export const makesPieces = ({ stage, endedAt }: Pick<Run, 'stage' | 'endedAt'>): boolean =>
  stage === undefined && endedAt !== undefined;
