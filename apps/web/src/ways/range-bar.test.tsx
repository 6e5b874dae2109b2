import { render, screen } from '@testing-library/react-native';
import { RangeBar } from './range-bar';

test('a range says its middle, its least and its most', () => {
  render(
    <RangeBar
      label="Runs off"
      range={{ least: 10, middle: 12, most: 31 }}
      upTo={40}
      unit="g"
      show={String}
    />,
  );
  expect(screen.getByLabelText('Runs off: 12 g, between 10 and 31')).toBeTruthy();
  expect(screen.getByText('10 to 31')).toBeTruthy();
});
