// Looks at a copy of the studio and says what putting it back would bring, take away and change:
//   npm run -s restore -- COPY.db
// and puts it back, with the studio as it was kept as a copy of its own first (stop the studio before):
//   npm run -s restore -- COPY.db --put-back
// The studio is the one POTTER_DB names, else the application's own. Exit code 1 for wrong arguments, 2 where it could not be done.
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { type Difference, restoreFile } from '../apps/server/src/copies/restore';
import { fail } from './command';

const USAGE = 'usage: npm run -s restore -- COPY.db [--put-back]';

const asked = (() => {
  try {
    return parseArgs({ allowPositionals: true, options: { 'put-back': { type: 'boolean' } } });
  } catch (error) {
    return fail(1, [error instanceof Error ? error.message : String(error), USAGE]);
  }
})();
const [copy] = asked.positionals;
if (copy === undefined || asked.positionals.length > 1) fail(1, [USAGE]);

const url = process.env.POTTER_DB;
const path = url ? fileURLToPath(url) : resolve('apps/server/data/potter.db');
const putBack = asked.values['put-back'] ?? false;

/** As many names as one reads. */
const MOST_NAMES = 12;
const list = (does: string, names: readonly string[]): string[] =>
  names.length === 0
    ? []
    : [
        `  ${does} ${names.length}: ${names.slice(0, MOST_NAMES).join('; ')}${names.length > MOST_NAMES ? '; …' : ''}`,
      ];
const lines = ({ kind, brings, takesAway, changes, same }: Difference): string[] => [
  `${kind}: ${same} the same`,
  ...list(putBack ? 'brought back' : 'would bring back', brings),
  ...list(putBack ? 'changed' : 'would change', changes),
  ...list(putBack ? 'took away' : 'would take away', takesAway),
];
// npm runs commands in the project's own folder.
restoreFile(path, resolve(copy!), resolve('apps/server/drizzle'), {
  putBack,
  now: new Date(),
}).then(
  ({ differences, before }) => {
    console.log(differences.flatMap(lines).join('\n'));
    console.log(
      before === undefined
        ? 'Nothing was changed. To put it back, stop the studio and add --put-back.'
        : `The copy is the studio now. The studio as it was is in ${before}`,
    );
  },
  (error: unknown) =>
    fail(2, [`Nothing was changed. ${error instanceof Error ? error.message : String(error)}`]),
);
