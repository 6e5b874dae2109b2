/** Fake timers that leave storage, which answers in its own time, to go on by itself. */
export const fakeTimers = (): void =>
  void jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });

/** Answers of storage that come between two timers. */
const TICKS = 12;

/** Lets storage and timers go on for so long, ms. */
export async function wait(ms: number): Promise<void> {
  for (let t = 0; t < ms; t += 250) {
    await jest.advanceTimersByTimeAsync(250);
    for (let tick = 0; tick < TICKS; tick++) await new Promise((resolve) => setImmediate(resolve));
  }
}
