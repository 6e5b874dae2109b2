import { renderHook } from '@testing-library/react-native';
import { useKeptList } from './kept-list';

const mockSettings = { mass: 'g' };
jest.mock('./settings', () => ({
  useSettings: () => mockSettings,
  // A new one at every drawing, as the page's is.
  useChangeSettings: () => () => undefined,
}));

const nameOf = ({ name }: { readonly name: string }) => name;

test('a list nobody has kept anything in is the same at every drawing', () => {
  const { result, rerender } = renderHook(() => useKeptList('recipes', nameOf, 10));
  const before = result.current.kept;
  rerender({});
  expect(result.current.kept).toBe(before);
});
