import type { Budget } from '../../budget/schema';
import { SCHOOLS } from '../../budget/school';
import { LEAN_ML_PER_CM2 } from '../../budget/school/lean';
import type { Cup, Layer } from '../../cup/schema';
import { deltaE2000 } from '../../optics/delta-e';
import { hexToLab } from '../../optics/lab';
import { palestOf } from '../../optics/palest';
import { arrange, type OrderWish } from '../../order/arrange';
import type { Paint } from '../../paint/schema';
import { limbsOf, measureSurface, shapeOf } from '../../surface/measure';
import type { Limb } from '../../surface/shape/shape';
import { covers } from '../../surface/outline/covers';
import { lengthOfLine } from '../../surface/path';
import type { Surface } from '../../surface/schema';
import { fillableMl } from '../../vessel/frustum';
import { CUPS, JUGS, type LibraryVessel, VESSELS, vesselOf } from '../../vessel/library';
import type { AnyTechnique, Needs, Pin } from '../../technique';

/** Layers as a way of loading wants them: side by side each has its own direction, evenly round; otherwise they go down the wall. */
export const loadedAs = (loading: NonNullable<Cup['loading']>, layers: readonly Layer[]): Layer[] =>
  layers.map((layer, i, all): Layer => {
    if (loading === 'side')
      return {
        ...layer,
        placement: 'side',
        sideDeg: layer.sideDeg ?? Math.round((360 * i) / all.length),
      };
    const { sideDeg: _, ...plain } = layer;
    return layer.placement === 'side' ? { ...plain, placement: 'wall' } : layer;
  });

/** A colour that goes into cups: its mix, and what that weighs. */
export interface CupColour {
  readonly mix: string;
  readonly gPerMl: number;
}

/** Few colours go in twice, so that there is a picture to stretch; the palest also closes the cup. */
export function startingCups(
  surface: Surface,
  paints: readonly Paint[],
  mixes: readonly CupColour[],
  budget: Budget,
  needs: Needs,
  pins: AnyTechnique['pins'],
): Cup[] {
  const hexes = paints.map((p) => p.hex);
  const pale = paints.indexOf(palestOf(paints, (p) => p.hex)!);
  const rounds = paints.length === 1 ? 1 : paints.length <= 4 ? 2 : 1;
  // What begins a cup also ends it.
  const closes = pins.first === pins.last && needs.loading === 'layered' && paints.length > 1;
  const counts = paints.map((_, i) => rounds + (closes && i === pale ? 1 : 0));
  const ordered = (wish: OrderWish, times: readonly number[]) =>
    paints.length > MOST_ORDERED ? undefined : arrange(hexes, times, wish)?.layers;
  const order = (
    ordered({ school: 'contrast', ...(closes ? { first: pale, last: pale } : {}) }, counts) ??
    ordered(
      { school: 'contrast' },
      paints.map(() => 1),
    ) ??
    paints.map((_, colour) => ({ colour }))
  ).map((l) => l.colour);
  const layers = loadedAs(
    needs.loading,
    order.map((i) => layerOf(mixes[i]?.mix ?? '')),
  );

  const measure = measureSurface(surface);
  const asked = SCHOOLS[budget.school].colours(measure, budget);
  // The brief reckons exactly; this only picks the cup, which has to take it if all of it is the lightest.
  const lightest = Math.min(...mixes.map((mix) => mix.gPerMl));
  const colourMl =
    ('ml' in asked ? asked.ml : Math.max(asked.g / lightest, measure.areaCm2 * LEAN_ML_PER_CM2)) *
    (budget.part ?? 1) *
    (1 + budget.insurance);
  const perPiece = (colourMl / measure.pieces) * 1.03;
  const own = VESSELS.find((v) => v.id === needs.vessel);
  const fitting = (ml: number, from: readonly LibraryVessel[] = CUPS): LibraryVessel => {
    const vessel = own ?? smallestFor(ml, from);
    return needs.outlet === undefined ? vessel : { ...vessel, outlet: needs.outlet };
  };
  const limbs = limbsOf(surface.shape);
  if (needs.loading === 'single')
    return pinned(hexes, pale, pins).map((colour, i) =>
      cupOf(
        `c${i + 1}`,
        fitting(perPiece / mixes.length, [...CUPS, ...JUGS]),
        [layerOf(mixes[colour]?.mix ?? '')],
        1,
        'single',
      ),
    );
  if (limbs.length > 0 && limbs.length < MOST_CUPS && needs.cups.most === undefined)
    return limbCups(limbs, layers, perPiece);
  // Round a hole no single cup gets: what is poured on one side stays on it.
  const most = Math.min(MOST_CUPS, needs.cups.most ?? MOST_CUPS);
  const least = Math.min(most, Math.max(needs.cups.least, isHollow(surface) ? HOLLOW_CUPS : 1));
  const vessel = fitting(perPiece / least);
  const cups = Math.min(most, Math.max(least, Math.ceil(perPiece / fillableMl(vessel))));
  return Array.from({ length: cups }, (_, i): Cup => {
    const cup = cupOf(`c${i + 1}`, vessel, layers, 1, needs.loading);
    const { layers: _own, ...bare } = cup;
    return needs.opposite && i === 1 ? { ...bare, reverseOf: 'c1' } : cup;
  });
}

/** Colours one by one in the order they are laid: as they were chosen, but for the first and the last. A new plan's background is its palest colour. */
function pinned(hexes: readonly string[], pale: number, pins: AnyTechnique['pins']): number[] {
  const labs = hexes.map(hexToLab);
  const far = (i: number) => deltaE2000(labs[i]!, labs[pale]!);
  const farthest = labs.reduce((best, _, i) => (far(i) > far(best) ? i : best), pale);
  const of = (pin: Pin) => (pin === 'contrast' ? farthest : pale);
  const [first, last] = [of(pins.first), of(pins.last)];
  const between = hexes.map((_, i) => i).filter((i) => i !== first && i !== last);
  return first === last ? [first, ...between] : [first, ...between, last];
}

/** The smallest vessel so much goes into, or the largest there is. */
const smallestFor = (ml: number, from: readonly LibraryVessel[] = CUPS): LibraryVessel =>
  from.find((v) => fillableMl(v) >= ml) ?? from.at(-1)!;

const layerOf = (mix: string): Layer => ({ mix, parts: 1, placement: 'wall' });

const cupOf = (
  id: string,
  vessel: LibraryVessel,
  layers: readonly Layer[],
  parts: number,
  loading: NonNullable<Cup['loading']> = 'layered',
  of?: string,
): Cup => ({
  id,
  vessel: vesselOf(vessel),
  loading,
  layers: layers.map((l) => ({ ...l, parts: Number(((l.parts ?? 1) * parts).toFixed(4)) })),
  outlet: vessel.outlet ?? 'rim',
  ...(of === undefined ? {} : { for: of }),
});

/**
 * A cup for each stroke by its length, and one more for the gaps (handbook 1, common practice).
 * @param ml what all of them hold together
 */
export function limbCups(limbs: readonly Limb[], layers: readonly Layer[], ml: number): Cup[] {
  const long = limbs.map(({ alongMm }) => Math.max(1, lengthOfLine(alongMm)));
  const mean = long.reduce((sum, l) => sum + l, 0) / long.length;
  const parts = [...long.map((l) => Number((l / mean).toFixed(2))), GAPS_PARTS];
  const whole = parts.reduce((sum, p) => sum + p, 0);
  return parts.map((share, i) =>
    cupOf(
      `c${i + 1}`,
      smallestFor((ml * share) / whole),
      layers,
      share,
      'layered',
      i < limbs.length ? `limb:${limbs[i]!.name}` : 'gaps',
    ),
  );
}

/** Whether the middle of a surface is not on its face. */
function isHollow({ shape }: Surface): boolean {
  const { rings, bounds } = shapeOf(shape);
  const { widthMm, heightMm } = bounds(shape);
  return !covers(rings(shape), widthMm / 2, heightMm / 2);
}

/** More different colours than this are too many to weigh: they go in as they were chosen. */
const MOST_ORDERED = 14;
/** As many cups as a plan may have. */
export const MOST_CUPS = 48;
/** Cups that go round a hole (estimate). */
const HOLLOW_CUPS = 4;
/** The cup for gaps, against that of a stroke of mean length (estimate). */
const GAPS_PARTS = 0.6;
