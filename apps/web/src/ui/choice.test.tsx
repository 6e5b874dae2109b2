import { fireEvent, screen } from '@testing-library/react-native';
import { renderInStudio } from '../../test/in-studio';
import { Choice } from './choice';

const options = [
  { value: 'matt', label: 'Matt' },
  { value: 'gloss', label: 'Gloss' },
] as const;

test('the chosen one is told, another is chosen by a press or the space bar', () => {
  const onChange = jest.fn();
  renderInStudio(<Choice label="Finish" value="matt" options={options} onChange={onChange} />);
  expect(screen.getByRole('radio', { name: 'Matt', checked: true })).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: 'Gloss' }));
  fireEvent(screen.getByRole('radio', { name: 'Gloss' }), 'keyDown', {
    key: ' ',
    preventDefault: () => undefined,
  });
  expect(onChange.mock.calls).toEqual([['gloss'], ['gloss']]);
});
