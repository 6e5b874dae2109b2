import type { CloseRead } from '@potter/core/reading';
import type { ReadAnswer } from '@/workers/read-messages';
import { layoutWords } from './layout-words';

/** A reading of which only cells and symmetry are looked at. */
const answer = (
  cells: Partial<CloseRead['cells']>,
  symmetry: readonly [number, number],
  fine = true,
): ReadAnswer => ({
  read: {
    cells: { count: 40, spread: 0.31, ninths: [0.5, 0.1, 0.1, 0.1, 0.1, 0.1, 0, 0, 0], ...cells },
    symmetry,
  } as unknown as CloseRead,
  cannot: { nothing: false, fine, says: [] },
  light: 'table',
});

test('cells are told by how unlike they are and where most of them lie', () => {
  expect(layoutWords(answer({}, [0, 0]))).toBe(
    'Cells differ by 31 % of their width, and lie most at the top left. It is not symmetrical.',
  );
  expect(layoutWords(answer({ ninths: new Array<number>(9).fill(1 / 9) }, [0, 0]))).toMatch(
    /lie all over/,
  );
});

test('what a picture cannot tell of cells is not told; a flower is like itself mirrored', () => {
  expect(layoutWords(answer({}, [0.8, 0.7], false))).toBe(
    'Mirrored left to right and top to bottom it is much like itself.',
  );
  expect(layoutWords(answer({ count: 3 }, [0.8, 0.1]))).toBe(
    'Mirrored left to right it is much like itself.',
  );
});
