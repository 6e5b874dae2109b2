import { fireEvent, render, screen } from '@testing-library/react-native';
import { type ComponentProps, useState } from 'react';
import { enter } from '../../test/enter';
import { NumberField, QuantityField } from './quantity-field';

type Given = Partial<ComponentProps<typeof QuantityField>>;

function Depth({ onChange, ...given }: Given & { readonly onChange: (n: number) => void }) {
  const [value, setValue] = useState(18);
  return (
    <QuantityField
      label="Edge depth"
      dimension="length"
      unit="mm"
      value={value}
      min={0}
      max={2000}
      {...given}
      onChange={(next) => {
        setValue(next);
        onChange(next);
      }}
    />
  );
}
function shown(given: Given = {}) {
  const onChange = jest.fn();
  render(<Depth {...given} onChange={onChange} />);
  return { onChange, field: screen.getByLabelText('Edge depth') };
}

test('takes any unit of the dimension once it is left, and shows its own', () => {
  const { onChange, field } = shown();
  expect(field.props.value).toBe('18 mm');
  fireEvent(field, 'focus');
  fireEvent.changeText(field, '1 1/2 in');
  expect(onChange).not.toHaveBeenCalled();
  expect(field.props.value).toBe('1 1/2 in');
  fireEvent(field, 'blur');
  expect(onChange).toHaveBeenLastCalledWith(38.1);
  expect(field.props.value).toBe('38 mm');
});

test('nothing is taken of what is still being typed: 10 cm was never 10 mm, 8 fl oz never 8 g', () => {
  const { onChange, field } = shown({ dimension: 'mass', unit: 'g', of: { gPerMl: 1.1 } });
  fireEvent(field, 'focus');
  for (const part of ['8', '8 f', '8 fl', '8 fl oz']) fireEvent.changeText(field, part);
  expect(screen.queryByRole('alert')).toBeNull();
  fireEvent(field, 'blur');
  expect(onChange.mock.calls).toHaveLength(1);
  expect(onChange.mock.calls[0]?.[0]).toBeCloseTo(8 * 29.5735 * 1.1, 2);
});

test('a field that is only touched is not read, however its figure was rounded', () => {
  const { onChange, field } = shown({ value: 18.26, decimals: 0 });
  fireEvent(field, 'focus');
  fireEvent(field, 'blur');
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.queryByRole('alert')).toBeNull();
});

test('what cannot be read stays as it was typed, says how to mend it, and changes nothing until it is mended', () => {
  const { onChange, field } = shown({ max: 200 });
  enter(field, '3 pints');
  expect(screen.getByText('"pints" is no unit of length: use mm, cm, m, in or ft.')).toBeTruthy();
  expect(field.props.value).toBe('3 pints');
  enter(field, '900');
  expect(screen.getByText('Not above 200 mm.')).toBeTruthy();
  expect(onChange).not.toHaveBeenCalled();
  enter(field, '90');
  expect(onChange).toHaveBeenLastCalledWith(90);
  expect(screen.queryByRole('alert')).toBeNull();
});

test('what changes under a draft that was left lying, as by an undo, is newer', () => {
  const over = (value: number) => (
    <QuantityField
      label="Edge depth"
      dimension="length"
      unit="mm"
      value={value}
      min={0}
      max={200}
      onChange={() => undefined}
    />
  );
  const { rerender } = render(over(18));
  enter(screen.getByLabelText('Edge depth'), 'thick');
  rerender(over(38));
  expect(screen.getByLabelText('Edge depth').props.value).toBe('38 mm');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a share is typed in percent and held as a part of one', () => {
  const onChange = jest.fn();
  render(
    <NumberField
      label="Share"
      value={0.26}
      min={0}
      max={1}
      per={0.01}
      decimals={0}
      suffix=" %"
      onChange={onChange}
    />,
  );
  const field = screen.getByLabelText('Share');
  expect(field.props.value).toBe('26 %');
  enter(field, '30 %');
  expect(onChange).toHaveBeenLastCalledWith(0.3);
});

test('pieces are whole', () => {
  const onChange = jest.fn();
  render(<NumberField label="Pieces" value={1} min={1} max={500} whole onChange={onChange} />);
  enter(screen.getByLabelText('Pieces'), '2.5');
  expect(screen.getByText('A whole number, please.')).toBeTruthy();
  expect(onChange).not.toHaveBeenCalled();
});
