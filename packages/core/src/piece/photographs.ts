import { MOST_PHOTOGRAPHS, type Photograph, type Piece } from './schema';

type State = Photograph['state'];

export const STATE_WORDS: Readonly<Record<State, string>> = {
  wet: 'Wet',
  dry: 'Dry',
  coated: 'Coated',
};

/** In the order a piece goes through them. */
export const STATES = Object.keys(STATE_WORDS) as State[];

const rank = ({ state, at }: Photograph): readonly [number, number] => [STATES.indexOf(state), at];

/** All of a piece, the wet ones first, each state in the order they were taken. */
export const photographsOf = ({ photographs = [] }: Pick<Piece, 'photographs'>): Photograph[] =>
  [...photographs].sort((a, b) => rank(a)[0] - rank(b)[0] || rank(a)[1] - rank(b)[1]);

/** The one a piece is shown by: the last of its furthest state. */
export const faceOf = (piece: Pick<Piece, 'photographs'>): Photograph | undefined =>
  photographsOf(piece).at(-1);

const withPhotographs = ({ photographs: _, ...piece }: Piece, all: readonly Photograph[]): Piece =>
  all.length > 0 ? { ...piece, photographs: [...all] } : piece;

/** How many more may be taken of it. */
export const photographsLeft = ({ photographs = [] }: Pick<Piece, 'photographs'>): number =>
  MOST_PHOTOGRAPHS - photographs.length;

/** With one more; a piece that has as many as it may have stays as it is. */
export const withPhotograph = (piece: Piece, taken: Photograph): Piece =>
  photographsLeft(piece) > 0
    ? withPhotographs(piece, [...(piece.photographs ?? []), taken])
    : piece;

export const withoutPhotograph = (piece: Piece, picture: string): Piece =>
  withPhotographs(
    piece,
    (piece.photographs ?? []).filter((p) => p.picture !== picture),
  );

/** The same piece with one of its photographs changed. */
export const changePhotograph = (
  piece: Piece,
  picture: string,
  change: (photograph: Photograph) => Photograph,
): Piece =>
  withPhotographs(
    piece,
    (piece.photographs ?? []).map((p) => (p.picture === picture ? change(p) : p)),
  );

/** A photograph with its piece's corners told; without, they are not known any more. */
export const withCorners = (piece: Piece, picture: string, corners: Photograph['corners']): Piece =>
  changePhotograph(piece, picture, ({ corners: _, ...p }) => (corners ? { ...p, corners } : p));

/** A photograph with something white or grey in it told; without, none is known. */
export const withNeutral = (piece: Piece, picture: string, neutral: Photograph['neutral']): Piece =>
  changePhotograph(piece, picture, ({ neutral: _, ...p }) => (neutral ? { ...p, neutral } : p));

/** What a photograph has lists of: places put right, cells put right, things pointed at. */
type List = 'told' | 'cells' | 'marks';
type One<L extends List> = NonNullable<Photograph[L]>[number];
/** No list holds more than the schema lets it: the oldest go. */
const MOST_LISTED = 40;

/** Puts one more into a photograph's list, and takes the nth out of it again; an empty list is none. */
const listed = <L extends List>(list: L) => ({
  with: (piece: Piece, picture: string, one: One<L>): Piece =>
    changePhotograph(piece, picture, (p) => ({
      ...p,
      [list]: [...(p[list] ?? []), one].slice(-MOST_LISTED),
    })),
  without: (piece: Piece, picture: string, nth: number): Piece =>
    changePhotograph(piece, picture, (p) => {
      const changed = { ...p };
      const left = (p[list] ?? []).filter((_, i) => i !== nth);
      if (left.length > 0) changed[list] = left as Photograph[L];
      else delete changed[list];
      return changed;
    }),
});

export const { with: withTold, without: withoutTold } = listed('told');
export const { with: withCell, without: withoutCell } = listed('cells');
export const { with: withMark, without: withoutMark } = listed('marks');
