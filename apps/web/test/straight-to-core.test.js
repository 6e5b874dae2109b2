const { transformSync } = require('@babel/core');
const { basename, dirname, join, relative } = require('node:path');
const straightToCore = require('../straight-to-core');

const HERE = join(__dirname, 'some-screen.ts');
const made = (code) =>
  transformSync(code, {
    filename: HERE,
    configFile: false,
    babelrc: false,
    parserOpts: { plugins: ['typescript'] },
    plugins: [straightToCore],
  }).code;

/** Indexes that may be imported from outside the core: all of them, or those of every form an index has. */
const OPEN =
  'POTTER_FULL' in globalThis
    ? straightToCore
        .indexes()
        .filter((file) => basename(dirname(dirname(file))) === 'src')
        .map((file) => basename(dirname(file)))
    : ['plan', 'technique', 'surface', 'factor'];

test.each(OPEN)('every name of @potter/core/%s is what it is in the file that has it', (name) => {
  const index = require(`@potter/core/${name}`);
  const names = Object.keys(index);
  const code = made(`import { ${names.join(', ')} } from '@potter/core/${name}';`);
  const from = [...code.matchAll(/^import (\{[^}]*\}|\* as \w+) from "([^"]+)";$/gm)];
  const found = new Map();
  for (const [, what, path] of from) {
    const file = require(join(__dirname, path));
    if (what.startsWith('*')) found.set(what.slice('* as '.length), file);
    else
      for (const one of what.slice(1, -1).split(',')) {
        const [there, here = there] = one.trim().split(' as ');
        found.set(here, file[there]);
      }
  }
  expect([...found.keys()].sort()).toEqual([...names].sort());
  // A file that is taken as a whole is another object with the same in it.
  for (const key of names) expect(found.get(key)).toEqual(index[key]);
});

test('an index is named no more, but for what it has itself; types and other imports stay as they are', () => {
  const path = relative(__dirname, dirname(require.resolve('@potter/core/package.json')));
  expect(
    made(`import { brief as told, edit, type Plan } from '@potter/core/plan';
import type { Move } from '@potter/core/verb';
import { View } from 'react-native';
export { runOffMl as off } from '@potter/core/flow';
`),
  ).toBe(`import { brief as told } from "${path}/src/plan/brief/brief.ts";
import * as edit from "${path}/src/plan/edit/index.ts";
import type { Move } from '@potter/core/verb';
import { View } from 'react-native';
export { runOffMl as off } from "${path}/src/flow/outcome.ts";`);
  expect(made(`import { FACTORS } from '@potter/core/factor';`)).toContain('factor/index.ts');
  expect(made(`import { type Plan } from '@potter/core/plan';`)).toBe('');
});
