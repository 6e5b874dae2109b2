// Compiles every schema of the contract into plain JavaScript: validators that run under a strict
// Content-Security-Policy, and the words their faults are told in. Run by `npm ci`, tests and builds.
import { mkdir, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import Ajv from 'ajv';
import standalone from 'ajv/dist/standalone/index.js';
import { build } from 'esbuild';
import { shareParts } from './shared-parts.mjs';

/** Schemas a page holds files and its own memory against, without the studio. */
const JUDGED_IN_THE_PAGE = ['Plan', 'ShelfItem', 'OwnTechnique'];

const here = import.meta.dirname;
const out = join(here, 'src/generated');
await rm(out, { recursive: true, force: true });
await mkdir(out, { recursive: true });

const bundled = join(out, 'schemas.tmp.mjs');
await build({
  entryPoints: [join(here, 'src/schemas.ts')],
  outfile: bundled,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'error',
});
const { SCHEMAS } = await import(pathToFileURL(bundled).href);
await rm(bundled);

const ajv = new Ajv({
  allErrors: true,
  discriminator: true,
  strict: true,
  strictRequired: false,
  allowUnionTypes: true,
  inlineRefs: false,
  code: { source: true, esm: true, lines: true },
});
// TypeBox marks its schemas with symbols; a round through JSON leaves plain JSON Schema.
const plain = Object.entries(SCHEMAS).map(([name, schema]) => [
  name,
  JSON.parse(JSON.stringify(schema)),
]);
const names = plain.map(([name]) => name);
const compiled = shareParts(Object.fromEntries(plain));
for (const [name, schema] of Object.entries(compiled)) {
  ajv.addSchema(schema, name);
  // So that an error says in which part it arose.
  ajv.schemas[name].schemaPath = `${name}#`;
}

/** The validators of some schemas as one module that needs no other. */
const write = (file, contents) =>
  build({
    stdin: { contents, resolveDir: here, loader: 'js' },
    outfile: join(out, file),
    bundle: true,
    format: 'esm',
    platform: 'neutral',
    mainFields: ['main'],
    minifyWhitespace: true,
    minifySyntax: true,
    logLevel: 'error',
  });
/** A schema by its name; names are written as they stand in the contract. */
const validators = (wanted) =>
  standalone(ajv, Object.fromEntries(wanted.map((name) => [name, name])));
// All in one for the server, and for a page one file for each schema it judges by itself.
await write('all.js', validators(names));
await writeFile(
  join(out, 'all.d.ts'),
  `import type { Validate } from '../check';\n${names.map((n) => `export const ${n}: Validate;\n`).join('')}`,
);
for (const name of JUDGED_IN_THE_PAGE) {
  await write(`${name}.js`, validators([name]));
  await writeFile(
    join(out, `${name}.d.ts`),
    `import type { Validate } from '../check';\nexport const ${name}: Validate;\n`,
  );
}

/** Words for patterns (their titles) and for tagged unions (the values of the tag), by schema path. */
const titles = {};
const tags = {};
const walk = (node, path) => {
  if (typeof node !== 'object' || node === null) return;
  if (node.pattern && node.title) titles[node.pattern] = node.title;
  if (node.discriminator) {
    tags[`${path}/discriminator`] = node.oneOf.map(
      (v) => (compiled[v.$ref] ?? v).properties[node.discriminator.propertyName].const,
    );
  }
  for (const [key, value] of Object.entries(node))
    walk(value, `${path}/${key.replace(/~/g, '~0').replace(/\//g, '~1')}`);
};
for (const [name, schema] of Object.entries(compiled)) walk(schema, `${name}#`);
await writeFile(
  join(out, 'words.js'),
  `export const TITLES = ${JSON.stringify(titles, null, 1)};\nexport const TAGS = ${JSON.stringify(tags, null, 1)};\n`,
);
await writeFile(
  join(out, 'words.d.ts'),
  'export const TITLES: Readonly<Record<string, string>>;\nexport const TAGS: Readonly<Record<string, readonly string[]>>;\n',
);

// The schema of the open format, for those who write such files with other programs.
await writeFile(
  join(here, '../../docs/format/pour.schema.json'),
  `${JSON.stringify(
    {
      $schema: 'http://json-schema.org/draft-07/schema#',
      title: 'potter.pour, version 1',
      ...JSON.parse(JSON.stringify(SCHEMAS.Plan)),
    },
    null,
    2,
  )}\n`,
);
