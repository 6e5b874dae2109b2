import type { Preview } from '@potter/core/plan';
import type { Answer, Ask } from '@/workers/messages';

type Host = typeof import('./pour-host').pourHost;

/** Workers the page has begun, and what each was asked. */
let workers: FakeWorker[];
class FakeWorker {
  asked: Ask[] = [];
  ended = false;
  onmessage?: (event: { data: Answer }) => void;
  onerror?: (event: { message: string; preventDefault: () => void }) => void;
  constructor() {
    workers.push(this);
  }
  postMessage(ask: Ask) {
    this.asked.push(ask);
  }
  terminate() {
    this.ended = true;
  }
  says(answer: Answer) {
    this.onmessage?.({ data: answer });
  }
}

/** What the device has from before, by its name. */
let device: Map<string, unknown>;
const had = () => ({
  hadAs: ({ scene }: { scene: unknown }, view: string) => `${String(scene)} ${view}`,
  hadBefore: {
    find: async (of: string) => device.get(of),
    keep: async (of: string, one: unknown) => void device.set(of, one),
  },
});

let host: Host;
beforeEach(() => {
  jest.useFakeTimers();
  workers = [];
  device = new Map();
  // Bundled modules have no address here.
  Object.assign(global, { Worker: FakeWorker, URL: class {}, devicePixelRatio: 1 });
  jest.isolateModules(() => {
    jest.doMock('./had', had);
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    host = (require('./pour-host') as { pourHost: Host }).pourHost;
  });
});
afterEach(() => jest.useRealTimers());

const preview = (name: string) => ({ scene: name, palette: [], dots: [] }) as unknown as Preview;
const [A, B] = [preview('a'), preview('b')];
const settled = () => jest.advanceTimersByTimeAsync(100);
const shows = () => workers.flatMap((w) => w.asked).filter((ask) => ask.kind === 'show');
const kinds = ({ asked }: FakeWorker) => asked.map(({ kind }) => kind);
const lastJob = () => shows().at(-1)!.job;
const picture = (job: number, finished = true): Answer => ({
  kind: 'picture',
  job,
  width: 1,
  height: 1,
  rgba: new ArrayBuffer(4),
  finished,
});

test('nothing is begun before somebody looks; a change is asked about at once, of more in quick succession the last', async () => {
  expect(workers).toHaveLength(0);
  host.show(A, 'piece' as never, 'plan');
  await jest.advanceTimersByTimeAsync(0);
  expect(shows()).toMatchObject([{ scene: 'a' }]);
  for (const name of ['b', 'c', 'd']) {
    await jest.advanceTimersByTimeAsync(16);
    host.show(preview(name), 'piece' as never, 'plan');
  }
  await settled();
  expect(shows()).toMatchObject([{ scene: 'a' }, { scene: 'd' }]);
  host.show(preview('d'), 'piece' as never, 'plan');
  await settled();
  expect(shows()).toHaveLength(2);
});

test('what is told of a pour nobody waits for any more is not taken for the new one', async () => {
  host.show(A, 'piece' as never, 'plan');
  await settled();
  const late = lastJob();
  host.show(B, 'piece' as never, 'plan');
  await settled();
  workers[0]!.says(picture(late));
  expect(host.get().picture).toBeUndefined();
  workers[0]!.says(picture(lastJob()));
  expect(host.get()).toMatchObject({ picture: { width: 1 }, of: B });
});

test('the last picture stays while another of the same plan is made, and goes with the plan', async () => {
  host.show(A, 'piece' as never, 'plan');
  await settled();
  workers[0]!.says(picture(lastJob()));
  host.show(B, 'piece' as never, 'plan');
  expect(host.get()).toMatchObject({ of: A });
  host.show(A, 'piece' as never, 'another plan');
  expect(host.get().picture).toBeUndefined();
});

test('a coarse picture is not the end of it; the finished one is', async () => {
  host.show(A, 'piece' as never, 'plan');
  await settled();
  workers[0]!.says({ kind: 'progress', job: lastJob(), doing: 'pouring', share: 0.5 });
  expect(host.get().doing).toBe('pouring');
  workers[0]!.says(picture(lastJob(), false));
  expect(host.get().doing).toBe('pouring');
  workers[0]!.says(picture(lastJob()));
  expect(host.get().doing).toBeUndefined();
});

test('how far it is, is told to those alone who show it', async () => {
  host.show(A, 'piece' as never, 'plan');
  await settled();
  const [heard, shown] = [jest.fn(), jest.fn()];
  const leave = [host.subscribe(heard), host.share.subscribe(shown)];
  const says = (doing: 'pouring' | 'looking', share: number) =>
    workers[0]!.says({ kind: 'progress', job: lastJob(), doing, share });
  says('pouring', 0);
  says('pouring', 0.2);
  says('pouring', 0.4);
  expect(host.share.get()).toBe(0.4);
  expect([heard, shown].map((f) => f.mock.calls.length)).toEqual([1, 2]);
  // What it does is for all.
  says('looking', 0);
  expect(host.get().doing).toBe('looking');
  expect([heard, shown].map((f) => f.mock.calls.length)).toEqual([2, 2]);
  leave.forEach((f) => f());
  says('looking', 0.5);
  expect(shown).toHaveBeenCalledTimes(2);
});

test('stopped, it says so and takes no late answer; begun again, it asks anew', async () => {
  host.show(A, 'piece' as never, 'plan');
  await settled();
  const before = lastJob();
  host.stop();
  expect(host.get().stopped).toBe(true);
  workers[0]!.says(picture(before));
  expect(host.get().picture).toBeUndefined();
  host.again();
  await settled();
  expect(shows()).toHaveLength(2);
  expect(host.get().stopped).toBeUndefined();
});

test('a worker that broke is told of and let go: trying again begins another', async () => {
  host.show(A, 'piece' as never, 'plan');
  await settled();
  workers[0]!.onerror?.({ message: 'out of memory', preventDefault: () => undefined });
  expect(host.get().failed).toBe('out of memory');
  expect(workers[0]!.ended).toBe(true);
  host.again();
  await settled();
  expect(workers).toHaveLength(2);
  workers[1]!.says(picture(lastJob()));
  expect(host.get()).toMatchObject({ of: A });
  expect(host.get().failed).toBeUndefined();
});

const outcome = (job: number): Answer => ({ kind: 'outcome', job, outcome: { of: job } as never });

test('what was finished is seen again at once, poured by nobody; what was not, or is looked at otherwise, is poured', async () => {
  host.show(A, 'dry', 'plan');
  await settled();
  workers[0]!.says(picture(lastJob(), false));
  workers[0]!.says(outcome(lastJob()));
  expect(device.size).toBe(0);
  workers[0]!.says(picture(lastJob()));
  workers[0]!.says(outcome(lastJob()));
  host.show(B, 'dry', 'another plan');
  await settled();
  host.show(A, 'dry', 'plan');
  await settled();
  expect(host.get()).toMatchObject({ of: A, told: A, picture: { width: 1 }, outcome: { of: 1 } });
  expect(host.get().doing).toBeUndefined();
  expect(kinds(workers[0]!)).toEqual(['show', 'show', 'stop']);
  host.show(A, 'wet', 'plan');
  await settled();
  expect(kinds(workers[0]!).at(-1)).toBe('show');
});

test('the same pour said anew is not poured anew: what comes is of it', async () => {
  host.show(A, 'dry', 'plan');
  await settled();
  host.show(preview('a'), 'dry', 'plan');
  await settled();
  expect(kinds(workers[0]!)).toEqual(['show']);
  workers[0]!.says(picture(lastJob()));
  expect(host.get().of).toBe(A);
});

test('a core of what was had before is drilled once it is poured after all, without a coarse picture in between', async () => {
  device.set('a dry', { picture: { width: 1 }, outcome: {} });
  host.show(A, 'dry', 'plan');
  await settled();
  expect(workers).toHaveLength(0);
  const [one, two] = [host.drill(1, 1), host.drill(2, 2)];
  expect(workers[0]!.asked).toMatchObject([{ kind: 'show', pixels: [512] }]);
  expect(workers[0]!.asked[0]).not.toHaveProperty('soon');
  workers[0]!.says(picture(lastJob()));
  workers[0]!.says(outcome(lastJob()));
  expect(kinds(workers[0]!)).toEqual(['show', 'drill', 'drill']);
  const [, first, second] = workers[0]!.asked as Extract<Ask, { kind: 'drill' }>[];
  workers[0]!.says({ kind: 'core', spot: first!.spot, cores: [] });
  workers[0]!.says({ kind: 'core', spot: second!.spot, cores: [] });
  await Promise.all([one, two]);
  void host.drill(3, 3);
  expect(kinds(workers[0]!)).toEqual(['show', 'drill', 'drill', 'drill']);
});

test('a pour for a core that failed or was stopped is asked for again by the next core', async () => {
  device.set('a dry', { picture: { width: 1 }, outcome: {} });
  host.show(A, 'dry', 'plan');
  await settled();
  void host.drill(1, 1);
  workers[0]!.says({ kind: 'failed', job: lastJob(), why: 'too large' });
  void host.drill(1, 1);
  host.stop();
  void host.drill(1, 1);
  expect(kinds(workers[0]!)).toEqual(['show', 'show', 'stop', 'show']);
});

test('each core goes to whoever drilled it', async () => {
  host.show(A, 'piece' as never, 'plan');
  await settled();
  workers[0]!.says(picture(lastJob(), false));
  const [one, two] = [host.drill(1, 1), host.drill(2, 2)];
  // While it is poured there is nothing to drill yet.
  expect(kinds(workers[0]!)).toEqual(['show']);
  workers[0]!.says(picture(lastJob()));
  workers[0]!.says(outcome(lastJob()));
  const [first, second] = workers[0]!.asked.flatMap((ask) =>
    ask.kind === 'drill' ? [ask.spot] : [],
  );
  workers[0]!.says({ kind: 'core', spot: second!, cores: [[{ mix: 'm-two', um: 2 }]] as never });
  workers[0]!.says({ kind: 'core', spot: first!, cores: [[{ mix: 'm-one', um: 1 }]] as never });
  await expect(one).resolves.toMatchObject([[{ mix: 'm-one' }]]);
  await expect(two).resolves.toMatchObject([[{ mix: 'm-two' }]]);
});

test('a minute after the last look the worker and its memory are let go; a look before keeps them', async () => {
  const leave = host.subscribe(() => undefined);
  host.show(A, 'piece' as never, 'plan');
  await settled();
  leave();
  jest.advanceTimersByTime(30_000);
  const leaveAgain = host.subscribe(() => undefined);
  jest.advanceTimersByTime(60_000);
  expect(workers[0]!.ended).toBe(false);
  leaveAgain();
  jest.advanceTimersByTime(60_000);
  expect(workers[0]!.ended).toBe(true);
  expect(host.subject()).toBeUndefined();
});

const { SharedArrayBuffer: shared, navigator: own } = global;
/** As in a browser that lets workers share memory, with so many processors and GB. */
function isolated(processors: number, deviceMemory?: number) {
  Object.assign(global, {
    crossOriginIsolated: true,
    SharedArrayBuffer: class {
      grow() {}
    },
    navigator: { hardwareConcurrency: processors, deviceMemory },
  });
}
afterEach(() =>
  Object.assign(global, {
    crossOriginIsolated: undefined,
    SharedArrayBuffer: shared,
    navigator: own,
  }),
);

test('where there is a processor for it a second worker helps the first, and goes with it', async () => {
  isolated(2);
  const leave = host.subscribe(() => undefined);
  host.show(A, 'piece' as never, 'plan');
  await settled();
  const [first, second] = workers as [FakeWorker, FakeWorker];
  expect(kinds(first)).toEqual(['helped', 'show']);
  expect(kinds(second)).toEqual(['help']);
  second.onerror?.({ message: 'out of memory', preventDefault: () => undefined });
  expect(kinds(first)).toEqual(['helped', 'show', 'alone']);
  expect(host.get().failed).toBeUndefined();
  leave();
  jest.advanceTimersByTime(60_000);
  expect(workers.map(({ ended }) => ended)).toEqual([true, true]);
});

test.each([
  [8, [512, 1024]],
  [2, [512]],
])('on a fine screen with %d GB pictures of %p px are wanted', async (gb, pixels) => {
  isolated(1, gb);
  Object.assign(global, { devicePixelRatio: 3 });
  host.show(A, 'piece' as never, 'plan');
  await settled();
  expect(workers[0]!.asked).toMatchObject([{ kind: 'show', pixels }]);
});

test.each([
  [1, 8],
  [4, 2],
])('on %d processors with %d GB it works alone', async (processors, gb) => {
  isolated(processors, gb);
  host.show(A, 'piece' as never, 'plan');
  await settled();
  expect(workers.map(kinds)).toEqual([['show']]);
});
