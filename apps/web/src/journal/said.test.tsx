import type { Outcome } from '@potter/core/flow';
import { newPlan } from '@potter/core/plan';
import type { Piece } from '@potter/core/piece';
import { plainSurface } from '@potter/core/surface';
import { fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { renderInStudio } from '../../test/in-studio';
import { Faults } from './faults';
import { Lessons } from './lessons';
import { SquareUp } from './square-up';
import { Verdict } from './verdict';

/** What the plan's preview came to, once it is there; it is computed in a worker. */
let mockPreview: { readonly outcome: Outcome } | undefined;
jest.mock('@/picture/use-preview-of', () => ({ usePreviewOf: () => mockPreview }));

const plan = newPlan({
  title: 'Quince and Slate',
  surface: plainSurface({ kind: 'rect', widthMm: 400, heightMm: 300 }),
  paints: [
    {
      id: 'oat',
      name: 'Oat milk',
      hex: '#ece5d6',
      opacity: 'opaque',
      body: 'soft',
      finish: 'satin',
    },
    {
      id: 'slate',
      name: 'Slate',
      hex: '#3b464e',
      opacity: 'opaque',
      body: 'soft',
      finish: 'satin',
    },
  ],
  technique: 'flip-cup',
});
const PIECE: Piece = { id: 'piece-quince', title: 'Quince and Slate', madeAt: 0 };

/** Something of a piece's page, with the piece as it comes to be; what that is, told. */
function page(of: typeof Verdict | typeof Faults | typeof Lessons): () => Piece {
  const said = { piece: PIECE };
  const Part = of as typeof Faults;
  function Page() {
    const [piece, setPiece] = useState(PIECE);
    said.piece = piece;
    return <Part piece={piece} plan={plan} run={undefined} change={(change) => setPiece(change)} />;
  }
  renderInStudio(<Page />);
  return () => said.piece;
}
const tap = (role: 'button' | 'checkbox' | 'radio', name: string | RegExp) =>
  fireEvent.press(screen.getByRole(role, { name }));

test('a tap judges, another takes it back; a petal is judged by itself', () => {
  const piece = page(Verdict);
  tap('checkbox', 'Cells: good');
  tap('checkbox', 'Oat milk: lost');
  expect(piece().verdict).toEqual({ cells: 'good' });
  tap('checkbox', 'Cells: good');
  expect(piece().verdict).toBeUndefined();
  tap('button', /^Judge one part by itself/);
  tap('radio', 'Part 2');
  tap('checkbox', 'Oat milk: survived');
  expect(piece().colours?.map(({ name, part, fate }) => [name, part, fate])).toEqual([
    ['Oat milk', undefined, 'lost'],
    ['Oat milk', 2, 'survived'],
  ]);
});

test('a fault ticked tells its causes by the plan, the likeliest first, and what to do is noted by a tap', () => {
  const piece = page(Faults);
  expect(screen.queryByRole('list', { name: 'Causes' })).toBeNull();
  tap('checkbox', 'Bare or wiggly edges');
  const [first] = screen.getAllByRole('button', { name: /^Note for next time/ });
  expect(screen.getByText('Nothing wet lies under the pour.')).toBeTruthy();
  fireEvent.press(first!);
  expect(piece().lessons).toMatchObject([
    { says: 'A base coat just before, or a thin coat on the edges.' },
  ]);
  expect(screen.getByText('Noted for next time.')).toBeTruthy();
  tap('checkbox', 'Bare or wiggly edges');
  expect(piece().faults).toBeUndefined();
  expect(screen.queryByRole('list', { name: 'Causes' })).toBeNull();
});

test('once the preview is there, causes are weighed by where paint came to lie', () => {
  const outcome: Outcome = {
    coveredShare: 1,
    bareMm: [],
    laidMl: 200,
    spiltMl: { left: 0, right: 0, top: 0, bottom: 0 },
    edgesMl: 0,
    film: { meanMm: 1, thinnestMm: 0.4, thickestMm: 4.2 },
    shows: { oat: 0.5, slate: 0.5 },
  };
  mockPreview = { outcome };
  page(Faults);
  tap('checkbox', 'Cracks or craters');
  expect(screen.getByText(/^4\.2 mm at its thickest/)).toBeTruthy();
  mockPreview = undefined;
});

test('what to do otherwise is noted with the pair it was learnt with', () => {
  const piece = page(Lessons);
  const note = screen.getByRole('button', { name: 'Note it for next time' });
  expect(note.props['aria-disabled'] ?? note.props.accessibilityState?.disabled).toBe(true);
  fireEvent.changeText(screen.getByLabelText('What to do otherwise'), 'Half the slate ');
  tap('button', /^With which paint/);
  tap('radio', 'Slate');
  tap('button', /^Lying on which/);
  tap('radio', 'Oat milk');
  tap('button', 'Note it for next time');
  expect(piece().lessons).toMatchObject([{ says: 'Half the slate', paints: ['slate', 'oat'] }]);
  expect(screen.getByText('Comes back with Slate on Oat milk.')).toBeTruthy();
});

test('a corner is moved by arrow keys, ten times as far with Shift, and no further than half a picture outside', () => {
  const moved = jest.fn();
  renderInStudio(
    <SquareUp
      url="blob:here"
      corners={[
        [0.1, 0.1],
        [0.9, 0.1],
        [0.9, 0.9],
        [1.5, 0.9],
      ]}
      outline={[]}
      onChange={moved}
      says="These look like its corners."
      onFind={() => undefined}
      busy={false}
      onKeep={() => undefined}
      onLeave={() => undefined}
    />,
  );
  const press = (name: string, key: string, shiftKey = false) =>
    fireEvent(screen.UNSAFE_getByProps({ 'aria-label': name }), 'keyDown', {
      key,
      shiftKey,
      preventDefault: () => undefined,
    });
  press('Upper left corner', 'ArrowRight');
  expect(moved.mock.lastCall![0][0]).toEqual([0.101, 0.1]);
  press('Upper right corner', 'ArrowDown', true);
  expect(moved.mock.lastCall![0][1]).toEqual([0.9, 0.11]);
  press('Lower left corner', 'ArrowRight');
  expect(moved.mock.lastCall![0][3]).toEqual([1.5, 0.9]);
  press('Upper left corner', 'Tab');
  expect(moved).toHaveBeenCalledTimes(3);
});
