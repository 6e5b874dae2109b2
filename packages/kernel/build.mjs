// Compiles assembly/ to WebAssembly with SIMD and writes it as text into src/generated, so that browser and server
// load it the same way, with nothing to fetch.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import asc from 'assemblyscript/asc';

const here = import.meta.dirname;
const { error, stderr, stdout } = await asc.main(
  [
    join(here, 'assembly/index.ts'),
    '--outFile',
    'film.wasm',
    '-O3',
    '--runtime',
    'stub',
    '--noAssert',
    '--enable',
    'simd',
    '--initialMemory',
    '1',
  ],
  {
    writeFile(name, contents) {
      if (!name.endsWith('film.wasm')) return;
      mkdirSync(join(here, 'src/generated'), { recursive: true });
      writeFileSync(
        join(here, 'src/generated/film-wasm.ts'),
        `// Written by build.mjs from assembly/.\nexport const FILM_WASM =\n  '${Buffer.from(contents).toString('base64')}';\n`,
      );
      console.log(`film kernel: ${contents.length} bytes`);
    },
  },
);
if (error) {
  console.error(stderr.toString() || stdout.toString() || error.message);
  process.exit(1);
}
