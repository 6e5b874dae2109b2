const { transform } = require('jest-expo/jest-preset');
const { TYPESCRIPT } = require('../../jest.typescript.cjs');

/** The preset's Babel, and that React's compiler has its turn. */
const [babel, { caller }] = Object.values(transform).find(([by]) => by === 'babel-jest');
const COMPILED = [babel, { caller: { ...caller, supportsReactCompiler: true } }];

module.exports = {
  displayName: 'web',
  preset: 'jest-expo',
  resolver: 'react-native-worklets/jest/resolver.js',
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '\\.css$': '<rootDir>/test/style-stub.js',
    '^lucide-react-native/icons/.*$': '<rootDir>/test/icon-stub.js',
    // Their one entry is an ES module by extension, which the preset leaves as it is.
    '^d3-(polygon|contour|array|shape|path)$':
      '<rootDir>/../../node_modules/d3-$1/dist/d3-$1.min.js',
  },
  // The preset's Babel is for what is drawn, which is compiled as it is for the browser.
  transform: {
    '/(packages|apps)/[^/]+/src/.*\\.ts$': TYPESCRIPT,
    '/apps/web/src/.*\\.tsx$': COMPILED,
  },
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/test/*.test.js'],
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|nativewind|lucide-react-native|standard-navigation|polylabel|tinyqueue))',
    '/node_modules/react-native-reanimated/plugin/',
    '/node_modules/@react-native/babel-preset/',
  ],
};
