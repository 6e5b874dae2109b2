import { build } from 'esbuild';

await build({
  entryPoints: {
    main: 'src/main.ts',
    'pour.thread': 'src/pours/pour.thread.ts',
    'print.thread': 'src/prints/print.thread.ts',
    'copy.thread': 'src/db/copy.thread.ts',
  },
  outdir: 'dist',
  // All in one file: a thousand small ones take the server longer to find and read than to run.
  bundle: true,
  // These bring machine code, which stays where npm put it.
  external: ['sharp', '@libsql/client'],
  // Of packages that are not modules yet.
  banner: {
    js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  },
  minifyWhitespace: true,
  minifySyntax: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
  absWorkingDir: import.meta.dirname,
});
