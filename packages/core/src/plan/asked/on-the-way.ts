import { setsPerS } from '../../schedule';
import { pathLengthMm } from '../../surface/path';
import { secondsOf, verbOf, wayOf } from '../../verb';
import type { Brief } from '../brief/brief';
import { roomOf } from '../document/room';
import type { Plan } from '../document/schema';

/** What a move takes of cups and pots, mL, all pieces together. */
export const takenMl = ({ run }: Pick<Brief, 'run'>, move: string): number =>
  run.find((step) => step.move === move)?.takes.reduce((sum, { ml }) => sum + ml, 0) ?? 0;

/** What a move that lays paint along a way lays on each centimetre of it, mL, on one piece; undefined for every other. */
export function mlPerCm(plan: Plan, brief: Brief, index: number): number | undefined {
  const [move, step] = [plan.moves[index], brief.run[index]];
  const way = move && wayOf(move);
  if (!way || !step) return undefined;
  const ml = takenMl(brief, step.move) / Math.max(1, step.times);
  const cm = pathLengthMm(way.path) / 10;
  return ml > 0 && cm > 0 ? ml / cm : undefined;
}

/** How long the first paint of one piece lies before the last hand is laid on it, s, and how many times as thick it is by then. */
export function wetFor(
  plan: Plan,
  { factors }: Brief,
): { readonly s: number; readonly times: number } | undefined {
  const one = plan.moves.filter(({ piece = 1 }) => piece === 1);
  const dries = one.findIndex((m) => verbOf(m).setsFilm);
  const wet = dries < 0 ? one : one.slice(0, dries);
  const first = wet.findIndex((m) => verbOf(m).draws || verbOf(m).empties);
  const last = wet.map((m) => verbOf(m).does && !verbOf(m).waits).lastIndexOf(true);
  if (first < 0 || last <= first) return undefined;
  const s = wet
    .slice(first, last + 1)
    .reduce(
      (sum, m) => (m.with === undefined ? sum + secondsOf(m) + (verbOf(m).standsS?.(m) ?? 0) : sum),
      0,
    );
  return { s, times: Math.exp(s * setsPerS(roomOf(plan), factors)) };
}
