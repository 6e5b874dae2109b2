/** What this device keeps for itself. A device without room, or that forbids it, goes on without. */
export const device = {
  get<T>(key: string): T | undefined {
    try {
      const text = localStorage.getItem(`potter.${key}`);
      return text === null ? undefined : (JSON.parse(text) as T);
    } catch {
      return undefined;
    }
  },
  set(key: string, value: unknown): void {
    try {
      localStorage.setItem(`potter.${key}`, JSON.stringify(value));
    } catch {
      // Full or forbidden: the studio still gets it.
    }
  },
  remove(key: string): void {
    try {
      localStorage.removeItem(`potter.${key}`);
    } catch {
      // As above.
    }
  },
};
