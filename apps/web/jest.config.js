module.exports = {
  displayName: 'web',
  preset: 'jest-expo',
  resolver: 'react-native-worklets/jest/resolver.js',
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '\\.css$': '<rootDir>/test/style-stub.js' },
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|nativewind|lucide-react-native|standard-navigation|d3-polygon))',
    '/node_modules/react-native-reanimated/plugin/',
    '/node_modules/@react-native/babel-preset/',
  ],
};
