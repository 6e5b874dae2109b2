import { render, screen } from '@testing-library/react-native';
import { Cells } from './cells';

const NONE = { count: 0, medianMm: 0, spread: 0, share: 0 };
const left = (count: number, doneMin?: number) => ({
  left: [15, 30, 60].map((min) => ({ ...NONE, min, count })),
  causes: [],
  ninths: [],
  ...(doneMin === undefined ? {} : { doneMin }),
});

test('where there are none it says what none had', () => {
  render(<Cells cells={{ ...NONE, ...left(0) }} />);
  expect(screen.getByText(/^None: no paint is heavy enough/)).toBeTruthy();
});

test('a large count is told to two figures, with why they opened and when most are open', () => {
  render(
    <Cells
      cells={{
        count: 1234,
        medianMm: 3.2,
        spread: 0.3,
        share: 0.123,
        ...left(1300, 12),
        causes: [
          { says: 'oil', count: 1000 },
          { says: 'heavy paint over light', count: 234 },
        ],
      }}
    />,
  );
  expect(screen.getByText('1200')).toBeTruthy();
  expect(
    screen.getByText(
      /^Opened by oil, heavy paint over light\. Half of them are between 2\.6 and 3\.8 mm/,
    ),
  ).toBeTruthy();
  expect(screen.getByText(/are open after 12 min/)).toBeTruthy();
  expect(screen.getAllByText('1300')).toHaveLength(3);
});
