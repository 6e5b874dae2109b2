import type { Corners } from '@potter/core/photograph';
import type { CameraSource } from './camera-source';
import { type Seen, type Taken, watchRest } from './watch-rest';

const MIN = 60_000;
const HERE: Corners = [
  [0.1, 0.1],
  [0.9, 0.1],
  [0.9, 0.9],
  [0.1, 0.9],
];
const shifted = (by: number) => HERE.map(([x, y]) => [x, y + by]) as unknown as Corners;

/** A camera whose clock goes a minute at each picture; what it photographs is its number. */
function camera(lostAfter = Infinity): CameraSource & { taken: number } {
  const source = {
    taken: 0,
    pace: 1e9,
    now: () => source.taken * MIN,
    take: () => {
      source.taken++;
      return source.taken > lostAfter
        ? Promise.reject(new Error('The camera went away.'))
        : Promise.resolve(new Blob([String(source.taken)]));
    },
    close: () => undefined,
  };
  return source;
}

interface Run {
  readonly pictures: number;
  readonly find?: (nth: number) => Corners | undefined;
  readonly read?: (nth: number) => string | undefined;
  readonly source?: CameraSource;
}

async function watched({ pictures, find = () => HERE, read = String, source = camera() }: Run) {
  const stop = new AbortController();
  const seen: Seen<string>[] = [];
  const kept: number[] = [];
  const nth = ({ at }: Pick<Taken, 'at'>) => at / MIN;
  let finds = 0;
  const over = watchRest<string>(
    source,
    { picture: new Blob(), at: 0, corners: HERE },
    MIN,
    {
      find: () => Promise.resolve().then(() => find(finds++)),
      read: (taken) => Promise.resolve().then(() => read(nth(taken))),
      keep: (taken) => {
        kept.push(nth(taken));
        return Promise.resolve();
      },
      tell: (one) => {
        seen.push(one);
        if (seen.length === pictures) stop.abort();
      },
    },
    stop.signal,
  );
  const fault = await over.then(
    () => undefined,
    (error: Error) => error.message,
  );
  return { seen, kept, fault };
}

test('a picture at every interval, each looked at; one in five minutes is kept, and the last', async () => {
  const { seen, kept } = await watched({ pictures: 8 });
  expect(seen.map(({ told }) => told)).toEqual(['0', '1', '2', '3', '4', '5', '6', '7']);
  expect(kept).toEqual([0, 5, 7]);
});

test('the last is not kept twice', async () => {
  expect((await watched({ pictures: 6 })).kept).toEqual([0, 5]);
});

test('where phone or piece were moved it is said once, and the corners are those found then', async () => {
  const there = shifted(0.05);
  const { seen } = await watched({
    pictures: 5,
    find: (nth) => (nth < 2 ? HERE : there),
  });
  expect(seen.map(({ moved }) => moved)).toEqual([false, false, true, false, false]);
  expect(seen.map(({ corners }) => corners)).toEqual([HERE, HERE, there, there, there]);
});

test('corners the artist moved stay theirs while nothing moves, and where none are found', async () => {
  const { seen } = await watched({
    pictures: 4,
    find: (nth) => (nth % 2 ? undefined : shifted(0.01)),
  });
  expect(seen.every(({ corners, moved }) => corners === HERE && !moved)).toBe(true);
});

test('a picture in which looking for the piece fails is read all the same, the first too', async () => {
  const { seen, fault } = await watched({
    pictures: 3,
    find: (nth) => {
      if (nth < 2) throw new Error('it took too long');
      return HERE;
    },
  });
  expect(seen.map(({ told }) => told)).toEqual(['0', '1', '2']);
  expect(fault).toBeUndefined();
});

test('a picture that cannot be read is said, and the watch goes on', async () => {
  const { seen } = await watched({
    pictures: 3,
    read: (nth) => {
      if (nth === 1) throw new Error('it took too long');
      return 'read';
    },
  });
  expect(seen.map(({ told, fault }) => told ?? fault)).toEqual([
    'read',
    'it took too long',
    'read',
  ]);
});

test('a camera that is lost ends it with what the camera says; what was kept is kept', async () => {
  const { fault, kept, seen } = await watched({ pictures: 99, source: camera(6) });
  expect(fault).toBe('The camera went away.');
  expect(seen).toHaveLength(7);
  expect(kept).toEqual([0, 5]);
});
