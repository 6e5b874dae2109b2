import { actWords } from '../schedule';
import { type Dated, datesOf } from './dated';
import type { Piece } from './piece';
import type { House } from '../schedule/house';

/** What there is to do about a piece, and by when. Minutes as in `minutes.ts`. */
export interface Todo {
  readonly piece: Piece;
  /** Pour it; look whether it is dry; begin a stage; wipe its oil off; hang it; hand it over. */
  readonly does: 'pour' | 'look' | 'stage' | 'clean' | 'hang' | 'post';
  readonly stage?: number;
  readonly says: string;
  /** From when it can be done, and when it should be by. */
  readonly from: number;
  readonly to: number;
  readonly due: 'overdue' | 'now' | 'week' | 'later';
}

const WEEK_MIN = 7 * 1440;
/** A day that was given is over once it is. */
const DAY_MIN = 1440;

/** The next thing to do about each piece, the most overdue first. A piece whose way is at its end asks for nothing. */
export function todosOf(pieces: readonly Piece[], house: House, now: number): Todo[] {
  return pieces
    .flatMap((piece): Todo[] => {
      const next = piece.poured ? ofPoured(piece, house, now) : ofPlanned(piece);
      if (!next) return [];
      const due =
        now > next.to
          ? 'overdue'
          : now >= next.from
            ? 'now'
            : next.from - now < WEEK_MIN
              ? 'week'
              : 'later';
      return [{ ...next, piece, due }];
    })
    .sort((a, b) => ORDER[a.due] - ORDER[b.due] || a.to - b.to || a.from - b.from);
}

const ORDER = { overdue: 0, now: 1, week: 2, later: 3 } as const;

type Next = Omit<Todo, 'piece' | 'due'>;

/** A plan with a day is to be poured on that day. */
const ofPlanned = ({ pour }: Piece): Next | undefined =>
  pour === undefined
    ? undefined
    : {
        does: 'pour',
        says: 'Pour',
        from: pour - (pour % DAY_MIN),
        to: pour - (pour % DAY_MIN) + DAY_MIN,
      };

function ofPoured(piece: Piece, house: House, now: number): Next | undefined {
  const { due, done = [], looked = false } = piece;
  if (done.includes('posted') || (done.includes('hung') && piece.for === undefined))
    return undefined;
  const dates = datesOf(piece, house);
  const touch = dates.find(({ act }) => act === 'touch');
  // Dry for sure it need not be looked at.
  if (touch && !looked && now < touch.to)
    return { does: 'look', says: 'Look whether it is dry', from: touch.from, to: touch.to };
  const stage = dates.find(({ act }) => act === 'stage');
  if (stage) return of('stage', stage);
  const clean = dates.find(({ act }) => act === 'clean');
  if (clean && !done.includes('clean')) return of('clean', clean);
  const cured = dates.find(({ act }) => act === 'cured');
  if (!cured) return undefined;
  const by = due ?? Infinity;
  return piece.for === undefined
    ? { does: 'hang', says: 'Hang it', from: cured.from, to: by }
    : { does: 'post', says: `Hand it over to ${piece.for}`, from: cured.from, to: by };
}

const of = (does: 'stage' | 'clean', dated: Dated): Next => ({
  does,
  says: actWords(dated),
  from: dated.from,
  // Possible from then on, and good to have done within the days between; a day at the least.
  to: Math.max(dated.to, dated.from + DAY_MIN),
  ...(does === 'stage' && dated.stage !== undefined ? { stage: dated.stage } : {}),
});
