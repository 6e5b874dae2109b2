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
      // Our own packages are bundled; those from the registry stay where npm put them.
      name: 'externalize-npm',
      setup(b) {
        b.onResolve({ filter: /^[^./]/ }, (a) =>
          a.kind === 'entry-point' || a.path.startsWith('@potter/')
            ? undefined
            : { path: a.path, external: true },
        );
      },
    },
  ],
});
