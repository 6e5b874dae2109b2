import fc from 'fast-check';
import { parseRatio, ratioWords, saidWords, turnedRatio } from './ratio';

const value = (text: string) => {
  const read = parseRatio(text);
  if (!read.ok) throw new Error(read.fault);
  return read.value;
};

// Ways of saying a ratio from the handbook, section 4 (common practice, no published source).
test.each([
  ['1 : 2', { mediumParts: 2 }],
  ['1:2', { mediumParts: 2 }],
  ['1 : 2 : 0.1', { mediumParts: 2, waterParts: 0.1 }],
  ['1 : 1,5', { mediumParts: 1.5 }],
  ['1 : 1/2', { mediumParts: 0.5 }],
  ['2/1', { mediumParts: 0.5 }],
  ['one part paint to four', { mediumParts: 4 }],
  ['One to two', { mediumParts: 2 }],
  ['2 parts medium to 1 part paint', { mediumParts: 2 }],
  ['1 part paint to a half water', { mediumParts: 0, waterParts: 0.5 }],
  ['one to one and a half', { mediumParts: 1.5 }],
  ['one part paint to a third', { mediumParts: 0.3333 }],
  ['70/30', { mediumParts: 0.4286 }],
  ['30 paint + 70 glue', { mediumParts: 2.3333 }],
  ['40 g + 20 g', { mediumParts: 2, basis: 'weight', turnable: true }],
  ['40 + 20', { mediumParts: 2, turnable: true }],
  ['paint 1 : medium 2', { mediumParts: 2 }],
  ['medium 40 g + paint 20 g', { mediumParts: 2, basis: 'weight' }],
  ['medium 2 to paint 1', { mediumParts: 2 }],
  ['40 g medium + 20 g paint', { mediumParts: 2, basis: 'weight' }],
  ['30 ml + 60ml', { mediumParts: 0.5, basis: 'volume', turnable: true }],
  ['1 : 2 with 0.1 water', { mediumParts: 2, waterParts: 0.1 }],
  ['1 paint to 1 conditioner to 1 water', { mediumParts: 1, waterParts: 1 }],
  ['half and half', { mediumParts: 1 }],
  ['until the medium just covers the paint', { mediumParts: 1, estimate: true }],
  ['as it comes', { mediumParts: 0 }],
] as const)('%s', (text, ratio) => expect(value(text)).toEqual(ratio));

test.each([
  ['', /Type a ratio/],
  ['2', /one amount/],
  ['much to little', /no amount/],
  ['0 : 2', /no paint/],
  ['1 : 2 : 3 : 4', /three amounts/],
  ['1 g + 2 ml', /same/],
  ['1 paint to 2 paint', /twice/],
  ['1 : 1/0', /nothing/],
  ['1 : 400', /More than 100/],
])('%s is refused with what is wrong', (text, fault) => {
  const read = parseRatio(text);
  expect(read.ok ? '' : read.fault).toMatch(fault);
});

test('what is said of a ratio is read back as the same', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 0, max: 300 }), (m, w) => {
      const ratio = { medium: { id: 'x', parts: m / 100 }, ...(w ? { waterParts: w / 100 } : {}) };
      expect(value(ratioWords(ratio))).toEqual({
        mediumParts: m / 100,
        ...(w ? { waterParts: w / 100 } : {}),
      });
    }),
  );
  expect(value(ratioWords({})).mediumParts).toBe(0);
  expect(value(ratioWords({ waterParts: 0.3 }))).toEqual({
    mediumParts: 0,
    waterParts: 0.3,
  });
});

test('which is which is said, and a bare ratio turns in one act', () => {
  const said = value('40 g + 20 g');
  expect(saidWords(said)).toBe('paint 1 : medium 2');
  expect(turnedRatio(said)).toEqual({ mediumParts: 0.5, basis: 'weight' });
  expect(saidWords({ mediumParts: 2, waterParts: 0.1 })).toBe('paint 1 : medium 2 : water 0.1');
  expect(saidWords({ mediumParts: 0 })).toBe('paint 1 : no medium');
  // Twice turned is as it was.
  expect(turnedRatio(turnedRatio({ mediumParts: 4, waterParts: 0.4 }))).toEqual({
    mediumParts: 4,
    waterParts: 0.4,
  });
});
