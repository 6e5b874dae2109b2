import { useState } from 'react';
import { aside } from './aside';

/** Asks a worker when the artist says so: whether it is at work, and why it failed where it did. */
export function useAside<Ask, T>(worker: () => Worker) {
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string>();
  /** What the worker answers; undefined where it failed. */
  async function ask(question: Ask): Promise<T | undefined> {
    setBusy(true);
    setFailed(undefined);
    try {
      return await aside<T>(worker(), question);
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
      return undefined;
    } finally {
      setBusy(false);
    }
  }
  return { busy, failed, ask };
}
