import { screen } from '@testing-library/react-native';
import { renderInStudio } from '../../test/in-studio';
import { Waiting } from './state';

test('what is waited for is said by its words, not by a wheel without a name', () => {
  renderInStudio(<Waiting what="Opening the journal" />);
  expect(screen.getByText('Opening the journal')).toBeTruthy();
  expect(screen.queryByRole('progressbar')).toBeNull();
});
