// What the commands share: how they read a file, and how they refuse.
import { readFileSync } from 'node:fs';
import { check } from '@potter/contract/validators';
import { faultLine, openPour } from '@potter/core/format';
import type { Plan } from '@potter/core/plan';

/** Says what is wrong on standard error, one fault a line, and ends: 2 for bad input, 1 for wrong arguments. */
export const fail = (code: 1 | 2, lines: readonly string[]): never => {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exit(code);
};

export const read = (file: string): string => {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    return fail(2, [
      `/ cannot read ${file}: ${error instanceof Error ? error.message : String(error)}`,
    ]);
  }
};

/** The plan in a file that is sound; any other is refused. */
export const readPlan = (file: string): Plan => {
  const opened = openPour(read(file), (value) => check('Plan', value));
  return opened.ok ? opened.plan : fail(2, opened.faults.map(faultLine));
};

/** A whole number given as an option, within limits. */
export const wholeNumber = (name: string, text: string, min: number, max: number): number => {
  const value = Number(text);
  return Number.isInteger(value) && value >= min && value <= max
    ? value
    : fail(2, [`--${name} must be a whole number from ${min} to ${max}; it is "${text}"`]);
};
