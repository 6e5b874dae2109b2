import type { Sheets } from '../coat';
import { type Move, verbOf } from '../verb';

/** What is done to a piece between two dryings. */
export interface Stage {
  readonly title: string;
  /** What a run of it goes through; what is only ticked off is not among them. */
  readonly moves: readonly Move[];
  /** How thick a film it lays beyond the pour, mm; undefined where it pours. */
  readonly filmMm?: number;
  /** The top coat by whose sheet that dries. */
  readonly sheet?: keyof Sheets;
  /** How far it is left to dry before the next. */
  readonly until: readonly ('touch' | 'clean' | 'coat' | 'cured')[];
}

/** The stages of a list of moves in order: the moves between two dryings, those where there is nothing to do left out. */
export function stagesOf({ moves }: { readonly moves: readonly Move[] }): readonly Stage[] {
  const stages: { moves: Move[]; until: Stage['until'][number][] }[] = [{ moves: [], until: [] }];
  for (const move of moves) {
    const { setsFilm, aside, dries } = verbOf(move);
    if (setsFilm) stages.at(-1)!.until.push(...(dries ? [dries(move)] : []));
    // What comes after a drying begins another stage; dry to the touch and then right through is one drying.
    else if (!aside) {
      if (stages.at(-1)!.until.length > 0) stages.push({ moves: [], until: [] });
      stages.at(-1)!.moves.push(move);
    }
  }
  const done = stages.filter((stage) => stage.moves.length > 0);
  return done.map((stage, nth) => {
    const kind = kindOf(stage.moves);
    const earlier = done.slice(0, nth).filter((one) => kindOf(one.moves).title === kind.title);
    const title = earlier.length > 0 ? `${kind.title} ${earlier.length + 1}` : kind.title;
    return { ...kind, title, ...stage };
  });
}

/** A stage done on what is dry is called by the thickest it lays; one with anything poured is a pour. */
function kindOf(moves: readonly Move[]): Omit<Stage, 'moves' | 'until'> {
  const kinds = moves.flatMap((move) => {
    const { onDry } = verbOf(move);
    return onDry ? [{ title: onDry.title, mm: onDry.mm(move), sheet: onDry.sheet?.(move) }] : [];
  });
  const [thickest] = [...kinds].sort((a, b) => b.mm - a.mm);
  if (!thickest || kinds.length < moves.length) return { title: 'Pour' };
  const { title, mm, sheet } = thickest;
  return { title, filmMm: mm, ...(sheet === undefined ? {} : { sheet }) };
}
