import { judgedTint } from '../optics/reserve';
import type { Tint } from '../optics/film';
import type { Paint } from '../paint/schema';
import type { Mix } from './schema';

/** What decides how a mix covers, as one text: its paints, medium and water by their parts. */
const makingOf = ({ basis, paints, medium, waterParts = 0 }: Mix): string =>
  JSON.stringify([
    basis,
    paints.map(({ paint, parts }) => [paint, parts]),
    medium ? [medium.id, medium.parts] : null,
    waterParts,
  ]);

/** A mix whose own card was judged: from then on it covers as that showed. */
export const withCard = (mix: Mix, on: string, opacity: Paint['opacity']): Mix => ({
  ...mix,
  card: { on, opacity, of: makingOf(mix) },
});

/** The card of a mix as it is; undefined where there is none, or it was of another mixing. */
export const cardOf = (mix: Mix): Mix['card'] =>
  mix.card?.of === makingOf(mix) ? mix.card : undefined;

/** A tint as reckoned, made to cover as the mix's own card did. */
export function asCarded(mix: Mix, tint: Tint): Tint {
  const card = cardOf(mix);
  return card ? judgedTint(tint.q, card.opacity) : tint;
}
