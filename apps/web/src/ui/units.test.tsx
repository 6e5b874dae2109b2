import { screen } from '@testing-library/react-native';
import { renderInStudio } from '../../test/in-studio';
import { Mass, toC, toF, Volume } from './units';

test('masses and volumes in the studio’s own units', () => {
  renderInStudio(
    <>
      <Mass g={283.5} />
      <Volume ml={59.15} />
    </>,
    { mass: 'oz', volume: 'us-floz' },
  );
  expect(screen.getByText('10')).toBeTruthy();
  expect(screen.getByText(/^2 US fl oz/)).toBeTruthy();
});

test('a scale that reads tenths is shown tenths', () => {
  renderInStudio(<Mass g={96.42} fine />);
  expect(screen.getByText('96.4')).toBeTruthy();
});

test('Fahrenheit and back', () => {
  expect(toF(20)).toBe(68);
  expect(toC(68)).toBe(20);
});
