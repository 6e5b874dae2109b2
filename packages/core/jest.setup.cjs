const fc = require('fast-check');

if (process.env.POTTER_FULL) {
  // `npm run test:full` takes ten times the samples of every property that does not name its own number, others each time.
  fc.configureGlobal({ numRuns: 1000 });
  jest.setTimeout(300_000);
  globalThis.POTTER_FULL = true;
} else {
  // The same samples each time: what fails, fails for everybody, and a change is judged by itself.
  fc.configureGlobal({ seed: 20261128 });
}
