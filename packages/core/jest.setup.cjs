const fc = require('fast-check');

// `npm run test:full` takes ten times the samples of every property that does not name its own number.
if (process.env.POTTER_FULL) {
  fc.configureGlobal({ numRuns: 1000 });
  jest.setTimeout(300_000);
  globalThis.POTTER_FULL = true;
}
