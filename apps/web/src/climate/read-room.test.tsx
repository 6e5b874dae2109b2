import { act, fireEvent, screen } from '@testing-library/react-native';
import { renderInStudio } from '../../test/in-studio';
import { ReadRoom } from './read-room';

/** A thermometer as the browser hands it over. */
class Air extends EventTarget {
  name = 'Window sill';
  told = new Map<string, EventTarget & { value?: DataView; startNotifications: () => unknown }>();
  gatt = {
    connect: async () => ({
      getPrimaryService: async () => ({ getCharacteristic: async (of: string) => this.of(of) }),
    }),
  };
  of(characteristic: string) {
    const made =
      this.told.get(characteristic) ??
      Object.assign(new EventTarget(), { startNotifications: async () => undefined });
    this.told.set(characteristic, made);
    return made;
  }
  says(characteristic: string, ...bytes: number[]): void {
    const of = this.told.get(characteristic)!;
    of.value = new DataView(Uint8Array.from(bytes).buffer);
    of.dispatchEvent(new Event('characteristicvaluechanged'));
  }
}

const press = (name: string) => fireEvent.press(screen.getByRole('button', { name }));

test('the practice thermometer reads the room by the clock, and is taken or left', () => {
  jest.useFakeTimers({ now: new Date(2026, 10, 29, 16) });
  const taken = jest.fn();
  renderInStudio(<ReadRoom onTake={taken} />);
  press('Read the practice thermometer');
  expect(screen.getByText('20.5')).toBeTruthy();
  act(() => void jest.advanceTimersByTime(6 * 3_600_000));
  expect(screen.getByText('18')).toBeTruthy();
  press('Take this');
  expect(taken).toHaveBeenCalledWith({ tempC: 18, rh: 55 });
  expect(screen.queryByText('18')).toBeNull();
  jest.useRealTimers();
});

test('one over the air is waited for until both its readings are there, and says when it is gone', async () => {
  const air = new Air();
  Object.defineProperty(globalThis, 'navigator', {
    configurable: true,
    value: { bluetooth: { requestDevice: async () => air } },
  });
  const taken = jest.fn();
  renderInStudio(<ReadRoom onTake={taken} />);
  await act(async () => press('Read a thermometer over the air'));
  expect(screen.getByText('Waiting for what it reads.')).toBeTruthy();
  act(() => air.says('temperature', 0x34, 0x08));
  expect(screen.queryByText('21')).toBeNull();
  act(() => air.says('humidity', 0x7c, 0x15));
  expect(screen.getByText('21')).toBeTruthy();
  expect(screen.getByText('55')).toBeTruthy();
  act(() => void air.dispatchEvent(new Event('gattserverdisconnected')));
  expect(screen.getByText(/Window sill is gone/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Take this' })).toBeNull();
  Reflect.deleteProperty(globalThis, 'navigator');
});
