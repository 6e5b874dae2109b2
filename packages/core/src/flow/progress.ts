/** Work without a share of its own, or whose share would count for nothing beside what follows: told as one share all the while. */
export function* at<T>(share: number, work: Generator<unknown, T>): Generator<number, T> {
  let step = work.next();
  while (!step.done) {
    yield share;
    step = work.next();
  }
  return step.value;
}

/** Work that is a part of more, from one share of it to another. */
export function* within<T>(
  work: Generator<number, T>,
  from: number,
  to: number,
): Generator<number, T> {
  let step = work.next();
  while (!step.done) {
    yield from + (to - from) * step.value;
    step = work.next();
  }
  return step.value;
}
