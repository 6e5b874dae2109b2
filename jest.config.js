module.exports = {
  projects: [
    '<rootDir>/packages/core',
    '<rootDir>/packages/contract',
    '<rootDir>/apps/server',
    '<rootDir>/apps/web',
  ],
};
