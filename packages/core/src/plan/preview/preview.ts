import { birthsKey } from '../../flow/births-key';
import type { CellAsk } from '../../flow/cell';
import type { Dot } from '../../flow/dots';
import type { Palette } from '../../flow/films';
import type { PourAsk } from '../../flow/job';
import type { Stands } from '../../flow/layers';
import type { Over } from '../../flow/over';
import type { PourScene } from '../../flow/scene';
import { mixesOf } from '../../flow/strata';
import { shapeOf } from '../../surface/measure';
import { keepLedger, verbOf } from '../../verb';
import type { Factors } from '../../factor';
import type { Brief } from '../brief/brief';
import { tableOf, verbScene } from '../brief/table';
import { setsPerS, stagesOf } from '../../schedule';
import { makeupsOf } from './makeup';
import { pouredViscosity } from './poured-viscosity';
import type { Mix } from '../../mix/schema';
import { isMetallic } from '../../paint/property';
import { type OpenPlan, openPlan } from '../document/open';
import { roomOf } from '../document/room';
import type { Plan } from '../document/schema';

/** A plan as the preview needs it: what flows, what colours it has, and what it weighs. */
export interface Preview {
  readonly scene: PourScene;
  readonly palette: Palette;
  readonly opens: CellAsk;
  /** What is set on it once it has dried, move by move in order. */
  readonly dots: readonly { readonly move: string; readonly dots: readonly Dot[] }[];
  /** What is poured on it once it has dried, and the moves its acts are of. */
  readonly over: readonly (Over & Pick<Preview, 'moves'>)[];
  /** The move each act of the scene is of, by its id. */
  readonly moves: readonly string[];
  /** Mean density of all that is poured, g/mL. */
  readonly densityGPerMl: number;
}

/**
 * What a plan's moves do to the film of one piece, up to where it is left to dry. Moves of other pieces of a set are left out.
 * Every mix is as thick as its own tests and the room have it.
 */
export function previewOf(plan: Plan, brief: Brief, seed = plan.seed ?? 1): Preview {
  const { shape, rim } = plan.surface;
  const definition = shapeOf(shape);
  const open = openPlan(plan);
  const ledger = keepLedger(plan.moves, {
    ...tableOf(open, brief.surface, brief.budget, brief.cups, brief.factors),
    viscosityOf: pouredViscosity(plan, brief),
  });
  const { densityGPerMl, moves, ...flow } = ledger.flow();
  const face = {
    ...definition.bounds(shape),
    rings: definition.rings(shape),
    reachesMm: definition.reaches(shape),
    ...(definition.limbs ? { limbs: definition.limbs(shape) } : {}),
    ...(rim.kind === 'raised' ? { rimMm: rim.heightMm } : {}),
    ...(brief.surface.edgeCm2 > 0
      ? {
          edge: { depthMm: plan.surface.edgeDepthMm, filmMm: brief.factors['edge-film'] },
        }
      : {}),
    holds: {
      frontMm: brief.factors['front-stops'],
      edgeMm: brief.factors['edge-holds'],
      wetEdgeShare: brief.factors['wet-edge-holds'],
    },
    setsPerS: setsPerS(roomOf(plan), brief.factors),
    stands: standsAt(densityGPerMl, brief.factors),
  };
  const dots = dotsOf(plan);
  const stages = stagesOf(plan);
  return {
    scene: {
      ...face,
      ...(plan.surface.absorbency === 'raw' ? { drinksMm: brief.factors['ground-drinks'] } : {}),
      ...flow,
      seed,
    },
    palette: paletteOf(plan),
    dots,
    over: ledger.flowsAgain.flatMap((dryings) => {
      const { densityGPerMl: _, moves: later, ...flows } = ledger.flow(dryings);
      // A flame or a tilt moves nothing that has dried.
      if (mixesOf(flows).length === 0) return [];
      const begins = plan.moves.findIndex(({ id }) => id === later[0]);
      const under = plan.moves.slice(0, Math.max(0, begins)).map(({ id }) => id);
      return {
        stage: stages.findIndex((stage) => stage.moves.some(({ id }) => id === later[0])),
        // Another hand's luck than the first pour's; paint that has dried drinks nothing.
        scene: { ...face, ...flows, seed: seed + dryings },
        dots: dots.filter(({ move }) => under.includes(move)).length,
        moves: later,
      };
    }),
    opens: { makeups: makeupsOf(open), factors: brief.factors },
    moves,
    densityGPerMl,
  };
}

/** From how thick paint of this density keeps a shape, and how well, of what is told in Pa·s and Pa. */
const standsAt = (densityGPerMl: number, factors: Factors): Stands => ({
  fromNu: factors['stands-from'] / (1000 * densityGPerMl),
  perS: factors['stands-by'],
});

/** What a job is asked of a preview: as much of it as it needs. */
export const pourAskOf = ({
  scene,
  palette,
  opens,
  over,
  dots,
}: Preview): Required<Pick<PourAsk, 'scene' | 'palette' | 'opens' | 'over' | 'dots'>> => ({
  scene,
  palette,
  opens,
  over,
  dots: dots.map((move) => move.dots),
});

/** Dots of the moves after the first drying; of another piece's, none. */
function dotsOf(plan: Plan): Preview['dots'] {
  const dries = plan.moves.findIndex((m) => verbOf(m).setsFilm);
  if (dries < 0) return [];
  const scene = verbScene(plan);
  return plan.moves.slice(dries).flatMap((move) => {
    const dots = (move.piece ?? 1) === 1 ? verbOf(move).dots?.(move, scene) : undefined;
    return dots ? [{ move: move.id, dots }] : [];
  });
}

/** Every mix as a film, and the ground it lies on. */
export function paletteOf(plan: Plan): Palette {
  const open = openPlan(plan);
  return {
    inks: Object.fromEntries(
      plan.mixes.map((mix) => {
        const { id } = mix;
        const { q, s } = open.tint(id);
        const shimmer = shimmerOf(mix, open);
        return [id, { q, s, ...(shimmer > 0 ? { shimmer } : {}) }];
      }),
    ),
    ground: open.ground,
  };
}

/** What part of a mix's paint is flakes. */
function shimmerOf({ paints }: Mix, { paint }: OpenPlan): number {
  const whole = paints.reduce((sum, p) => sum + p.parts, 0);
  const flakes = paints.reduce(
    (sum, p) => sum + (isMetallic(paint(p.paint).finish) ? p.parts : 0),
    0,
  );
  return whole > 0 ? flakes / whole : 0;
}

const keys = new WeakMap<Preview, string>();

/** A text that is the same for two previews exactly where their pictures, but for how these are looked at, and their outcomes are. */
export function previewKey(preview: Preview): string {
  const known = keys.get(preview);
  if (known !== undefined) return known;
  const { scene, palette, opens, over, dots } = preview;
  const inks = Object.entries(palette.inks).map(([mix, { q, ...ink }]) => [mix, [...q], ink]);
  const key = JSON.stringify([
    birthsKey(scene),
    mixesOf(scene),
    inks,
    [...palette.ground],
    opens,
    dots,
    ...over.map(({ scene: later, dots: under }) => [birthsKey(later), mixesOf(later), under]),
  ]);
  keys.set(preview, key);
  return key;
}
