import { steadyClock } from './steady-clock';

/** A device whose wall can be set, and whose count can sleep. */
function device() {
  const at = { wall: 1_795_000_000_000, count: 5000 };
  return {
    clock: () => steadyClock({ wall: () => at.wall, count: () => at.count }),
    pass: (ms: number) => {
      at.wall += ms;
      at.count += ms;
    },
    setWall: (ms: number) => (at.wall += ms),
    at,
  };
}
const HOURS = 3_600_000;

test('it reads as the wall does while nobody sets it', () => {
  const { clock, pass, at } = device();
  const steady = clock();
  for (let i = 0; i < 100; i++) {
    pass(997);
    expect(steady.now()).toBe(at.wall);
  }
  expect(steady.setBackMs()).toBe(0);
});

test('a wall set back two days moves no timer', () => {
  const { clock, pass, setWall } = device();
  const steady = clock();
  const due = steady.now() + 10 * 60_000;
  pass(60_000);
  steady.now();
  setWall(-48 * HOURS);
  pass(60_000);
  expect(due - steady.now()).toBe(8 * 60_000);
  expect(steady.setBackMs()).toBe(48 * HOURS);
});

test('set back between two readings a while apart, it loses no time either', () => {
  const { clock, pass, setWall } = device();
  const steady = clock();
  const begun = steady.now();
  pass(30_000);
  setWall(-48 * HOURS);
  pass(30_000);
  expect(steady.now() - begun).toBe(60_000);
});

test('a device that slept has not slept its timers away', () => {
  const { clock, setWall } = device();
  const steady = clock();
  const due = steady.now() + 10 * 60_000;
  // The count stood still while the wall went on.
  setWall(9 * 60_000);
  expect(due - steady.now()).toBe(60_000);
  expect(steady.setBackMs()).toBe(0);
});

test('a page opened after the wall was set back goes on from what was written down', () => {
  const { clock, pass, setWall, at } = device();
  const written = at.wall;
  setWall(-48 * HOURS);
  const steady = clock();
  steady.notBefore(written);
  pass(60_000);
  expect(steady.now()).toBe(written + 60_000);
  expect(steady.setBackMs()).toBe(48 * HOURS);
  // A moment that is past already changes nothing.
  steady.notBefore(written);
  expect(steady.now()).toBe(written + 60_000);
});
