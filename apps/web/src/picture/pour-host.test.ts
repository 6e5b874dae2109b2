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

let host: Host;
beforeEach(() => {
  jest.useFakeTimers();
  workers = [];
  // Bundled modules have no address here.
  Object.assign(global, { Worker: FakeWorker, URL: class {}, devicePixelRatio: 1 });
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    host = (require('./pour-host') as { pourHost: Host }).pourHost;
  });
});
afterEach(() => jest.useRealTimers());

const preview = (name: string) => ({ scene: name, palette: [], dots: [] }) as unknown as Preview;
const [A, B] = [preview('a'), preview('b')];
const settled = () => jest.advanceTimersByTime(100);
const shows = () => workers.flatMap((w) => w.asked).filter((ask) => ask.kind === 'show');
const lastJob = () => shows().at(-1)!.job;
const picture = (job: number, finished = true): Answer => ({
  kind: 'picture',
  job,
  width: 1,
  height: 1,
  rgba: new ArrayBuffer(4),
  finished,
});

test('nothing is begun before somebody looks; changes in quick succession are asked about once, the last', () => {
  expect(workers).toHaveLength(0);
  host.show(A, 'piece' as never, 'plan');
  host.show(B, 'piece' as never, 'plan');
  settled();
  expect(shows()).toHaveLength(1);
  expect(shows()[0]).toMatchObject({ scene: 'b' });
  host.show(B, 'piece' as never, 'plan');
  settled();
  expect(shows()).toHaveLength(1);
});

test('what is told of a pour nobody waits for any more is not taken for the new one', () => {
  host.show(A, 'piece' as never, 'plan');
  settled();
  const late = lastJob();
  host.show(B, 'piece' as never, 'plan');
  settled();
  workers[0]!.says(picture(late));
  expect(host.get().picture).toBeUndefined();
  workers[0]!.says(picture(lastJob()));
  expect(host.get()).toMatchObject({ picture: { width: 1 }, of: B });
});

test('the last picture stays while another of the same plan is made, and goes with the plan', () => {
  host.show(A, 'piece' as never, 'plan');
  settled();
  workers[0]!.says(picture(lastJob()));
  host.show(B, 'piece' as never, 'plan');
  expect(host.get()).toMatchObject({ of: A });
  host.show(A, 'piece' as never, 'another plan');
  expect(host.get().picture).toBeUndefined();
});

test('a coarse picture is not the end of it; the finished one is', () => {
  host.show(A, 'piece' as never, 'plan');
  settled();
  workers[0]!.says({ kind: 'progress', job: lastJob(), doing: 'flowing' as never, share: 0.5 });
  expect(host.get().doing).toMatchObject({ share: 0.5 });
  workers[0]!.says(picture(lastJob(), false));
  expect(host.get().doing).toBeDefined();
  workers[0]!.says(picture(lastJob()));
  expect(host.get().doing).toBeUndefined();
});

test('stopped, it says so and takes no late answer; begun again, it asks anew', () => {
  host.show(A, 'piece' as never, 'plan');
  settled();
  const before = lastJob();
  host.stop();
  expect(host.get().stopped).toBe(true);
  workers[0]!.says(picture(before));
  expect(host.get().picture).toBeUndefined();
  host.again();
  settled();
  expect(shows()).toHaveLength(2);
  expect(host.get().stopped).toBeUndefined();
});

test('a worker that broke is told of and let go: trying again begins another', () => {
  host.show(A, 'piece' as never, 'plan');
  settled();
  workers[0]!.onerror?.({ message: 'out of memory', preventDefault: () => undefined });
  expect(host.get().failed).toBe('out of memory');
  expect(workers[0]!.ended).toBe(true);
  host.again();
  settled();
  expect(workers).toHaveLength(2);
  workers[1]!.says(picture(lastJob()));
  expect(host.get()).toMatchObject({ of: A });
  expect(host.get().failed).toBeUndefined();
});

test('each core goes to whoever drilled it', async () => {
  host.show(A, 'piece' as never, 'plan');
  settled();
  const [one, two] = [host.drill(1, 1), host.drill(2, 2)];
  const [first, second] = workers[0]!.asked.flatMap((ask) =>
    ask.kind === 'drill' ? [ask.spot] : [],
  );
  workers[0]!.says({ kind: 'core', spot: second!, cores: [[{ mix: 'm-two', um: 2 }]] as never });
  workers[0]!.says({ kind: 'core', spot: first!, cores: [[{ mix: 'm-one', um: 1 }]] as never });
  await expect(one).resolves.toMatchObject([[{ mix: 'm-one' }]]);
  await expect(two).resolves.toMatchObject([[{ mix: 'm-two' }]]);
});

test('a minute after the last look the worker and its memory are let go; a look before keeps them', () => {
  const leave = host.subscribe(() => undefined);
  host.show(A, 'piece' as never, 'plan');
  settled();
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
const kinds = ({ asked }: FakeWorker) => asked.map(({ kind }) => kind);

test('where there is a processor for it a second worker helps the first, and goes with it', () => {
  isolated(2);
  const leave = host.subscribe(() => undefined);
  host.show(A, 'piece' as never, 'plan');
  settled();
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
  [1, 8],
  [4, 2],
])('on %d processors with %d GB it works alone', (processors, gb) => {
  isolated(processors, gb);
  host.show(A, 'piece' as never, 'plan');
  settled();
  expect(workers.map(kinds)).toEqual([['show']]);
});
