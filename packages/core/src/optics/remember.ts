/**
 * The same work asked again for the same key is not done again, for the last `most` keys: a palette asks for the same few colours all
 * the time, a search over a shelf for thousands once.
 */
export function remember<T>(most: number): (key: string, work: () => T) => T {
  const known = new Map<string, T>();
  return (key, work) => {
    const before = known.get(key);
    if (before !== undefined) return before;
    const value = work();
    known.set(key, value);
    // A map keeps the order things were put in: the first is the oldest.
    if (known.size > most) known.delete(known.keys().next().value!);
    return value;
  };
}
