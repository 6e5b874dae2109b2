/** How TypeScript without interface code is made ready for tests: as the server's and the core's build reads it. */
const TYPESCRIPT = [
  '@swc/jest',
  { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } },
];

/** What the tests of a package without an interface share. */
const inNode = (displayName) => ({
  displayName,
  testEnvironment: 'node',
  // The sandbox looks globals up anew at each use; what hot loops use is handed to them once.
  sandboxInjectedGlobals: ['Math', 'Number', 'Array', 'Float64Array', 'Float32Array', 'Uint8Array'],
  setupFilesAfterEnv: [require.resolve('./packages/core/jest.setup.cjs')],
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  // Packages that ship ES modules only are turned into CommonJS with our own code.
  transformIgnorePatterns: [
    '/node_modules/(?!(colorjs.io|fast-check|pure-rand|culori|d3-polygon|d3-contour|d3-array|d3-shape|d3-path|internmap|clipper2-ts|polylabel|tinyqueue)/)',
  ],
  transform: { '^.+\\.[cm]?[jt]sx?$': TYPESCRIPT },
});

module.exports = { TYPESCRIPT, inNode };
