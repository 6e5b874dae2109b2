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
  /** Whether it is kept now. */
  set(key: string, value: unknown): boolean {
    try {
      localStorage.setItem(`potter.${key}`, JSON.stringify(value));
      return true;
    } catch {
      // Full or forbidden: the studio still gets it.
      return false;
    }
  },
  /** Keys this device holds. */
  keys(): string[] {
    try {
      return Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '')
        .filter((key) => key.startsWith('potter.'))
        .map((key) => key.slice('potter.'.length));
    } catch {
      return [];
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
