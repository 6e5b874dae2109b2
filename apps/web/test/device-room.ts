/** A device that keeps so many characters and no more; what it keeps, by key. */
export function deviceOf(room = Infinity): Map<string, string> {
  const store = new Map<string, string>();
  const used = () => [...store].reduce((sum, [k, v]) => sum + k.length + v.length, 0);
  Object.defineProperty(global, 'localStorage', {
    configurable: true,
    value: {
      get length() {
        return store.size;
      },
      key: (i: number) => [...store.keys()][i] ?? null,
      getItem: (k: string) => store.get(k) ?? null,
      setItem: (k: string, v: string) => {
        if (used() - (store.get(k)?.length ?? 0) + v.length > room)
          throw new Error('QuotaExceededError');
        store.set(k, v);
      },
      removeItem: (k: string) => void store.delete(k),
    },
  });
  return store;
}
