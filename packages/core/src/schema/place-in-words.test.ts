import { placeInWords } from './place-in-words';

test.each([
  ['', ''],
  ['/title', 'title'],
  ['/mixes/2/massG', 'mixes 3, mass'],
  ['/paint/name', 'name'],
  ['/surface/shape/widthMm', 'width'],
  ['/price/amount', 'amount'],
  ['/technique/settings/flip-at', 'flip at'],
  ['/cups/0/strata/11/wetMicrons', 'strata 12, wet microns'],
])('%s is said "%s"', (path, said) => expect(placeInWords(path)).toBe(said));
