/** A queue of one: tasks run in the order they came, each after the last has settled. A failed task does not hold up the next. */
export function serial(): <T>(task: () => Promise<T>) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve();
  return (task) => {
    const turn = last.then(task, task);
    last = turn.catch(() => undefined);
    return turn;
  };
}
