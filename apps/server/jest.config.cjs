module.exports = {
  displayName: 'server',
  testEnvironment: 'node',
  // The sandbox looks globals up anew at each use; what hot loops use is handed to them once.
  sandboxInjectedGlobals: ['Math', 'Number', 'Array', 'Float64Array', 'Float32Array', 'Uint8Array'],
  setupFilesAfterEnv: ['<rootDir>/../../packages/core/jest.setup.cjs'],
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  // Packages that ship ES modules only are turned into CommonJS with our own code.
  transformIgnorePatterns: [
    '/node_modules/(?!(colorjs.io|fast-check|pure-rand|culori|d3-polygon|d3-contour|d3-array|d3-shape|d3-path|internmap|clipper2-ts|polylabel|tinyqueue)/)',
  ],
  transform: {
    '^.+\\.[cm]?[jt]sx?$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } },
    ],
  },
};
