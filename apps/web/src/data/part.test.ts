import { act, renderHook } from '@testing-library/react-native';
import { part, usePart } from './part';

test('a part is brought once, and is there at once from then on', async () => {
  const load = jest.fn(() => Promise.resolve('brief'));
  const brief = part(load);
  expect(brief.now()).toBeUndefined();
  await Promise.all([brief.come(), brief.come()]);
  expect(brief.now()).toBe('brief');
  expect(load).toHaveBeenCalledTimes(1);
  expect(renderHook(() => usePart(brief)).result.current).toEqual({ it: 'brief' });
});

test('what did not come is sent for anew when it is next wanted', async () => {
  const load = jest.fn(() => Promise.resolve('brief'));
  load.mockRejectedValueOnce(new Error('away'));
  const brief = part(load);
  const first = renderHook(() => usePart(brief));
  await act(() => Promise.resolve());
  expect(first.result.current.fault?.message).toBe('away');
  const next = renderHook(() => usePart(brief));
  await act(() => Promise.resolve());
  expect(next.result.current.it).toBe('brief');
});

test('a part nobody wants is not sent for', async () => {
  const load = jest.fn(() => Promise.resolve('brief'));
  const brief = part(load);
  const { rerender } = renderHook(({ wanted }: { wanted: boolean }) => usePart(brief, wanted), {
    initialProps: { wanted: false },
  });
  await act(() => Promise.resolve());
  expect(load).not.toHaveBeenCalled();
  rerender({ wanted: true });
  await act(() => Promise.resolve());
  expect(load).toHaveBeenCalledTimes(1);
});
