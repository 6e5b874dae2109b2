import { join } from 'node:path';
import { build } from 'esbuild';

await build({
  entryPoints: {
    main: 'src/main.ts',
    'pour.thread': 'src/pours/pour.thread.ts',
    'copy.thread': 'src/db/copy.thread.ts',
  },
  outdir: 'dist',
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
  absWorkingDir: import.meta.dirname,
  plugins: [
    {
      // Our own packages are bundled with what they use; what the server itself takes from the registry stays where npm put it.
      name: 'externalize-npm',
      setup(b) {
        b.onResolve({ filter: /^[^./]/ }, (a) =>
          a.kind === 'entry-point' ||
          a.path.startsWith('@potter/') ||
          !a.importer.startsWith(join(import.meta.dirname, 'src'))
            ? undefined
            : { path: a.path, external: true },
        );
      },
    },
  ],
});
