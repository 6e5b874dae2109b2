type Kind<T> = {
  new (memory: ArrayBuffer, at: number, length: number): T;
  readonly BYTES_PER_ELEMENT: number;
};

/** Takes one array after the other of a module's memory, from where it starts, each on a whole sixteen bytes as the module lays them out. */
export function views(memory: ArrayBuffer, start: number) {
  let at = start;
  return <T>(kind: Kind<T>, length: number): T => {
    const view = new kind(memory, at, length);
    at = (at + length * kind.BYTES_PER_ELEMENT + 15) & ~15;
    return view;
  };
}
