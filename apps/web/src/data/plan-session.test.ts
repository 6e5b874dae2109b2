import { type Former, merged } from '@potter/contract/change';
import { edit, newPlan, type Plan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { deviceOf } from '../../test/device-room';
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

/** How the studio fails a save: no answer comes back though it was saved, one of trouble, or none within patience. */
type Fault = 'answer lost' | 'silent' | 408 | 429 | 500;

/** A studio in memory that saves as the real one does, can be away, and fails as told. */
function studio() {
  const held = {
    revision: 1,
    plan,
    lastSave: undefined as string | undefined,
    away: false,
    gone: false,
    faults: [] as Fault[],
    saves: 0,
    made: [] as Plan[],
    /** Called while a save is under way. */
    meanwhile: undefined as (() => void) | undefined,
  };
  const copies = new Map<string, { revision: number; plan: Plan }>();
  const answer = (status: number, body: unknown) =>
    ({ ok: status < 300, status, json: () => Promise.resolve(body) }) as Response;
  const refusal = (status: number, code: string) =>
    answer(status, { error: { code, message: code, faults: [], revision: held.revision } });

  global.fetch = jest.fn(async (path: RequestInfo | URL, init?: RequestInit) => {
    if (held.away) throw new TypeError('failed to fetch');
    const id = String(path).split('/').pop() ?? '';
    if (init?.method === 'POST') {
      const asked = JSON.parse(String(init.body)) as { id: string; plan: Plan };
      if (!copies.has(asked.id)) copies.set(asked.id, { revision: 1, plan: asked.plan });
      held.made = [...copies.values()].map((c) => c.plan);
      held.meanwhile?.();
      if (held.faults[0] === 'answer lost') {
        held.faults.shift();
        throw new TypeError('failed to fetch');
      }
      return answer(201, { id: asked.id, updatedAt: '', ...copies.get(asked.id) });
    }
    const made = copies.get(id);
    if (init?.method !== 'PUT' && made) return answer(200, { id, updatedAt: '', ...made });
    if (init?.method !== 'PUT')
      return held.gone
        ? refusal(404, 'no-plan')
        : answer(200, { id: 'p', revision: held.revision, updatedAt: '', plan: held.plan });
    const sent = JSON.parse(String(init.body)) as {
      revision: number;
      plan: Plan;
      save: string;
      unanswered: string[];
      was?: Former;
    };
    const copy = copies.get(id);
    if (copy) {
      copy.revision++;
      copy.plan = sent.plan;
      held.made = [...copies.values()].map((c) => c.plan);
      return answer(200, { id, revision: copy.revision, updatedAt: '' });
    }
    held.meanwhile?.();
    const fault = held.faults.shift();
    if (typeof fault === 'number') return refusal(fault, 'trouble');
    if (fault === 'silent')
      return new Promise<Response>((_resolve, reject) =>
        init.signal?.addEventListener('abort', () => reject(new Error('aborted'))),
      );
    if (held.gone) return refusal(404, 'no-plan');
    const own = held.lastSave !== undefined && sent.unanswered.includes(held.lastSave);
    const over = sent.revision === held.revision || own;
    const both =
      over || !sent.was ? undefined : merged(held.plan, { now: sent.plan, was: sent.was });
    if (!over && !(both && 'is' in both)) return refusal(409, 'behind');
    held.revision++;
    held.plan = both && 'is' in both ? both.is : sent.plan;
    held.lastSave = sent.save;
    held.saves++;
    if (fault === 'answer lost') throw new TypeError('failed to fetch');
    const told = both ? { plan: held.plan } : {};
    return answer(200, { id: 'p', revision: held.revision, updatedAt: '', ...told });
  });
  return held;
}

let openSession: (typeof import('./plan-session'))['openSession'];
let dropSession: (typeof import('./plan-session'))['dropSession'];

/** What a page is told by the studio. */
let tellChanged: (about: string) => void;
jest.mock('./live', () => ({
  onChanged: (listener: (about: string) => void) => {
    tellChanged = listener;
    return () => undefined;
  },
}));

/** A page anew: nothing of the one before goes on but what it wrote on the device. */
function reload() {
  jest.clearAllTimers();
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    ({ openSession, dropSession } = require('./plan-session') as typeof import('./plan-session'));
  });
}

beforeEach(() => {
  deviceOf();
  jest.useFakeTimers();
  reload();
});
afterEach(() => jest.useRealTimers());

const rename = (title: string) => (p: Plan) => edit.rename(p, title);

/** Another device changes the plan, as the studio has it. */
const elsewhere = (held: ReturnType<typeof studio>, change: (p: Plan) => Plan) => {
  held.plan = change(held.plan);
  held.revision++;
  held.lastSave = 'another-s';
};
const schooled = (p: Plan): Plan => ({ ...p, seed: 7 });

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
  elsewhere(held, rename('Theirs'));
  session.edit(rename('Late'));
  await jest.advanceTimersByTimeAsync(500);
  expect(session.get()).toMatchObject({
    saving: 'branched',
    branch: expect.stringMatching(/^[0-9a-f]{32}$/) as string,
  });
  expect(held.plan.title).toBe('Theirs');
  expect(held.made[0]?.title).toBe('Late, second copy');
  // What is done in the moment before the screen goes on there is done there.
  session.edit(rename('Later still'));
  await jest.advanceTimersByTimeAsync(1000);
  expect(held.made.map((p) => p.title)).toEqual(['Later still']);
  const copy = await openSession(session.get().branch!);
  copy.undo();
  copy.undo();
  expect(copy.get().history.now.title).toBe('Quince, second copy');
});

test('edits to different parts of a plan on two devices are both in it', async () => {
  const held = studio();
  const session = await openSession('p');
  elsewhere(held, schooled);
  session.edit(rename('Mine'));
  await jest.advanceTimersByTimeAsync(500);
  expect(held.plan).toMatchObject({ title: 'Mine', seed: 7 });
  expect(session.get().saving).toBe('saved');
  expect(session.get().history.now).toMatchObject({ title: 'Mine', seed: 7 });
  session.edit(rename('Mine too'));
  await jest.advanceTimersByTimeAsync(500);
  expect(held.plan).toMatchObject({ title: 'Mine too', seed: 7 });
});

test('undoing one’s own edit undoes nothing of the other device’s', async () => {
  const held = studio();
  const session = await openSession('p');
  session.edit(rename('Mine'));
  elsewhere(held, schooled);
  await jest.advanceTimersByTimeAsync(500);
  session.undo();
  await jest.advanceTimersByTimeAsync(500);
  expect(held.plan).toMatchObject({ title: 'Quince', seed: 7 });
});

test('typed while the answer brings the other device’s change, nothing is lost', async () => {
  const held = studio();
  const session = await openSession('p');
  session.edit(rename('Mine'));
  elsewhere(held, schooled);
  held.meanwhile = () => {
    held.meanwhile = undefined;
    session.edit(rename('Mine, longer'));
  };
  await jest.advanceTimersByTimeAsync(1000);
  expect(held.plan).toMatchObject({ title: 'Mine, longer', seed: 7 });
  expect(held.made).toEqual([]);
});

test('after a reload too, with edits that were waiting', async () => {
  const held = studio();
  const before = await openSession('p');
  held.away = true;
  before.edit(rename('Mine'));
  reload();
  held.away = false;
  elsewhere(held, schooled);
  const after = await openSession('p');
  await jest.advanceTimersByTimeAsync(500);
  expect(held.plan).toMatchObject({ title: 'Mine', seed: 7 });
  expect(after.get().branch).toBeUndefined();
});

test('told that another device changed it, a plan shows it at once; one with edits to send sends them', async () => {
  const held = studio();
  const session = await openSession('p');
  session.subscribe(() => undefined);
  elsewhere(held, schooled);
  tellChanged('plans/p');
  await jest.advanceTimersByTimeAsync(0);
  expect(session.get()).toMatchObject({ history: { now: { seed: 7 } }, takenIn: 1 });
  session.edit(rename('Mine'));
  elsewhere(held, (p) => ({ ...p, seed: 8 }));
  tellChanged('plans/p');
  await jest.advanceTimersByTimeAsync(0);
  expect(session.get()).toMatchObject({
    history: { now: { title: 'Mine', seed: 8 } },
    takenIn: 2,
  });
  tellChanged('plans/another');
  expect(held.saves).toBe(1);
});

test('told of a change while a save of its own is under way, it shows that change after it', async () => {
  const held = studio();
  const session = await openSession('p');
  session.subscribe(() => undefined);
  session.edit(rename('Mine'));
  held.meanwhile = () => {
    held.meanwhile = undefined;
    // Behind this save, before its answer.
    queueMicrotask(() => {
      elsewhere(held, schooled);
      tellChanged('plans/p');
    });
  };
  await jest.advanceTimersByTimeAsync(500);
  await jest.advanceTimersByTimeAsync(0);
  expect(session.get().history.now).toMatchObject({ title: 'Mine', seed: 7 });
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

test('nor is one of the same state that arrives once the page is there again', async () => {
  const held = studio();
  const before = await openSession('p');
  before.edit(rename('A'));
  // Sent, and slower than the page that is opened after it.
  held.faults.push('silent');
  await jest.advanceTimersByTimeAsync(500);
  const save = kept('p')!.unanswered.at(-1);
  held.plan = before.get().history.now;
  reload();
  const after = await openSession('p');
  expect(after.get().saving).toBe('saved');
  held.revision++;
  held.lastSave = save;
  after.edit(rename('B'));
  await jest.advanceTimersByTimeAsync(500);
  expect(held.plan.title).toBe('B');
  expect(after.get().saving).toBe('saved');
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

test.each([500, 408, 429] as const)(
  'a save answered %s is sent again by itself',
  async (status) => {
    const held = studio();
    const session = await openSession('p');
    held.faults = [status, status];
    session.edit(rename('Sent again'));
    await jest.advanceTimersByTimeAsync(500);
    expect(session.get()).toMatchObject({ saving: 'away', why: 'trouble' });
    await jest.advanceTimersByTimeAsync(10_000);
    expect(session.get().saving).toBe('saved');
    expect(held.plan.title).toBe('Sent again');
  },
);

test('a save that is never answered is sent again once patience is over', async () => {
  const held = studio();
  const session = await openSession('p');
  held.faults = ['silent'];
  session.edit(rename('Unheard'));
  await jest.advanceTimersByTimeAsync(500);
  expect(session.get().saving).toBe('saving');
  await jest.advanceTimersByTimeAsync(35_000);
  expect(session.get().saving).toBe('saved');
  expect(held.plan.title).toBe('Unheard');
});

test('a lost answer is no change of another device, whatever is edited after it', async () => {
  const held = studio();
  const session = await openSession('p');
  held.faults = ['answer lost'];
  session.edit(rename('Arrived'));
  await jest.advanceTimersByTimeAsync(500);
  expect(held.plan.title).toBe('Arrived');
  session.edit(rename('And on'));
  await jest.advanceTimersByTimeAsync(5000);
  expect(session.get().saving).toBe('saved');
  expect(held).toMatchObject({ plan: { title: 'And on' }, made: [] });
});

test('nor is it one when the page was closed after it', async () => {
  const held = studio();
  const first = await openSession('p');
  held.faults = ['answer lost'];
  first.edit(rename('Arrived'));
  await jest.advanceTimersByTimeAsync(500);
  held.away = true;
  first.edit(rename('Typed after'));
  reload();
  held.away = false;
  const second = await openSession('p');
  await jest.advanceTimersByTimeAsync(5000);
  expect(second.get().saving).toBe('saved');
  expect(held).toMatchObject({ plan: { title: 'Typed after' }, made: [] });
});

test('what is typed while a save ends in a conflict is in the plan it goes on as', async () => {
  const held = studio();
  const session = await openSession('p');
  elsewhere(held, rename('Theirs'));
  let typed = 0;
  held.meanwhile = () => {
    if (typed++ < 2) session.edit(rename(`Typed ${typed}`));
  };
  session.edit(rename('Sent'));
  await jest.advanceTimersByTimeAsync(500);
  expect(session.get().saving).toBe('branched');
  expect(held.made.map((p) => p.title)).toEqual(['Typed 2, second copy']);
});

test('a copy whose answer was lost is made once', async () => {
  const held = studio();
  const session = await openSession('p');
  elsewhere(held, rename('Theirs'));
  session.edit(rename('Late'));
  // The first asking for the copy is saved, its answer lost.
  held.meanwhile = () => (held.faults = ['answer lost']);
  await jest.advanceTimersByTimeAsync(450);
  held.meanwhile = undefined;
  held.faults = [];
  await jest.advanceTimersByTimeAsync(10_000);
  expect(session.get().saving).toBe('branched');
  expect(held.made.map((p) => p.title)).toEqual(['Late, second copy']);
});

test('a plan deleted elsewhere does not strand its edits', async () => {
  const held = studio();
  const session = await openSession('p');
  held.gone = true;
  session.edit(rename('Kept'));
  await jest.advanceTimersByTimeAsync(500);
  expect(session.get().saving).toBe('branched');
  expect(held.made.map((p) => p.title)).toEqual(['Kept']);
});

test('nor does one deleted while this page was closed', async () => {
  const held = studio();
  const first = await openSession('p');
  held.away = true;
  first.edit(rename('Kept'));
  await jest.advanceTimersByTimeAsync(500);
  reload();
  Object.assign(held, { away: false, gone: true });
  const second = await openSession('p');
  await jest.advanceTimersByTimeAsync(5000);
  expect(second.get().saving).toBe('branched');
  expect(held.made.map((p) => p.title)).toEqual(['Kept']);
});

test('a plan deleted here is not sent again by edits that were waiting', async () => {
  const held = studio();
  const session = await openSession('p');
  held.away = true;
  session.edit(rename('Waiting'));
  await jest.advanceTimersByTimeAsync(500);
  Object.assign(held, { away: false, gone: true });
  dropSession('p');
  await jest.advanceTimersByTimeAsync(60_000);
  expect(held.made).toEqual([]);
  expect(kept('p')).toBeUndefined();
});

test('where the device keeps nothing, nothing is called kept', async () => {
  const held = studio();
  const session = await openSession('p');
  localStorage.setItem = () => {
    throw new Error('QuotaExceededError');
  };
  held.away = true;
  session.edit(rename('Only here'));
  await jest.advanceTimersByTimeAsync(500);
  expect(session.get()).toMatchObject({ saving: 'away', kept: false });
  held.away = false;
  await jest.advanceTimersByTimeAsync(5000);
  expect(held.plan.title).toBe('Only here');
});

test('two pages of one device with one plan stay in step while the studio is away', async () => {
  const held = studio();
  const heard: ((event: unknown) => void)[] = [];
  Object.assign(global, {
    addEventListener: (kind: string, listener: (event: unknown) => void) => {
      if (kind === 'storage') heard.push(listener);
    },
    removeEventListener: () => undefined,
  });
  const one = await openSession('p');
  one.subscribe(() => undefined);
  // The other page is the module anew, on the same storage; each hears what the other keeps.
  let other!: typeof openSession;
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    other = (require('./plan-session') as typeof import('./plan-session')).openSession;
  });
  const two = await other('p');
  two.subscribe(() => undefined);
  const tell = (page: number) => heard[page]!({ key: 'potter.plan.p.now', newValue: '{}' });
  held.away = true;
  one.edit(rename('One'));
  tell(1);
  await jest.advanceTimersByTimeAsync(500);
  tell(1);
  two.edit((p) => ({ ...p, seed: 7 }));
  tell(0);
  await jest.advanceTimersByTimeAsync(500);
  tell(0);
  held.away = false;
  await jest.advanceTimersByTimeAsync(10_000);
  tell(0);
  tell(1);
  expect(held).toMatchObject({ plan: { title: 'One', seed: 7 }, made: [] });
  expect([one.get().saving, two.get().saving]).toEqual(['saved', 'saved']);
  Reflect.deleteProperty(global, 'addEventListener');
});
