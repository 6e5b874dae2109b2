// Prints the brief of a plan file as JSON: npm run -s brief -- FILE.pour.json [--studio FILE]
// Faults go to standard error, one a line; exit code 2 then, 1 for wrong arguments.
import { parseArgs } from 'node:util';
import { check } from '@potter/contract/validators';
import { faultLine } from '@potter/core/format';
import { brief, type Studio } from '@potter/core/plan';
import { fail, read, readPlan } from './command';

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
const plan = readPlan(file as string);
process.stdout.write(`${JSON.stringify(brief(plan, studio), null, 2)}\n`);
