import { FIELD_KINDS } from '../field/kind';
import type { Point } from '../surface/path';
import { toward } from './mark/define';
import { type Move, verbOf } from './move';

/** A place a move may be taken hold of on the surface. */
export interface Handle {
  /** What parts it from the move's others. */
  readonly id: string;
  readonly label: string;
  readonly atMm: Point;
}

interface Face {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Figures of a drawing are whole degrees and tenths of a mm. */
const tenth = (mm: number): number => Math.round(10 * mm) / 10;

/** What the arrow and the rim of a move are taken hold of by; a field's handles go by the field and a number. */
export const TIP = 'aim';
const RIM = 'reach';

const valueOf = (move: Move, field: string): unknown =>
  (move as unknown as Readonly<Record<string, unknown>>)[field];

/** Every place a move may be taken hold of, on a face of this size. */
export function handlesOf(move: Move, face: Face): readonly Handle[] {
  const { fields, aim, reach } = verbOf(move);
  const own = Object.entries(fields).flatMap(([name, field]): Handle[] => {
    const value = valueOf(move, name);
    const holds =
      value === undefined ? [] : (FIELD_KINDS[field.kind].handles?.(value, field) ?? []);
    return holds.map(({ label, atMm }, k) => ({ id: `${name} ${k}`, label, atMm }));
  });
  const arrow = aim?.of(move, face);
  const rim = reach?.of(move);
  return [
    ...own,
    ...(aim && arrow
      ? [{ id: TIP, label: aim.label, atMm: toward(arrow.fromMm, arrow.deg, arrow.mm) }]
      : []),
    ...(reach && rim
      ? [{ id: RIM, label: reach.label, atMm: toward(rim.aboutMm, rim.deg, rim.mm) }]
      : []),
  ];
}

/** The move with one of its handles drawn to another place; it gives way toward that as far as its figures allow. */
export function heldTo(move: Move, handle: string, to: Point, face: Face): Move {
  const { fields, aim, reach } = verbOf(move);
  const at: [number, number] = [tenth(to[0]), tenth(to[1])];
  if (handle === TIP) {
    const arrow = aim?.of(move, face);
    if (!aim || !arrow) return move;
    const [dx, dy] = [at[0] - arrow.fromMm[0], at[1] - arrow.fromMm[1]];
    const deg = Math.round((Math.atan2(dy, dx) * 180) / Math.PI);
    return { ...move, ...aim.to(move, deg, tenth(Math.hypot(dx, dy))) } as Move;
  }
  if (handle === RIM) {
    const rim = reach?.of(move);
    if (!reach || !rim) return move;
    return {
      ...move,
      ...reach.to(move, tenth(Math.hypot(at[0] - rim.aboutMm[0], at[1] - rim.aboutMm[1]))),
    } as Move;
  }
  const [name, k] = handle.split(' ') as [string, string];
  const field = fields[name];
  const value = valueOf(move, name);
  const held = field && FIELD_KINDS[field.kind].held?.(value, Number(k), at);
  return held === undefined ? move : ({ ...move, [name]: held } as Move);
}
