import type { PrintTold } from '@potter/contract';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { PrintSection } from './print-section';

let mockTold: PrintTold;
const mockMake = jest.fn();
const mockDrop = jest.fn();
jest.mock('@/data/print', () => ({
  usePrint: () => ({ data: mockTold }),
  useMakePrint: () => ({ mutate: mockMake, isPending: false }),
  useDropPrint: () => ({ mutate: mockDrop }),
  printUrl: (id: string) => `/api/plans/${id}/print/picture`,
}));

const plan = {
  title: 'Quince',
  surface: { shape: { kind: 'rect', widthMm: 500, heightMm: 400 } },
} as never;
const OF = { px: 2048, look: 'wet', seed: 4 } as const;
const shown = (told: PrintTold, view: 'wet' | 'film' = 'wet') => {
  mockTold = told;
  render(<PrintSection id="plan-1" plan={plan} seed={4} view={view} />);
};

beforeEach(() => {
  mockMake.mockClear();
  mockDrop.mockClear();
});

test('a print is asked for as large as was chosen, with what that means on paper', () => {
  shown({ state: 'none', share: 0 });
  // 2048 px over 500 mm, and 4096.
  expect(screen.getByText(/that is 104 dots an inch, soft at arm’s length/)).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: '4096' }));
  expect(screen.getByText(/that is 208 dots an inch, sharp at arm’s length/)).toBeTruthy();
  fireEvent.press(screen.getByRole('button', { name: 'Make the print' }));
  expect(mockMake).toHaveBeenCalledWith({ plan, seed: 4, px: 4096, look: 'wet' });
});

test('a map of the film is printed as the colours dry', () => {
  shown({ state: 'none', share: 0 }, 'film');
  fireEvent.press(screen.getByRole('button', { name: 'Make the print' }));
  expect(mockMake).toHaveBeenCalledWith(expect.objectContaining({ look: 'dry' }));
});

test('one under way says how far it is and can be left off', () => {
  shown({ state: 'computing', share: 0.42, of: OF });
  expect(screen.getByLabelText('Print').props['aria-valuenow']).toBe(42);
  expect(screen.queryByRole('button', { name: 'Make the print' })).toBeNull();
  fireEvent.press(screen.getByText('Leave off'));
  expect(mockDrop).toHaveBeenCalled();
});

test('one that is done is told by what it is of, for the plan may have changed', () => {
  shown({ state: 'done', share: 1, of: OF });
  const link = screen.getByRole('link', { name: 'Save the print, seed 4, wet, 2048 pixels' });
  expect(link.props).toMatchObject({
    href: '/api/plans/plan-1/print/picture',
    hrefAttrs: { download: 'Quince, seed 4, wet, 2048 pixels.png' },
  });
});

test('one the studio knows nothing of any more is said to be lost, one that was left off is not', () => {
  const again = (state: PrintTold['state']) => {
    mockTold = { state, share: 0 };
    screen.rerender(<PrintSection id="plan-1" plan={plan} seed={4} view="wet" />);
  };
  shown({ state: 'computing', share: 0.42, of: OF });
  again('none');
  expect(screen.getByText('The studio was stopped before it was done.')).toBeTruthy();
  again('computing');
  fireEvent.press(screen.getByText('Leave off'));
  again('none');
  expect(screen.queryByText('The print was lost.')).toBeNull();
});

test('what went wrong is said', () => {
  shown({ state: 'failed', share: 0.3, of: OF, why: 'there was no memory' });
  expect(screen.getByText('What went wrong: there was no memory.')).toBeTruthy();
});
