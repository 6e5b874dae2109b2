import { render, screen } from '@testing-library/react-native';
import { Component, type ReactNode } from 'react';
import { Text } from 'react-native';
import { renderInStudio } from '../../test/in-studio';
import { part } from '@/data/part';
import { late, lateWhere } from './late';

const Trials = () => <Text>the trials</Text>;

class Boundary extends Component<{ readonly children: ReactNode }> {
  override state = { says: '' };
  static getDerivedStateFromError = (error: Error) => ({ says: error.message });
  override render() {
    return this.state.says ? <Text>{this.state.says}</Text> : this.props.children;
  }
}

test('a part that does not come is a fault of the page; once it comes the screen stands there, and the next time at once', async () => {
  const load = jest.fn(() => Promise.resolve({ Trials }));
  load.mockRejectedValueOnce(new Error('Could not load this part'));
  const Route = late(part(load))((screens) => screens.Trials);
  const show = () =>
    renderInStudio(
      <Boundary>
        <Route />
      </Boundary>,
    );
  const silent = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  show();
  expect(await screen.findByText('Could not load this part')).toBeTruthy();
  silent.mockRestore();
  screen.unmount();

  show();
  expect(await screen.findByText('the trials')).toBeTruthy();
  screen.unmount();
  show();
  expect(screen.getByText('the trials')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(2);
});

test('a band comes when there is something to show, and goes with it', async () => {
  const load = jest.fn(() => Promise.resolve({ Trials }));
  let wanted = false;
  const Band = lateWhere(part(load))(
    (screens) => screens.Trials,
    () => wanted,
  );
  const { rerender } = render(<Band />);
  expect(load).not.toHaveBeenCalled();
  wanted = true;
  rerender(<Band />);
  expect(await screen.findByText('the trials')).toBeTruthy();
  wanted = false;
  rerender(<Band />);
  expect(screen.queryByText('the trials')).toBeNull();
});
