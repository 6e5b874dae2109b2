import { act, renderHook } from '@testing-library/react-native';
import { deviceOf } from '../../test/device-room';
import { useDraft } from './draft';

beforeEach(() => void deviceOf());

test('a draft is there after the page is gone, until it is done', () => {
  const first = renderHook(() => useDraft('plan', () => ({ title: 'A' })));
  act(() => first.result.current[1]((now) => ({ ...now, title: `${now.title}B` })));
  expect(first.result.current[0]).toEqual({ title: 'AB' });
  first.unmount();
  const second = renderHook(() => useDraft('plan', () => ({ title: 'A' })));
  expect(second.result.current[0]).toEqual({ title: 'AB' });
  second.result.current[2]();
  second.unmount();
  expect(renderHook(() => useDraft('plan', () => ({ title: 'A' }))).result.current[0]).toEqual({
    title: 'A',
  });
});
