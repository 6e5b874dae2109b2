import { placeWords } from './place';
import { defineVerb } from './verb';

export const flip = defineVerb({
  verb: 'flip',
  title: 'Flip',
  fields: {
    cup: { kind: 'cup', label: 'Cup' },
    atMm: { kind: 'point', label: 'Where' },
    restS: {
      kind: 'number',
      label: 'Stand before lifting',
      min: 0,
      max: 3600,
      unit: 's',
      optional: true,
    },
  },
  usualS: 30,
  each: true,
  care: [],
  says: (move, { cupName, widthMm, heightMm }) =>
    `Turn ${cupName(move.cup)} over on ${placeWords(move.atMm, widthMm, heightMm)}` +
    (move.restS ? `, let it stand ${move.restS} s, then lift it slowly.` : ' and lift it slowly.'),
  takes: (move, { cup }) => [{ cup: move.cup, ...cup(move.cup) }],
});
