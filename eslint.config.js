const { globalIgnores } = require('eslint/config');
const expo = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier/flat');
const globals = require('globals');

/** Folders of the core, lowest first: each imports only those named before it. */
const LAYERS = [
  'quantity',
  'scale',
  'schema',
  'registry',
  'surface',
  'vessel',
  'field',
  'material',
  'paint',
  'optics',
  'mix',
  'cup',
  'order',
  'budget',
  'flow',
  'verb',
  'technique',
  'schedule',
  'remark',
  'plan',
  'stock',
  'journal',
  'format',
];

const core = './packages/core/src';
const layerZones = LAYERS.slice(0, -1).map((layer, i) => ({
  target: `${core}/${layer}/!(*.test).ts`,
  from: LAYERS.slice(i + 1).map((higher) => `${core}/${higher}`),
  message: `${layer} lies below it: imports in the core run one way, in the order of eslint.config.js`,
}));

module.exports = [
  globalIgnores([
    '**/dist/**',
    '**/.expo/**',
    '**/drizzle/**',
    '**/generated/**',
    // AssemblyScript, which is not TypeScript to a linter; its compiler checks it.
    'packages/kernel/assembly/**',
    '**/expo-env.d.ts',
  ]),
  ...expo,
  prettier,
  {
    rules: {
      // Both misfire here: on `@/*`, and on a schema and its type sharing a name.
      'import/no-unresolved': 'off',
      '@typescript-eslint/no-redeclare': 'off',
      'import/namespace': 'off',
      'import/no-duplicates': ['error', { 'prefer-inline': true }],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
      'import/no-cycle': 'error',
      'import/no-restricted-paths': ['error', { zones: layerZones }],
      'no-restricted-imports': ['error', { patterns: ['@potter/*', 'node:*', 'react', 'react-*'] }],
      'no-restricted-globals': [
        'error',
        'fetch',
        'process',
        'window',
        'document',
        'setTimeout',
        'localStorage',
      ],
      'no-restricted-properties': [
        'error',
        {
          object: 'Math',
          property: 'random',
          message: 'The core knows no chance but a seed handed in.',
        },
        { object: 'Date', property: 'now', message: 'The core knows no clock; hand the time in.' },
      ],
    },
  },
  { files: ['packages/core/src/**/*.test.ts'], rules: { 'no-restricted-imports': 'off' } },
  {
    files: ['apps/web/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'lucide-react-native',
              message: 'Import one icon from lucide-react-native/icons/NAME: the barrel is 2 MB.',
              allowTypeImports: true,
            },
          ],
          patterns: [
            {
              group: ['@potter/server*'],
              message: 'Web and server know each other by the contract only.',
            },
          ],
        },
      ],
    },
  },
  {
    files: [
      '**/*.config.{js,cjs}',
      '**/*.mjs',
      'scripts/**',
      'bench/**',
      'e2e/**',
      'apps/web/test/**',
    ],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
    // `import x from` a CommonJS package is right in Node, whatever it also exports by name.
    rules: { 'import/no-named-as-default-member': 'off', 'import/no-named-as-default': 'off' },
  },
  {
    files: ['**/*.test.{ts,tsx}', '**/jest.setup.cjs'],
    languageOptions: { globals: globals.jest },
  },
];
