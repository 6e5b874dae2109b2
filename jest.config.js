module.exports = {
  // A busy machine takes its time; what has not ended by then never will.
  testTimeout: 30_000,
  projects: [
    '<rootDir>/packages/core',
    '<rootDir>/packages/contract',
    '<rootDir>/packages/kernel',
    '<rootDir>/apps/server',
    '<rootDir>/apps/web',
  ],
};
