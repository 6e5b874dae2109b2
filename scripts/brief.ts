// Prints the brief of a plan file as JSON: npm run -s brief -- FILE.pour.json [--studio FILE]
// Faults go to standard error, one a line; exit code 2 then, 1 for wrong arguments.
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { check } from '@potter/contract/validators';
import { faultLine, openPour } from '@potter/core/format';
import { brief, type Studio } from '@potter/core/plan';

const fail = (code: number, lines: readonly string[]): never => {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exit(code);
};

const read = (file: string): string => {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    return fail(2, [
      `/ cannot read ${file}: ${error instanceof Error ? error.message : String(error)}`,
    ]);
  }
};

function readStudio(file: string): Studio {
  let value: unknown;
  try {
    value = JSON.parse(read(file));
  } catch {
    return fail(2, [`/ ${file} is not a JSON file`]);
  }
  const faults = check('Studio', value);
  return faults.length > 0 ? fail(2, faults.map(faultLine)) : (value as Studio);
}

const { values, positionals } = parseArgs({
  options: { studio: { type: 'string' } },
  allowPositionals: true,
});
const file = positionals[0];
if (file === undefined || positionals.length > 1)
  fail(1, ['usage: npm run -s brief -- FILE.pour.json [--studio FILE]']);

const studio = values.studio === undefined ? {} : readStudio(values.studio);
const opened = openPour(read(file as string), (value) => check('Plan', value));
if (!opened.ok) fail(2, opened.faults.map(faultLine));
else process.stdout.write(`${JSON.stringify(brief(opened.plan, studio), null, 2)}\n`);
