import type { Fault } from '../schema/fault';
import { checkPlan } from '../plan/document/check';
import type { Plan } from '../plan/document/schema';
import { plainName, readDocument, type ShapeCheck } from './document-file';
import { upgraded, VERSION } from './upgrade';

export { MOST_CHARACTERS, type ShapeCheck } from './document-file';

export type Opened =
  | { readonly ok: true; readonly plan: Plan }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Opens a `.pour.json`. Either a plan that `brief` can compute, or every fault with the place it stands at. */
export function openPour(text: string, checkShape: ShapeCheck): Opened {
  const read = readDocument(text, { format: 'potter.pour', noun: 'plan', version: VERSION });
  if (!read.ok) return read;
  const current = upgraded(read.document);
  const shape = checkShape(current);
  if (shape.length > 0) return { ok: false, faults: shape };
  const plan = current as unknown as Plan;
  const faults = checkPlan(plan);
  return faults.length > 0 ? { ok: false, faults } : { ok: true, plan };
}

/** A plan as the text of a `.pour.json`, two spaces deep, ending in a line break. */
export const writePour = (plan: Plan): string => `${JSON.stringify(plan, null, 2)}\n`;

/** A file name for a plan: its title in plain letters. */
export const pourFileName = (title: string): string => `${plainName(title) || 'plan'}.pour.json`;
