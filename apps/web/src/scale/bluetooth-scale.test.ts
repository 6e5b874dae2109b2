/** A scale as the browser hands it over. */
class Air extends EventTarget {
  value?: DataView;
  name = 'Bench scale';
  gatt = {
    connect: async () => ({
      getPrimaryService: async () => ({ getCharacteristic: async () => this }),
    }),
  };
  startNotifications = async () => this;
  weighs(steps: number): void {
    this.value = new DataView(Uint8Array.from([0, steps & 255, steps >> 8]).buffer);
    this.dispatchEvent(new Event('characteristicvaluechanged'));
  }
  goes(): void {
    this.dispatchEvent(new Event('gattserverdisconnected'));
  }
}

let page: typeof import('./bluetooth-scale');
let air: Air;
let chosen: () => Promise<Air>;
beforeEach(() => {
  jest.useFakeTimers();
  air = new Air();
  chosen = async () => air;
  Object.defineProperty(globalThis, 'navigator', {
    configurable: true,
    value: { bluetooth: { requestDevice: jest.fn(() => chosen()) } },
  });
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    page = require('./bluetooth-scale') as typeof import('./bluetooth-scale');
  });
});
afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(globalThis, 'navigator');
});

test('it is read in grams, steady once it has stood, and taken back to nothing by taring', async () => {
  expect(await page.airScale.find()).toBe(true);
  const scale = page.bluetoothScale();
  const heard = jest.fn();
  scale.subscribe(heard);
  expect(scale.read()).toEqual({ kind: 'unread' });
  air.weighs(20);
  expect(scale.read()).toEqual({ kind: 'weight', g: 100, steady: false });
  air.weighs(20);
  jest.advanceTimersByTime(1000);
  expect(scale.read()).toEqual({ kind: 'weight', g: 100, steady: true });
  scale.tare!();
  expect(scale.read()).toMatchObject({ g: 0 });
  air.weighs(33);
  expect(scale.read()).toEqual({ kind: 'weight', g: 65, steady: false });
  expect(scale.stepG).toBe(5);
  expect(heard).toHaveBeenCalledTimes(4);
});

test('a scale that is lost reads nothing any more, and can be found again', async () => {
  await page.airScale.find();
  const scale = page.bluetoothScale();
  air.weighs(20);
  air.goes();
  expect(scale.read()).toEqual({ kind: 'unread' });
  jest.advanceTimersByTime(5000);
  expect(scale.read()).toEqual({ kind: 'unread' });
  await page.airScale.find();
  air.weighs(20);
  expect(scale.read()).toMatchObject({ g: 100 });
});

test('none chosen, or one that cannot be listened to, is no scale', async () => {
  chosen = () => Promise.reject(Object.assign(new Error('none'), { name: 'NotFoundError' }));
  expect(await page.airScale.find()).toBe(false);
  chosen = () => Promise.reject(new Error('no such service'));
  expect(await page.airScale.find()).toBe(false);
});
