import type { Plan } from '../plan/document/schema';
import { type Move, verbOf } from '../verb';

/** What is done to a piece between two dryings. */
export interface Stage {
  readonly title: string;
  /** What a run of it goes through; what is only ticked off is not among them. */
  readonly moves: readonly Move[];
  /** How thick a film it lays beyond the pour, mm; undefined where it pours. */
  readonly filmMm?: number;
}

/** The stages of a plan in order: the moves between two dryings, those where there is nothing to do left out. */
export function stagesOf(plan: Plan): readonly Stage[] {
  const stages: Move[][] = [[]];
  for (const move of plan.moves) {
    const { setsFilm, aside } = verbOf(move);
    if (setsFilm) stages.push([]);
    else if (!aside) stages.at(-1)!.push(move);
  }
  return stages.filter((moves) => moves.length > 0).map((moves) => ({ ...kindOf(moves), moves }));
}

/** The moves a run of a stage goes through; the pour's where nothing is said. */
export const stageMoves = (plan: Plan, stage = 0): readonly Move[] =>
  stagesOf(plan)[stage]?.moves ?? [];

/** A stage of one kind is called by it; one of several, or with anything poured, is a pour. */
function kindOf(moves: readonly Move[]): Omit<Stage, 'moves'> {
  const kinds = moves.map((move) => verbOf(move).onDry);
  const [first] = kinds;
  return first && kinds.every((kind) => kind?.title === first.title)
    ? {
        title: first.title,
        filmMm: Math.max(...moves.map((move) => verbOf(move).onDry!.mm(move))),
      }
    : { title: 'Pour' };
}
