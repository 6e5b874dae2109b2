/** How a surface lies on the board: px a mm, and where its upper left corner is. */
export interface BoardView {
  readonly left: number;
  readonly top: number;
  readonly scale: number;
}

interface Room {
  readonly width: number;
  readonly height: number;
}

type Px = readonly [number, number];

/** Round the surface there is room for a hand that begins or ends beside it, px. */
const BESIDE_PX = 28;
/** It is drawn out no farther than this many times. */
const MOST_ZOOM = 12;

/** The whole surface in the middle of the room there is. */
export function fitted(
  { width, height }: Room,
  face: { readonly widthMm: number; readonly heightMm: number },
  besidePx = BESIDE_PX,
): BoardView {
  const scale = Math.max(
    0.01,
    Math.min((width - 2 * besidePx) / face.widthMm, (height - 2 * besidePx) / face.heightMm),
  );
  return {
    left: (width - face.widthMm * scale) / 2,
    top: (height - face.heightMm * scale) / 2,
    scale,
  };
}

export const toMm = ({ left, top, scale }: BoardView, [x, y]: Px): [number, number] => [
  (x - left) / scale,
  (y - top) / scale,
];

export const toPx = ({ left, top, scale }: BoardView, [x, y]: Px): [number, number] => [
  left + x * scale,
  top + y * scale,
];

/** Drawn out or in about a place on the board that stays where it is, never smaller than the whole. */
export function zoomed(view: BoardView, whole: BoardView, by: number, [x, y]: Px): BoardView {
  const scale = Math.min(MOST_ZOOM * whole.scale, Math.max(whole.scale, view.scale * by));
  if (scale === whole.scale) return whole;
  const k = scale / view.scale;
  return { left: x - (x - view.left) * k, top: y - (y - view.top) * k, scale };
}

/** Pushed along; where the whole is in sight it stays in the middle. */
export const panned = (view: BoardView, whole: BoardView, [dx, dy]: Px): BoardView =>
  view.scale === whole.scale ? whole : { ...view, left: view.left + dx, top: view.top + dy };
