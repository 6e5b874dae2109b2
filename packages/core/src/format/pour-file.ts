import type { Fault } from '../schema/fault';
import { checkPlan } from '../plan/document/check';
import type { Plan } from '../plan/document/schema';
import { upgraded, VERSION } from './upgrade';

/** Judges the shape of a value against the plan's schema; handed in, so that the core needs no schema compiler. */
export type ShapeCheck = (value: unknown) => readonly Fault[];

export type Opened =
  | { readonly ok: true; readonly plan: Plan }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Largest pour file that is read, characters: a hundred times a large plan. */
export const MOST_CHARACTERS = 2_000_000;

/** Opens a `.pour.json`. Either a plan that `brief` can compute, or every fault with the place it stands at. */
export function openPour(text: string, checkShape: ShapeCheck): Opened {
  if (text.length > MOST_CHARACTERS)
    return refused(
      '',
      `the file is too large to be a plan: ${text.length} characters, ${MOST_CHARACTERS} at most`,
    );
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return refused(
      '',
      `not a JSON file: ${error instanceof Error ? error.message : String(error)}`,
    );
  }
  if (
    typeof value === 'object' &&
    value !== null &&
    'format' in value &&
    value.format !== 'potter.pour'
  ) {
    return refused('/format', `this is a "${String(value.format)}" file, not a potter.pour plan`);
  }
  if (
    typeof value === 'object' &&
    value !== null &&
    'version' in value &&
    typeof value.version === 'number' &&
    value.version > VERSION
  ) {
    return refused(
      '/version',
      `version ${value.version} is newer than this program, which reads version ${VERSION}`,
    );
  }
  const current =
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? upgraded(value as Readonly<Record<string, unknown>>)
      : value;
  const shape = checkShape(current);
  if (shape.length > 0) return { ok: false, faults: shape };
  const plan = current as Plan;
  const faults = checkPlan(plan);
  return faults.length > 0 ? { ok: false, faults } : { ok: true, plan };
}

const refused = (path: string, message: string): Opened => ({
  ok: false,
  faults: [{ path, message }],
});

/** A plan as the text of a `.pour.json`, two spaces deep, ending in a line break. */
export const writePour = (plan: Plan): string => `${JSON.stringify(plan, null, 2)}\n`;

/** A file name for a plan: its title in plain letters. */
export function pourFileName(title: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .replace(/[\s_]+/g, '-')
    .toLowerCase();
  return `${plain || 'plan'}.pour.json`;
}
