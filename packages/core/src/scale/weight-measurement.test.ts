import { readWeightMeasurement } from './weight-measurement';

const bytes = (...values: number[]) => new DataView(Uint8Array.from(values).buffer);

test('grams come in steps of five, low byte first', () => {
  expect(readWeightMeasurement(bytes(0x00, 0x54, 0x00))).toEqual({ g: 420, stepG: 5 });
  expect(readWeightMeasurement(bytes(0x00, 0x2c, 0x01))).toEqual({ g: 1500, stepG: 5 });
});

test('pounds come in hundredths: one pound is 453.6 g', () => {
  expect(readWeightMeasurement(bytes(0x01, 100, 0))).toMatchObject({ g: 453.6 });
});

test('what stands behind the weight, such as a time or a user, changes nothing', () => {
  expect(readWeightMeasurement(bytes(0x06, 2, 0, 0xea, 0x07, 11, 28, 12, 0, 0, 1))).toEqual({
    g: 10,
    stepG: 5,
  });
});

test('a scale that could not weigh says so; bytes that are too few say nothing', () => {
  expect(readWeightMeasurement(bytes(0x00, 0xff, 0xff))).toEqual({ stepG: 5 });
  expect(readWeightMeasurement(bytes(0x00, 0x54))).toBeUndefined();
});
