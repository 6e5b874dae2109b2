import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { NumberField, QuantityField } from './quantity-field';

function Depth({ onChange }: { readonly onChange: (mm: number) => void }) {
  const [mm, setMm] = useState(18);
  return (
    <QuantityField
      label="Edge depth"
      dimension="length"
      unit="mm"
      value={mm}
      min={0}
      max={200}
      onChange={(next) => {
        setMm(next);
        onChange(next);
      }}
    />
  );
}

test('takes any unit of the dimension, shows its own when left', () => {
  const onChange = jest.fn();
  render(<Depth onChange={onChange} />);
  const field = screen.getByLabelText('Edge depth');
  expect(field.props.value).toBe('18 mm');
  fireEvent(field, 'focus');
  fireEvent.changeText(field, '1 1/2 in');
  expect(onChange).toHaveBeenLastCalledWith(38.1);
  expect(field.props.value).toBe('1 1/2 in');
  fireEvent(field, 'blur');
  expect(field.props.value).toBe('38 mm');
});

test('what cannot be read changes nothing and says how to mend it', () => {
  const onChange = jest.fn();
  render(<Depth onChange={onChange} />);
  const field = screen.getByLabelText('Edge depth');
  fireEvent(field, 'focus');
  fireEvent.changeText(field, '3 pints');
  expect(screen.getByText('"pints" is no unit of length: use mm, cm, m, in or ft.')).toBeTruthy();
  fireEvent.changeText(field, '900');
  expect(screen.getByText('Not above 200 mm.')).toBeTruthy();
  expect(onChange).not.toHaveBeenCalled();
  fireEvent(field, 'blur');
  expect(field.props.value).toBe('18 mm');
  expect(screen.queryByText(/Not above/)).toBeNull();
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
  fireEvent(field, 'focus');
  fireEvent.changeText(field, '30 %');
  expect(onChange).toHaveBeenLastCalledWith(0.3);
});

test('pieces are whole', () => {
  const onChange = jest.fn();
  render(<NumberField label="Pieces" value={1} min={1} max={500} whole onChange={onChange} />);
  fireEvent(screen.getByLabelText('Pieces'), 'focus');
  fireEvent.changeText(screen.getByLabelText('Pieces'), '2.5');
  expect(screen.getByText('A whole number, please.')).toBeTruthy();
  expect(onChange).not.toHaveBeenCalled();
});
