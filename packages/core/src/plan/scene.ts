import { outletOf } from '../cup/outlets';
import { strataOf } from '../cup/strata';
import type { Palette } from '../flow/colour';
import type { PourScene, Primitive } from '../flow/primitive';
import { openBook } from '../material/book';
import { mixTint } from '../mix/opacity';
import { makeRecipe } from '../mix/recipe';
import { hexToSpectrum } from '../optics/spectrum';
import { shapeOf } from '../surface/measure';
import { verbOf } from '../verb/move';
import type { FlowScene } from '../verb/verb';
import type { Brief } from './brief';
import type { Plan } from './schema';

/** A plan as the preview needs it: what flows, what colours it has, and what it weighs. */
export interface Preview {
  readonly scene: PourScene;
  readonly palette: Palette;
  /** Mean density of all that is poured, g/mL. */
  readonly densityGPerMl: number;
}

/**
 * What a plan's moves do to the film of one piece, up to where it is left to dry. Moves of other pieces of a set are left out.
 * The viscosity is one for the whole pour: the mean of what is poured, by volume and logarithm.
 */
export function previewOf(plan: Plan, brief: Brief, seed = plan.seed ?? 1): Preview {
  const shape = shapeOf(plan.surface.shape);
  const bounds = shape.bounds(plan.surface.shape);
  const first: Plan['moves'][number][] = [];
  for (const move of plan.moves) {
    if (verbOf(move).setsFilm) break;
    if ((move.piece ?? 1) === 1) first.push(move);
  }
  const cup: FlowScene['cup'] = (id) => {
    const loaded = brief.cups.find((c) => c.id === id);
    const own = plan.cups.find((c) => c.id === id);
    if (!loaded || !own) return undefined;
    const { strata, stir } = strataOf(loaded);
    return { vessel: own.vessel, stir, outlet: outletOf(loaded.outlet), layers: strata };
  };
  const compile = (nu: number): Primitive[] =>
    first.flatMap((move) => {
      const verb = verbOf(move);
      return verb.flows?.({ ...move, s: move.s ?? verb.usualS }, { cup, nu }) ?? [];
    });

  const areaCm2 = brief.surface.areaCm2 / brief.surface.pieces;
  const poured = new Map<string, number>();
  for (const p of compile(1e-3)) {
    if (p.kind === 'overlay') add(p.mix, (p.filmMm * areaCm2) / 10);
    if (p.kind === 'stream') for (const { mix, ml } of p.strata) add(mix, ml);
  }
  function add(mix: string, ml: number): void {
    poured.set(mix, (poured.get(mix) ?? 0) + ml);
  }
  const { nu, densityGPerMl } = meanOf(poured, brief);
  return {
    scene: {
      ...bounds,
      rings: shape.rings(plan.surface.shape),
      reachesMm: shape.reaches(plan.surface.shape),
      raisedRim: plan.surface.rim.kind === 'raised',
      nu,
      primitives: compile(nu),
      seed,
    },
    palette: paletteOf(plan),
    densityGPerMl,
  };
}

/** Mean of what is poured: ln μ by volume (Arrhenius; Grunberg and Nissan 1949 without interaction), density by volume. */
function meanOf(poured: ReadonlyMap<string, number>, brief: Brief) {
  let ml = 0;
  let g = 0;
  let logMu = 0;
  for (const [mix, volume] of poured) {
    const made = brief.mixes.find((m) => m.id === mix);
    if (!made) continue;
    ml += volume;
    g += volume * made.densityGPerMl;
    logMu += volume * Math.log(made.viscosityPaS);
  }
  // Nothing poured: water would do, for nothing flows.
  if (ml <= 0) return { nu: 1e-3, densityGPerMl: 1 };
  const densityGPerMl = g / ml;
  // 1 g/mL = 1000 kg/m³.
  return { nu: Math.exp(logMu / ml) / (1000 * densityGPerMl), densityGPerMl };
}

/** Every mix as a film, and the ground it lies on. */
export function paletteOf(plan: Plan): Palette {
  const book = openBook(plan.materials ?? [], plan.mediums ?? []);
  const paints = new Map(plan.paints.map((p) => [p.id, p]));
  const paintOf = (id: string) => {
    const paint = paints.get(id);
    if (!paint) throw new RangeError(`no paint "${id}"`);
    return paint;
  };
  return {
    inks: Object.fromEntries(
      plan.mixes.map((mix) => {
        const { q, s } = mixTint(makeRecipe(mix, paintOf, book), paintOf);
        return [mix.id, { q, s }];
      }),
    ),
    ground: hexToSpectrum(plan.surface.ground.hex),
  };
}
