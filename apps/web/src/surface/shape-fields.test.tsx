import type { Shape } from '@potter/core/surface';
import { fireEvent, screen } from '@testing-library/react-native';
import { enter } from '../../test/enter';
import { useState } from 'react';
import { renderInStudio as render } from '../../test/in-studio';
import { ShapeFields } from './shape-fields';

const onShape = jest.fn();
const onBlank = jest.fn();

function Fields({ start }: { readonly start: Shape }) {
  const [shape, setShape] = useState(start);
  return (
    <ShapeFields
      shape={shape}
      onShape={(next) => {
        onShape(next);
        setShape(next);
      }}
      onBlank={onBlank}
    />
  );
}

const SQUARE: Shape = { kind: 'rect', widthMm: 300, heightMm: 300 };
function typeIn(label: string, text: string) {
  const field = screen.getByLabelText(label);
  fireEvent(field, 'focus');
  enter(field, text);
}
const choose = (name: string | RegExp) => fireEvent.press(screen.getByRole('radio', { name }));

beforeEach(() => jest.clearAllMocks());

test('a ring is typed as a size; one whose hole is too large is refused in words', () => {
  render(<Fields start={SQUARE} />);
  typeIn('Size', '30 x 10 cm ring');
  expect(onShape).toHaveBeenLastCalledWith({ kind: 'ring', outerMm: 300, innerMm: 100 });
  onShape.mockClear();
  typeIn('Size', '30 x 29.9 cm ring');
  expect(onShape).not.toHaveBeenCalled();
  expect(screen.getByText(/leaves a band of 0.5 mm/)).toBeTruthy();
});

test('letters: what cannot be cut is named, the rest is taken as typed', () => {
  render(<Fields start={SQUARE} />);
  choose('Letters');
  expect(onShape).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'glyphs' }));
  typeIn('Letters or figures', '27');
  expect(onShape).toHaveBeenLastCalledWith(expect.objectContaining({ text: '27' }));
  onShape.mockClear();
  typeIn('Letters or figures', '2漢');
  expect(onShape).not.toHaveBeenCalled();
  expect(screen.getByText(/no outline for "漢"/)).toBeTruthy();
  typeIn('Height of a capital', '8 in');
  expect(onShape).toHaveBeenLastCalledWith(expect.objectContaining({ heightMm: 203.2 }));
});

test('corners: even ones by their number, any by their places, crossing lines refused', () => {
  render(<Fields start={SQUARE} />);
  choose('Corners');
  typeIn('Even corners', '5');
  expect(onShape.mock.lastCall?.[0].cornersMm).toHaveLength(5);
  const label = 'Or every corner in mm, from the left and from the top';
  typeIn(label, '0 0, 200 0, 100 150');
  expect(onShape).toHaveBeenLastCalledWith({
    kind: 'polygon',
    cornersMm: [
      [0, 0],
      [200, 0],
      [100, 150],
    ],
  });
  onShape.mockClear();
  typeIn(label, '0 0, 100 100, 100 0, 0 100');
  expect(screen.getByText(/crosses itself at 50, 50 mm/)).toBeTruthy();
  typeIn(label, '0 0, 100');
  expect(screen.getByText(/Corner 2 needs two numbers/)).toBeTruthy();
  expect(onShape).not.toHaveBeenCalled();
});

test('a size that is sold brings its edges and what it is made of', () => {
  render(<Fields start={SQUARE} />);
  fireEvent.press(screen.getByRole('button', { name: /^Or one that is sold/ }));
  choose(/^40 × 50 cm, canvas/);
  expect(onBlank).toHaveBeenCalledWith(
    expect.objectContaining({
      shape: { kind: 'rect', widthMm: 400, heightMm: 500 },
      edgeDepthMm: 18,
      support: 'canvas',
    }),
  );
});
