// Writes a complete plan as New does:
//   npm run -s plan -- --surface "30 x 40 cm" --technique ID --colours "titanium white; phthalo blue; #d8a526"
//     [--school ID] [--title WORDS] [--seed N] [--out FILE]
// or names what it may be asked for: npm run -s plan -- --techniques | --schools
// Bad input goes to standard error, one fault a line; exit code 2 then, 1 for wrong arguments.
import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { SCHOOLS } from '@potter/core/budget';
import { writePour } from '@potter/core/format';
import { newPlan } from '@potter/core/plan';
import { namedPaint } from '@potter/core/stock';
import type { Paint } from '@potter/core/paint';
import { parseSize } from '@potter/core/quantity';
import { has, idsOf } from '@potter/core/registry';
import { plainSurface } from '@potter/core/surface';
import { TECHNIQUES } from '@potter/core/technique';
import { fail, wholeNumber } from './command';

const USAGE =
  'usage: npm run -s plan -- --surface "30 x 40 cm" --technique ID --colours "NAME; NAME; #HEX" [--school ID] [--title WORDS] [--seed N] [--out FILE], or --techniques, or --schools';
/** As many as New lets one choose. */
const MOST_COLOURS = 12;
const LONGEST_MM = 5000;

function options() {
  try {
    return parseArgs({
      options: {
        techniques: { type: 'boolean' },
        schools: { type: 'boolean' },
        surface: { type: 'string' },
        technique: { type: 'string' },
        colours: { type: 'string' },
        school: { type: 'string', default: 'generous' },
        title: { type: 'string' },
        seed: { type: 'string', default: '1' },
        out: { type: 'string' },
      },
    }).values;
  } catch (error) {
    return fail(1, [error instanceof Error ? error.message : String(error), USAGE]);
  }
}

function main(): void {
  const asked = options();
  if (asked.techniques) return print(`${idsOf(TECHNIQUES).join('\n')}\n`);
  if (asked.schools) return print(`${idsOf(SCHOOLS).join('\n')}\n`);
  const { surface: size, technique, colours, school } = asked;
  if (size === undefined || technique === undefined || colours === undefined)
    return fail(1, [USAGE]);

  const faults: string[] = [];
  const shape = parseSize(size, 'cm');
  if (!shape.ok)
    faults.push(`--surface ${shape.fault} Write a size, such as 30 x 40 cm or 30 cm round.`);
  else if (Object.values(shape.value).some((v) => typeof v === 'number' && v > LONGEST_MM))
    faults.push(`--surface no side may be longer than ${LONGEST_MM / 10} cm; it is "${size}"`);
  if (!has(TECHNIQUES, technique))
    faults.push(
      `--technique there is no technique "${technique}"; there are ${idsOf(TECHNIQUES).join(', ')}`,
    );
  if (!has(SCHOOLS, school))
    faults.push(`--school there is no school "${school}"; there are ${idsOf(SCHOOLS).join(', ')}`);
  const paints: Paint[] = [];
  for (const [i, text] of colours.split(';').entries()) {
    const named = namedPaint(text);
    if (!named.ok) faults.push(`--colours/${i} ${named.fault}`);
    else if (paints.some((p) => p.id === named.value.id))
      faults.push(`--colours/${i} "${text.trim()}" is there already`);
    else paints.push(named.value);
  }
  if (paints.length > MOST_COLOURS)
    faults.push(`--colours one to ${MOST_COLOURS} colours; there are ${paints.length}`);
  const seed = wholeNumber('seed', asked.seed, 0, 2 ** 32 - 1);
  if (faults.length > 0 || !shape.ok || !has(TECHNIQUES, technique) || !has(SCHOOLS, school))
    return fail(2, faults);

  const text = writePour(
    newPlan({
      title:
        asked.title?.slice(0, 120) ||
        paints
          .map((p) => p.name)
          .join(', ')
          .slice(0, 120),
      surface: plainSurface(shape.value),
      paints,
      technique,
      school,
      seed,
    }),
  );
  if (asked.out === undefined) return print(text);
  try {
    writeFileSync(asked.out, text);
  } catch (error) {
    fail(2, [`--out cannot write: ${error instanceof Error ? error.message : String(error)}`]);
  }
}

const print = (text: string): void => void process.stdout.write(text);

main();
