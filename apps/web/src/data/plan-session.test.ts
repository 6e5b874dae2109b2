import { edit, newPlan, type Plan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { kept } from './kept';

const plan: Plan = newPlan({
  title: 'Quince',
  surface: plainSurface({ kind: 'rect', widthMm: 300, heightMm: 200 }),
  paints: [
    {
      id: 'oat',
      name: 'Oat milk',
      hex: '#ece5d6',
      opacity: 'opaque',
      body: 'heavy',
      finish: 'satin',
    },
  ],
  technique: 'flip-cup',
});

/** A studio in memory that saves as the real one does, and can be away. */
function studio() {
  const held = { revision: 1, plan, away: false, saves: 0, made: [] as Plan[] };
  const answer = (status: number, body: unknown) =>
    ({ ok: status < 300, status, json: () => Promise.resolve(body) }) as Response;
  global.fetch = jest.fn(async (_path: RequestInfo | URL, init?: RequestInit) => {
    if (held.away) throw new TypeError('failed to fetch');
    if (init?.method === 'POST') {
      held.made.push((JSON.parse(String(init.body)) as { plan: Plan }).plan);
      return answer(201, {
        id: `copy-${held.made.length}`,
        revision: 1,
        updatedAt: '',
        plan: held.made.at(-1),
      });
    }
    if (init?.method !== 'PUT')
      return answer(200, { id: 'p', revision: held.revision, updatedAt: '', plan: held.plan });
    const sent = JSON.parse(String(init.body)) as { revision: number; plan: Plan };
    if (sent.revision !== held.revision)
      return answer(409, {
        error: {
          code: 'behind',
          message: 'changed elsewhere',
          faults: [],
          revision: held.revision,
        },
      });
    held.revision++;
    held.plan = sent.plan;
    held.saves++;
    return answer(200, { id: 'p', revision: held.revision, updatedAt: '' });
  });
  return held;
}

let openSession: (typeof import('./plan-session'))['openSession'];

/** A page anew: nothing of the one before goes on but what it wrote on the device. */
function reload() {
  jest.clearAllTimers();
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    ({ openSession } = require('./plan-session') as typeof import('./plan-session'));
  });
}

beforeEach(() => {
  const store = new Map<string, string>();
  Object.defineProperty(global, 'localStorage', {
    configurable: true,
    value: {
      getItem: (k: string) => store.get(k) ?? null,
      setItem: (k: string, v: string) => void store.set(k, v),
      removeItem: (k: string) => void store.delete(k),
    },
  });
  jest.useFakeTimers();
  reload();
});
afterEach(() => jest.useRealTimers());

const rename = (title: string) => (p: Plan) => edit.rename(p, title);

test('an edit is there at once and saved by itself, several as one', async () => {
  const held = studio();
  const session = await openSession('p');
  session.edit(rename('A'), 'title');
  session.edit(rename('AB'), 'title');
  expect(session.get().history.now.title).toBe('AB');
  expect(held.saves).toBe(0);
  await jest.advanceTimersByTimeAsync(500);
  expect(held).toMatchObject({ saves: 1, plan: { title: 'AB' } });
  expect(session.get().saving).toBe('saved');
  expect(kept('p')).toMatchObject({ unsaved: false, revision: 2 });
});

test('while the studio is away the work is kept on this device and sent later', async () => {
  const held = studio();
  const session = await openSession('p');
  held.away = true;
  session.edit(rename('Away'));
  await jest.advanceTimersByTimeAsync(500);
  expect(session.get().saving).toBe('away');
  expect(kept('p')?.history.now.title).toBe('Away');
  held.away = false;
  await jest.advanceTimersByTimeAsync(4000);
  expect(session.get().saving).toBe('saved');
  expect(held.plan.title).toBe('Away');
});

test('a plan opened again while the studio is away still sends what it owes', async () => {
  const held = studio();
  const first = await openSession('p');
  held.away = true;
  first.edit(rename('Owed'));
  await jest.advanceTimersByTimeAsync(100);
  const second = await openSession('p');
  expect(second).toBe(first);
  held.away = false;
  await jest.advanceTimersByTimeAsync(8000);
  expect(held.plan.title).toBe('Owed');
  expect(second.get().saving).toBe('saved');
});

test('a plan that was only looked at opens again while the studio is away', async () => {
  const held = studio();
  await openSession('p');
  reload();
  held.away = true;
  const again = await openSession('p');
  expect(again.get()).toMatchObject({ saving: 'away' });
  expect(again.get().history.now).toEqual(plan);
  held.plan = rename('Changed elsewhere')(plan);
  held.revision++;
  held.away = false;
  reload();
  expect((await openSession('p')).get().history.now.title).toBe('Changed elsewhere');
});

test('a page closed before its save comes back with the edit', async () => {
  const held = studio();
  const first = await openSession('p');
  first.edit(rename('Unsaved'));
  reload();
  const second = await openSession('p');
  expect(second.get().history.now.title).toBe('Unsaved');
  await jest.advanceTimersByTimeAsync(500);
  expect(held.plan.title).toBe('Unsaved');
});

test('one that falls behind overwrites nothing: its edits go on as a plan of their own', async () => {
  const held = studio();
  const session = await openSession('p');
  held.revision = 5;
  session.edit(rename('Late'));
  await jest.advanceTimersByTimeAsync(500);
  expect(session.get()).toMatchObject({ saving: 'branched', branch: 'copy-1' });
  expect(held.plan.title).toBe('Quince');
  expect(held.made[0]?.title).toBe('Late, second copy');
  session.edit(rename('Later still'));
  expect(session.get().history.now.title).toBe('Late');
});

test('undo steps are there again after a reload', async () => {
  studio();
  const first = await openSession('p');
  for (let i = 1; i <= 110; i++) first.edit(rename(`Step ${i}`));
  await jest.advanceTimersByTimeAsync(2000);
  reload();
  const second = await openSession('p');
  for (let i = 0; i < 100; i++) second.undo();
  expect(second.get().history.now.title).toBe('Step 10');
});

test('a save that arrived after its page was closed is no save of another’s', async () => {
  const held = studio();
  const first = await openSession('p');
  first.edit(rename('Last words'));
  held.plan = edit.rename(plan, 'Last words');
  held.revision++;
  reload();
  const second = await openSession('p');
  second.edit(rename('Going on'));
  await jest.advanceTimersByTimeAsync(500);
  expect(second.get().saving).toBe('saved');
  expect(held.plan.title).toBe('Going on');
});

test('a plan changed elsewhere meanwhile opens as it is now, without steps that no longer fit', async () => {
  const held = studio();
  const first = await openSession('p');
  first.edit(rename('Here'));
  await jest.advanceTimersByTimeAsync(500);
  held.plan = edit.rename(held.plan, 'Elsewhere');
  held.revision++;
  reload();
  const second = await openSession('p');
  expect(second.get().history.now.title).toBe('Elsewhere');
  expect(second.get().history.past).toEqual([]);
});

test('edits made while a save is under way are saved after it', async () => {
  const held = studio();
  const session = await openSession('p');
  session.edit(rename('One'));
  jest.advanceTimersByTime(400);
  session.edit(rename('Two'));
  await jest.advanceTimersByTimeAsync(1500);
  expect(held.plan.title).toBe('Two');
});

test('undo is an edit like any other: it is saved too', async () => {
  const held = studio();
  const session = await openSession('p');
  session.edit(rename('Wrong'));
  await jest.advanceTimersByTimeAsync(500);
  session.undo();
  await jest.advanceTimersByTimeAsync(500);
  expect(held).toMatchObject({ saves: 2, plan: { title: 'Quince' } });
});
