import { serial } from './serial';

const after = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

test('tasks run one at a time, in the order they came', async () => {
  const inTurn = serial();
  const log: string[] = [];
  const task = (name: string, ms: number) => () => (
    log.push(`${name} begins`),
    after(ms).then(() => void log.push(`${name} ends`))
  );
  await Promise.all([inTurn(task('slow', 20)), inTurn(task('fast', 0))]);
  expect(log).toEqual(['slow begins', 'slow ends', 'fast begins', 'fast ends']);
});

test('a task that fails tells its own caller and does not hold up the next', async () => {
  const inTurn = serial();
  const failed = inTurn(() => Promise.reject(new Error('no')));
  const next = inTurn(() => Promise.resolve('yes'));
  await expect(failed).rejects.toThrow('no');
  await expect(next).resolves.toBe('yes');
});
