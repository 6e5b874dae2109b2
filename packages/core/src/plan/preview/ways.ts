import { actOf } from '../../flow/act';
import { doneBy, type Hand, offBy, thicker } from '../../flow/hand';
import { type Outcome, runOffMl } from '../../flow/outcome';
import { ordinal } from '../../quantity/ordinal';
import { verbOf } from '../../verb';
import type { Brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { type Preview, previewOf } from './preview';

/**
 * Pours that are shown as ways a plan may turn out. Of nine drawn alike the least and the most of a figure have four in five of all others
 * between them on average: (n − 1)/(n + 1) (order statistics; David and Nagaraja 2003, from memory).
 */
export const WAYS = 9;

/** A hand, as this plan's factors have it, with its scale. */
function handOf(plan: Plan, { factors }: Brief, densityGPerMl: number): Hand {
  return {
    thickness: factors['thickness-varies'],
    angleDeg: factors['angle-varies'],
    directionDeg: factors['direction-varies'],
    placeMm: factors['place-varies'],
    time: factors['time-varies'],
    weighedMl: plan.budget.stepG / 2 / densityGPerMl,
  };
}

/** One way a plan may turn out: the same plan, done by the hand another time. */
export const wayOf = (plan: Plan, brief: Brief, nth: number): Preview => {
  const preview = previewOf(plan, brief);
  const hand = handOf(plan, brief, preview.densityGPerMl);
  const seed = (plan.seed ?? 1) + NEXT * (nth + 1);
  return {
    ...preview,
    scene: { ...doneBy(preview.scene, hand, seed), seed },
    over: preview.over.map((one) => {
      const luck = seed + one.stage;
      return { ...one, scene: { ...doneBy(one.scene, hand, luck), seed: luck } };
    }),
  };
};

/** Sets one way's chances off from the next one's. */
const NEXT = 1013;

/** The plan with one thing off by as much as it usually is. */
export interface Trial {
  /** What is off, as a sentence's beginning: "The second tilt". */
  readonly says: string;
  readonly preview: Preview;
}

/** What may be off, one thing at a time: how thick the paint is, then move by move. */
export function trialsOf(plan: Plan, brief: Brief): readonly Trial[] {
  const preview = previewOf(plan, brief);
  const { scene, moves } = preview;
  const hand = handOf(plan, brief, preview.densityGPerMl);
  const trials: Trial[] = [
    { says: 'How thick the paint is', preview: { ...preview, scene: thicker(scene, hand) } },
  ];
  const titles = plan.moves.map((move) => verbOf(move).title);
  plan.moves.forEach((move, n) => {
    const own = (act: number) => moves[act] === move.id;
    const strays = scene.acts.some(
      (act, i) => own(i) && actOf(act).strays !== undefined && !actOf(act).still,
    );
    if (!strays) return;
    const title = titles[n]!;
    const alike = titles.filter((t) => t === title).length;
    const nth = titles.slice(0, n + 1).filter((t) => t === title).length;
    const name = title.toLowerCase();
    trials.push({
      says: alike > 1 ? `The ${ordinal(nth)} ${name}` : `The ${name}`,
      preview: { ...preview, scene: offBy(scene, hand, own) },
    });
  });
  return trials;
}

/** A figure of several pours: its least, its middle and its most. */
export interface Range {
  readonly least: number;
  readonly middle: number;
  readonly most: number;
}

/** Figures of how a plan may turn out, over its ways. */
export interface Spread {
  readonly covered: Range;
  /** Over all sides, mL. */
  readonly runOffMl: Range;
  readonly meanMm: Range;
  readonly thickestMm: Range;
  /** What part of the face is cells; of each mix, of what is seen. */
  readonly cells: Range;
  readonly shows: Readonly<Record<string, Range>>;
}

/** @throws RangeError for none */
export function spreadOf(outcomes: readonly Outcome[]): Spread {
  if (outcomes.length === 0) throw new RangeError('there is no outcome to tell the spread of');
  const range = (of: (outcome: Outcome) => number): Range => {
    const sorted = outcomes.map(of).sort((a, b) => a - b);
    return {
      least: sorted[0]!,
      middle: sorted[sorted.length >> 1]!,
      most: sorted.at(-1)!,
    };
  };
  return {
    covered: range((o) => o.coveredShare),
    runOffMl: range(runOffMl),
    meanMm: range((o) => o.film.meanMm),
    thickestMm: range((o) => o.film.thickestMm),
    cells: range((o) => o.cells?.share ?? 0),
    shows: Object.fromEntries(
      Object.keys(outcomes[0]!.shows).map((mix) => [mix, range((o) => o.shows[mix] ?? 0)]),
    ),
  };
}

/** What of a pour a hand may change, and from what change on it is worth a word. */
const JUDGED = [
  { says: 'the cover', of: (o: Outcome) => o.coveredShare, from: 0.005 },
  { says: 'how much runs off', of: runOffMl, from: 3 },
  { says: 'how thick the film stays', of: (o: Outcome) => o.film.meanMm, from: 0.05 },
  { says: 'the cells', of: (o: Outcome) => o.cells?.share ?? 0, from: 0.01 },
] as const;

/** Ahead of the next by so much one thing decides; else the two do it together. */
const AHEAD = 1.3;

/** Which thing decides what, in words, from a pour as planned and what became of it with one thing off. */
export function deciders(
  planned: Outcome,
  tried: readonly { readonly says: string; readonly outcome: Outcome }[],
): readonly string[] {
  return JUDGED.flatMap(({ says, of, from }) => {
    const effects = tried
      .map((trial) => ({ says: trial.says, by: Math.abs(of(trial.outcome) - of(planned)) }))
      .sort((a, b) => b.by - a.by);
    const [first, second] = effects;
    if (!first || first.by < from) return [];
    if (!second || first.by >= AHEAD * second.by) return [`${first.says} decides ${says}.`];
    return [
      `${first.says} and ${second.says[0]!.toLowerCase()}${second.says.slice(1)} decide ${says}.`,
    ];
  });
}
