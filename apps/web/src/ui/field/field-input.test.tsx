import type { Field } from '@potter/core/field';
import type { Path } from '@potter/core/surface';
import { fireEvent, screen } from '@testing-library/react-native';
import { renderInStudio } from '../../../test/in-studio';
import { FieldInput } from './index';

const offered = {
  mixes: [
    { id: 'm-oat', name: 'Oat milk' },
    { id: 'm-slate', name: 'Slate' },
  ],
  cups: [{ id: 'c1' }, { id: 'c2' }],
  size: { widthMm: 300, heightMm: 200 },
};
function shown(field: Field, value: unknown) {
  const onChange = jest.fn();
  renderInStudio(<FieldInput {...offered} field={field} value={value} onChange={onChange} />);
  return onChange;
}

test('a mix that may be left out can be left out, and says so', () => {
  const onChange = shown({ kind: 'mix', label: 'Veil', optional: true }, 'm-slate');
  fireEvent.press(screen.getByLabelText('Veil: Slate'));
  fireEvent.press(screen.getByLabelText('none'));
  expect(onChange).toHaveBeenCalledWith(undefined);
});

test('a path is chosen by its kind and drawn at the start where it lies well', () => {
  const onChange = shown({ kind: 'path', label: 'Way' }, undefined);
  fireEvent.press(screen.getByLabelText('Spiral'));
  const path = onChange.mock.calls[0][0] as Path;
  expect(path).toMatchObject({ kind: 'spiral', centreMm: [150, 100], turns: 3 });
});

test('its numbers and places change the path, a repeat goes round the middle', () => {
  const ring: Path = { kind: 'ring', centreMm: [100, 100], radiusMm: 30, turns: 1 };
  const onChange = shown({ kind: 'path', label: 'Way' }, ring);
  const enter = (label: string, text: string) => {
    fireEvent.changeText(screen.getByLabelText(label), text);
    fireEvent(screen.getByLabelText(label), 'blur');
    return onChange.mock.calls.at(-1)![0] as Path;
  };
  expect(enter('Radius', '45')).toMatchObject({ radiusMm: 45, centreMm: [100, 100] });
  expect(enter('Middle, from the left', '120')).toMatchObject({ centreMm: [120, 100] });
  expect(enter('Times round the middle', '6')).toMatchObject({
    repeat: { n: 6, aboutMm: [150, 100] },
  });
});

test('the last cup of a move stays, and why is said', () => {
  const onChange = shown({ kind: 'cups', label: 'Cups' }, ['c2']);
  fireEvent.press(screen.getByRole('checkbox', { name: 'Cup 2' }));
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.getByText(/one cup at least/)).toBeTruthy();
});
