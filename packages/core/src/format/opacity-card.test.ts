import { opacityCards } from './opacity-card';
import { PAPERS, sheetsOf } from './paper';
import { templateSvg } from './template';

test('four paints a sheet, and no paper cuts one in two', () => {
  const cards = opacityCards('Cards', ['a', 'b', 'c', 'd', 'e']);
  expect(cards).toHaveLength(2);
  for (const card of cards)
    for (const paper of Object.keys(PAPERS) as (keyof typeof PAPERS)[])
      expect(sheetsOf(card.widthMm, card.heightMm, paper)).toHaveLength(1);
});

test('the bar is black and ten millimetres high, at true size', () => {
  const [card] = opacityCards('Cards', ['Quince yellow']);
  // The bar, and the four marks a camera finds the card by.
  const bar = card!.lines.filter((l) => l.solid);
  expect(bar).toHaveLength(5);
  const [, x, top, right, bottom] = /^M([\d.]+) ([\d.]+)H([\d.]+)V([\d.]+)/.exec(bar[0]!.d)!;
  expect(Number(bottom) - Number(top)).toBe(10);
  expect(Number(right) - Number(x)).toBe(110);
  const svg = templateSvg(card!);
  expect(svg).toContain('fill="#000000"');
  // 2 mm of room on either side of 176 mm.
  expect(svg).toContain('width="180mm"');
});

test('both boxes lie over the bar, with bare bar beside them', () => {
  const [card] = opacityCards('Cards', ['a']);
  const boxes = card!.lines.slice(0, 2).map((l) => /^M([\d.]+) [\d.]+H([\d.]+)/.exec(l.d)!);
  const [one, two] = boxes.map(([, from, to]) => [Number(from), Number(to)] as const);
  expect(one![0]).toBeGreaterThan(66);
  expect(two![0]).toBeGreaterThan(one![1]);
  expect(two![1]).toBeLessThanOrEqual(176);
});

test('a long name is cut, not run into the bar', () => {
  const [card] = opacityCards('Cards', ['A paint with a name that has no end to it at all']);
  expect(card!.labels[0]!.text.length).toBeLessThanOrEqual(26);
});
