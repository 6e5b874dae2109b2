import { fireEvent, render, screen } from '@testing-library/react-native';
import { Remark } from './remark';

const remark = {
  code: 'x',
  severity: 'spoils' as const,
  about: '/cups/0',
  message: 'Red beside green turns to mud.',
  advice: 'Keep them apart.',
  numbers: {},
};

test('tells how grave it is by a word, what happens, and what to do', () => {
  render(<Remark remark={remark} />);
  expect(screen.getByLabelText('Will spoil it: Red beside green turns to mud.')).toBeTruthy();
  expect(screen.getByText(/Keep them apart\./)).toBeTruthy();
  expect(screen.queryByRole('button')).toBeNull();
});

test('offers its fix as one act', () => {
  const onFix = jest.fn();
  render(<Remark remark={{ ...remark, fix: { label: 'Put oat between' } }} onFix={onFix} />);
  fireEvent.press(screen.getByRole('button', { name: 'Put oat between' }));
  expect(onFix).toHaveBeenCalledTimes(1);
});
