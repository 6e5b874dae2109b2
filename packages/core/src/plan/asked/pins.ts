import type { Layer } from '../../cup/schema';
import { deltaE2000 } from '../../optics/delta-e';
import { hexToLab } from '../../optics/lab';
import { palestOf } from '../../optics/palest';
import { type Pin, chosenTechnique } from '../../technique';
import { setCup } from '../edit/cups';
import { halfOf } from '../edit/order';
import { backgroundOf } from '../beginning/background';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** The order a technique would begin and end a cup with. */
export interface PinOffer {
  readonly first: string;
  readonly last: string;
  readonly why: string;
}

/** How the plan's technique often begins and ends this cup; undefined for one that takes its layers from another. */
export function usualPins(plan: Plan, cup: number): PinOffer | undefined {
  const layers = plan.cups[cup]?.layers;
  if (!layers || layers.length === 0) return undefined;
  const { pins } = chosenTechnique(plan);
  const [first, last] = [mixFor(plan, layers, pins.first), mixFor(plan, layers, pins.last)];
  return first === undefined || last === undefined ? undefined : { first, last, why: pins.why };
}

/** The same as an offer: none where the cup is loaded like that already. */
export function pinOffer(plan: Plan, cup: number): PinOffer | undefined {
  const layers = plan.cups[cup]?.layers;
  const usual = usualPins(plan, cup);
  return usual && layers?.[0]?.mix === usual.first && layers.at(-1)?.mix === usual.last
    ? undefined
    : usual;
}

/** Loads a cup as offered: layers it has are moved, a colour that has to be at both ends and is there once is halved. */
export function withPins(plan: Plan, cup: number, { first, last }: PinOffer): Plan {
  return setCup(plan, cup, (c) => {
    if (!c.layers) return c;
    const start = c.layers.findIndex((l) => l.mix === first);
    const opened =
      start < 0
        ? [plain(first), ...c.layers]
        : [c.layers[start]!, ...c.layers.filter((_, i) => i !== start)];
    const end = opened.map((l) => l.mix).lastIndexOf(last);
    if (end > 0) return { ...c, layers: [...opened.filter((_, i) => i !== end), opened[end]!] };
    if (first !== last) return { ...c, layers: [...opened, plain(last)] };
    const half = halfOf(opened[0]!);
    return { ...c, layers: [half, ...opened.slice(1), { ...half }] };
  });
}

const plain = (mix: string): Layer => ({ mix, parts: 1, placement: 'wall' });

/** The colour of this part among those of a cup; the background may be one that is not in it yet. */
function mixFor(plan: Plan, layers: readonly Layer[], pin: Pin): string | undefined {
  const inCup = [...new Set(layers.map((l) => l.mix))];
  const { hexOf } = openPlan(plan);
  const lab = (mix: string) => hexToLab(hexOf(mix));
  if (pin === 'palest') return palestOf(inCup, hexOf);
  const background = backgroundOf(plan);
  if (pin === 'background') return background;
  return inCup
    .filter((mix) => mix !== background)
    .sort((a, b) => deltaE2000(lab(b), lab(background)) - deltaE2000(lab(a), lab(background)))[0];
}
