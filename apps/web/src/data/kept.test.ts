import { newPlan, type Plan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { deviceOf } from '../../test/device-room';
import { keepNow, keepSteps, kept, letGo } from './kept';

const plan = (title: string): Plan =>
  newPlan({
    title,
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
const history = (steps: number, title: string) => ({
  past: Array.from({ length: steps }, (_, i) => plan(`${title} ${i}`)),
  now: plan(title),
  future: [],
  at: 0,
});

const entry = (steps: number, title: string) => ({
  revision: 3,
  unsaved: true,
  unanswered: [],
  history: history(steps, title),
});
const keep = (id: string, steps: number, title: string) => {
  keepNow(id, entry(steps, title));
  keepSteps(id, entry(steps, title).history);
};

test('what was kept comes back, step for step', () => {
  deviceOf(5_000_000);
  keep('a', 5, 'Quince');
  expect(kept('a')).toMatchObject({ revision: 3, unsaved: true });
  expect(kept('a')?.history.past.map((p) => p.title)).toEqual([
    'Quince 0',
    'Quince 1',
    'Quince 2',
    'Quince 3',
    'Quince 4',
  ]);
});

test('an evening of steps takes little more room than the plan itself, and each comes back whole', () => {
  const store = deviceOf();
  const steps = history(200, 'Quince');
  keepNow('a', {
    ...entry(0, 'Quince'),
    history: { ...steps, future: [plan('Undone'), plan('Undone too')] },
  });
  keepSteps('a', { ...steps, future: [plan('Undone'), plan('Undone too')] });
  const whole = JSON.stringify(plan('Quince')).length;
  const used = [...store.values()].reduce((sum, text) => sum + text.length, 0);
  expect(used).toBeLessThan(10 * whole);
  expect(kept('a')?.history.past).toEqual(steps.past);
  expect(kept('a')?.history.future).toEqual([plan('Undone'), plan('Undone too')]);
});

test('steps that an earlier version wrote as whole plans are there too', () => {
  const store = deviceOf();
  keepNow('a', entry(2, 'Quince'));
  store.set('potter.plan.a.steps', JSON.stringify({ ...history(2, 'Quince'), depth: 2 }));
  expect(kept('a')?.history.past.map((p) => p.title)).toEqual(['Quince 0', 'Quince 1']);
});

test('a state newer than the written steps lies on top of them', () => {
  deviceOf(5_000_000);
  keep('a', 2, 'Quince');
  keepNow('a', { ...entry(3, 'Quince'), history: { ...history(3, 'Quince'), now: plan('Slate') } });
  expect(kept('a')?.history.now.title).toBe('Slate');
  expect(kept('a')?.history.past.map((p) => p.title)).toEqual(['Quince 0', 'Quince 1', 'Quince']);
});

test('where room is short, undo steps go before anything unsaved', () => {
  const size = JSON.stringify(plan('Quince')).length;
  deviceOf(size * 12);
  keep('a', 8, 'Quince');
  keep('b', 60, 'Slate');
  expect(kept('a')?.history.now.title).toBe('Quince');
  expect(kept('b')?.history.now.title).toBe('Slate');
  expect(kept('b')!.history.past.length).toBeGreaterThan(2);
  expect(kept('b')!.history.past.at(-1)?.title).toBe('Slate 59');
});

test('let go, nothing is left', () => {
  const store = deviceOf(5_000_000);
  keep('a', 2, 'Quince');
  letGo('a');
  expect(store.size).toBe(0);
  expect(kept('a')).toBeUndefined();
});
