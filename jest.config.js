module.exports = {
  projects: [
    '<rootDir>/packages/core',
    '<rootDir>/packages/contract',
    '<rootDir>/packages/kernel',
    '<rootDir>/apps/server',
    '<rootDir>/apps/web',
  ],
};
