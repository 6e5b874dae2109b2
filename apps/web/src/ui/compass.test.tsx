import { fireEvent, screen } from '@testing-library/react-native';
import { renderInStudio as render } from '../../test/in-studio';
import { Compass, sideName } from './compass';

test('a side is named by the eighth it lies in, whichever way round it was counted', () => {
  expect([0, 44, 46, 90, 180, 270, -90, 405, 359].map(sideName)).toEqual([
    'right',
    'front right',
    'front right',
    'front',
    'left',
    'back',
    'back',
    'front right',
    'right',
  ]);
});

test('eight sides to choose from, the one at hand checked', () => {
  const onChange = jest.fn();
  render(<Compass label="Poured from" deg={135} onChange={onChange} />);
  const sides = screen.getAllByRole('radio');
  expect(sides).toHaveLength(8);
  expect(screen.getByLabelText('front left')).toBeChecked();
  fireEvent.press(screen.getByLabelText('back'));
  expect(onChange).toHaveBeenCalledWith(270);
});
