import { type Act, actOf } from './act';
import type { UnderWay } from './act/define';
import { frames } from './frames';
import type { Drive } from './grid';
import type { Span } from './span';
import type { Step } from './step';

/** Acts by their number in a scene, one after the other. */
export type Lane = readonly number[];

/** A scene's acts as they follow one another: turn by turn, and in a turn lanes that begin together. */
export function turnsOf(
  acts: readonly Act[],
  turns: readonly (readonly number[])[] = acts.map(() => [1]),
): readonly (readonly Lane[])[] {
  let next = 0;
  return turns.map((lanes) => lanes.map((length) => Array.from({ length }, () => next++)));
}

/** How far a lane has come: the act under way, where that takes time, and for how long already. */
interface Head {
  readonly lane: Lane;
  at: number;
  span?: Span | undefined;
  doneS: number;
}

/**
 * Carries out the lanes of one turn side by side. What happens at once happens when its lane comes to it; what takes time goes on
 * beside what the others do, up to where the next of them ends.
 */
export function* sideBySide(
  acts: readonly Act[],
  lanes: readonly Lane[],
  under: Omit<UnderWay, 'source'> & { source: number },
): Generator<Step, void> {
  const heads = lanes.map((lane): Head => ({ lane, at: 0, doneS: 0 }));
  for (;;) {
    for (const head of heads) yield* toNextSpan(acts, head, under);
    const going = heads.flatMap(({ span, doneS }) => (span ? [{ span, fromS: doneS }] : []));
    if (going.length === 0) return;
    const s = Math.min(...going.map(({ span, fromS }) => span.s - fromS));
    yield* frames(under, going.length === 1 ? later(going[0]!, s) : summed(going, s));
    for (const head of heads) {
      if (!head.span) continue;
      head.doneS += s;
      if (head.doneS < head.span.s - 1e-6) continue;
      head.span.ends?.();
      head.span = undefined;
      head.doneS = 0;
      head.at++;
    }
  }
}

/** Goes through what happens at once, up to the next act that takes time. */
function* toNextSpan(
  acts: readonly Act[],
  head: Head,
  under: Parameters<typeof sideBySide>[2],
): Generator<Step, void> {
  while (!head.span && head.at < head.lane.length) {
    const source = head.lane[head.at]!;
    const act = acts[source]!;
    const { run, span } = actOf(act);
    Object.assign(under, { source });
    if (span) {
      head.span = span(act, under);
      if (head.span.s > 1e-6) return;
      head.span = undefined;
    } else for (const step of run(act, under)) yield { ...step, source };
    head.at++;
  }
}

/** A stretch of a span. */
interface Part {
  readonly span: Span;
  readonly fromS: number;
}

/** A stretch of one span as a span of its own. */
function later({ span, fromS }: Part, s: number): Span {
  if (fromS === 0) return span;
  const { driveAt, longestS, forces, pours } = span;
  return {
    s,
    felt: span.felt,
    driveAt: (t) => driveAt(fromS + t),
    ...(longestS ? { longestS: (t) => longestS(fromS + t) } : {}),
    ...(forces ? { forces: (t, seconds) => forces(fromS + t, seconds) } : {}),
    ...(pours
      ? {
          pours: pours.map((p) => ({
            ...p,
            untilS: p.untilS - fromS,
            nuAt: (t) => p.nuAt(fromS + t),
            leastSteps: (t, seconds) => p.leastSteps(fromS + t, seconds),
            sweepsS: (t) => p.sweepsS(fromS + t),
            spotsAt: (t) => p.spotsAt(fromS + t),
            feed: (t, seconds) => p.feed(fromS + t, seconds),
          })),
        }
      : {}),
  };
}

/** Stretches as long as each other as one: their drives and forces add up, and all of their paint arrives. */
function summed(parts: readonly Part[], s: number): Span {
  const spans = parts.map((part) => later(part, s));
  const forces = spans.flatMap((span) => span.forces ?? []);
  return {
    s,
    felt: spans.reduce((sum, span) => sum + span.felt, 0),
    driveAt: (t) => spans.map((span) => span.driveAt(t)).reduce(both),
    longestS: (t) => Math.min(...spans.map((span) => span.longestS?.(t) ?? Infinity)),
    ...(forces.length > 0
      ? { forces: (t: number, seconds: number) => forces.forEach((f) => f(t, seconds)) }
      : {}),
    pours: spans.flatMap((span) => span.pours ?? []),
  };
}

/** Two tilts at once pull together; what presses the film down is what the steeper leaves of it. */
const both = (one: Drive, other: Drive): Drive => ({
  ...one,
  gx: one.gx + other.gx,
  gy: one.gy + other.gy,
  gz: Math.min(one.gz, other.gz),
  ...(one.fields || other.fields ? { fields: true } : {}),
  ...(one.sheared || other.sheared ? { sheared: true } : {}),
});
