import type { Plan } from '@potter/core/plan';

/** An unsaved document on this device, with the revision it started from. */
export interface Kept {
  readonly revision: number;
  readonly plan: Plan;
}

const key = (id: string): string => `potter.unsaved.${id}`;

/** Keeps edits on this device until the studio has them. A device without room goes on without. */
export function keep(id: string, entry: Kept): void {
  try {
    localStorage.setItem(key(id), JSON.stringify(entry));
  } catch {
    // Storage full or forbidden: the save to the studio still follows.
  }
}

export function kept(id: string): Kept | undefined {
  try {
    const text = localStorage.getItem(key(id));
    return text === null ? undefined : (JSON.parse(text) as Kept);
  } catch {
    return undefined;
  }
}

export function letGo(id: string): void {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // As above.
  }
}
