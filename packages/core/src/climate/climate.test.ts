import fc from 'fast-check';
import { between } from '../between.test-data';
import { AUTUMN_ROOM, readHumidity, readTemperature, roomAt, saturationHPa } from '.';

const bytes = (...of: number[]) => new DataView(Uint8Array.from(of).buffer);

test('degrees and damp are read from hand-written bytes, below nothing too', () => {
  expect(readTemperature(bytes(0x34, 0x08))).toBe(21);
  expect(readTemperature(bytes(0xb0, 0xff))).toBe(-0.8);
  expect(readHumidity(bytes(0x7a, 0x15))).toBe(54.98);
});

test('what is no reading, or not known, is none', () => {
  expect(readTemperature(bytes(0x00, 0x80))).toBeUndefined();
  expect(readTemperature(bytes(0x34))).toBeUndefined();
  expect(readHumidity(bytes(0xff, 0xff))).toBeUndefined();
  expect(readHumidity(bytes(0x11, 0x27))).toBeUndefined();
});

test('the warmer the room, the drier its air, with the same water in it all day', () => {
  const water = ({ tempC, rh }: { tempC: number; rh: number }) => saturationHPa(tempC) * rh;
  const hour = between(0, 24);
  fc.assert(
    fc.property(hour, hour, (a, b) => {
      const [one, other] = [roomAt(AUTUMN_ROOM, a), roomAt(AUTUMN_ROOM, b)];
      if (one.tempC > other.tempC) expect(one.rh).toBeLessThanOrEqual(other.rh);
      expect(Math.abs(water(one) / water(other) - 1)).toBeLessThan(0.03);
    }),
  );
  expect(roomAt(AUTUMN_ROOM, 16)).toEqual({ tempC: 20.5, rh: 47 });
});
