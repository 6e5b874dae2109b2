import { PIGMENTS, type Pigment } from './pigment';
import type { Body, Finish, Paint } from './schema';

/** Used where neither the paint nor its pigments say, from the darkest masstone to the palest: as opaque pigments of the table lie (estimate). */
const DARK_MIX_WEIGHT = 0.4;
const PALE_MIX_WEIGHT = 0.95;
/** Between organics (1.05) and earths (1.3) of the pigment table; the artist's own weighing corrects it. */
const USUAL_DENSITY = 1.15;

const byCode = new Map<string, Pigment>();
for (const p of PIGMENTS) if (!byCode.has(p.ci)) byCode.set(p.ci, p);

function pigmentsOf(paint: Paint): readonly Pigment[] {
  const codes = paint.pigments ?? [];
  const whole = byCode.get(codes.join('+'));
  if (whole) return [whole];
  return codes.flatMap((code) => byCode.get(code) ?? []);
}

const mean = (values: readonly number[], otherwise: number): number =>
  values.length === 0 ? otherwise : values.reduce((sum, v) => sum + v, 0) / values.length;

/**
 * What a figure in a blend is worth by hiding reserve: σ is scatter, and transparent pigments have
 * little of it. (Tuned by the mixes of the craft, `optics/craft-mixes.test-data.ts`.)
 */
const SCATTERS: readonly (readonly [reserve: number, share: number])[] = [
  [0.11, 0.2],
  [0.2, 0.4],
  [0.35, 0.7],
  [1.1, 1],
];

/** From so light a masstone on nothing is taken off, from so dark a one on all of it: it is the dark transparents that swamp the lights. */
const LIGHT = 0.6;
const DARK = 0.35;

const scatters = (hex: string, reserve: number): number => {
  const dark = Math.min(1, Math.max(0, (LIGHT - lightOf(hex)) / (LIGHT - DARK)));
  return 1 - dark * (1 - scattersAt(reserve));
};

/** Between those, straight in the logarithm of the reserve; beyond them as at the ends. */
function scattersAt(reserve: number): number {
  const at = SCATTERS.findIndex(([r]) => reserve < r);
  if (at === 0) return SCATTERS[0]![1];
  if (at < 0) return SCATTERS.at(-1)![1];
  const [[from, low], [to, high]] = [SCATTERS[at - 1]!, SCATTERS[at]!];
  return low + ((high - low) * Math.log(reserve / from)) / Math.log(to / from);
}

/**
 * How strongly a paint pulls a blend, relative to titanium white = 1 (the σ of two-constant mixing): its pigments', else by how light and how
 * opaque it is.
 * @param reserve its own hiding reserve
 */
export const mixWeightOf = (paint: Paint, reserve: number): number =>
  mean(
    pigmentsOf(paint).map((p) => p.mixWeight * (p.scatters ?? scatters(p.hex, p.hidingReserve))),
    (DARK_MIX_WEIGHT + (PALE_MIX_WEIGHT - DARK_MIX_WEIGHT) * lightOf(paint.hex)) *
      scatters(paint.hex, reserve),
  );

/** Density of the paint as it comes, g/mL: the paint's own figure, else its pigments', else a usual one. */
export const densityOf = (paint: Paint): number =>
  paint.densityGPerMl ??
  mean(
    pigmentsOf(paint).map((p) => p.densityGPerMl),
    USUAL_DENSITY,
  );

const BODY_PA_S: Readonly<Record<Body, number>> = {
  heavy: 20,
  soft: 5,
  craft: 3,
  ready: 1.2,
  fluid: 0.8,
};
/** Mica stiffens a tube paint: heavy and soft metallics both come near this. */
const METALLIC_PA_S = 10;

/** Nominal viscosity, Pa·s. Orders of magnitude from memory, chosen so that the handbook's recipes land where it says. */
export function viscosityOf(paint: Paint): number {
  const tube = paint.body === 'heavy' || paint.body === 'soft';
  return tube && isMetallic(paint.finish) ? METALLIC_PA_S : BODY_PA_S[paint.body];
}

/** What shimmers: mica of any kind sinks and vanishes alike where it is poured too thin. */
export const isMetallic = (finish: Finish): boolean =>
  finish === 'metallic' || finish === 'pearl' || finish === 'interference';

/** Whether a blend of it comes out as computed: what shimmers, turns with the light or glows does not. */
export const blendsTrue = ({ finish }: Paint): boolean => !isMetallic(finish) && finish !== 'neon';

/** Craft paints are filled with chalk; only the pale ones show it (estimate). */
const isChalky = (paint: Paint): boolean =>
  (paint.pigments ?? []).includes('PW18') || (paint.body === 'craft' && lightOf(paint.hex) > 0.75);

/** Mean of a colour's channels, 0..1: enough to tell a pale paint from a dark one. */
const lightOf = (hex: string): number =>
  [1, 3, 5].reduce((sum, i) => sum + parseInt(hex.slice(i, i + 2), 16), 0) / (3 * 255);

/** What the computed colour of such a paint cannot show; said wherever its chip is judged. */
export function notModelled(paint: Paint): string | undefined {
  switch (paint.finish) {
    case 'metallic':
      return 'The shimmer is not drawn, only its middle tone; thinned too far, it vanishes.';
    case 'pearl':
    case 'interference':
      return 'Its colour turns with the light; the chip shows one angle. It wants a dark ground under it.';
    case 'neon':
      return 'Brighter in daylight than any screen can show, and dull over dark.';
    default:
      return isChalky(paint)
        ? 'It dries chalky, paler and flatter than it is drawn here.'
        : undefined;
  }
}
