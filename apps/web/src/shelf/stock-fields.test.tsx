import type { ShelfFinish } from '@potter/core/stock';
import { fireEvent, screen } from '@testing-library/react-native';
import { enter } from '../../test/enter';
import { renderInStudio as render } from '../../test/in-studio';
import { itemWords } from './item-words';
import { StockFields } from './stock-fields';

const resin: ShelfFinish = {
  kind: 'finish',
  id: 'r',
  name: 'Table resin',
  product: 'resin',
  stockMl: 100,
  sizeMl: 750,
};

function typeIn(label: string, text: string) {
  const field = screen.getByLabelText(label);
  fireEvent(field, 'focus');
  enter(field, text);
}

test('counted by weight, grams are turned to millilitres by its density', () => {
  const set = jest.fn();
  render(<StockFields value={{ ...resin, countedIn: 'g' }} set={set} />);
  // Resin weighs 1.1 g/mL: 100 mL are 110 g.
  expect(screen.getByLabelText('Left, g').props.value).toBe('110');
  typeIn('Left, g', '220');
  expect(set.mock.lastCall?.[0].stockMl).toBeCloseTo(200, 6);
});

test('counted by volume they are what they are; a day is a day', () => {
  const set = jest.fn();
  render(<StockFields value={resin} set={set} />);
  typeIn('Low at, mL', '50');
  expect(set.mock.lastCall?.[0].lowMl).toBe(50);
  const opened = screen.getByLabelText('Opened on');
  // A year is typed digit by digit: the first of them are of no year anybody means.
  fireEvent(opened, 'change', { currentTarget: { value: '0020-11-28' } });
  expect(set.mock.lastCall?.[0].openedOn).toBeUndefined();
  fireEvent(opened, 'change', { currentTarget: { value: '2026-11-28' } });
  expect(set.mock.lastCall?.[0].openedOn).toBe('2026-11-28');
  typeIn('Maker, line and grade, in your own words', '');
  expect(set.mock.lastCall?.[0].maker).toBeUndefined();
});

test('blanks, top coats and jars in words', () => {
  expect(itemWords(resin)).toEqual({ name: 'Table resin', says: 'resin' });
  expect(
    itemWords({
      kind: 'surface',
      id: 's',
      name: 'Canvas',
      shape: { kind: 'rect', widthMm: 500, heightMm: 400 },
      edgeDepthMm: 18,
      support: 'canvas',
    }).says,
  ).toBe('50 × 40 cm, canvas');
  expect(
    itemWords({
      kind: 'jar',
      id: 'j',
      name: 'Mystery',
      hex: '#806050',
      g: 140,
      madeOn: '2026-11-01',
      silicone: true,
      from: 'run-off',
    }).says,
  ).toMatch(/^ran off on .*1 Nov, silicone in it$/);
});
