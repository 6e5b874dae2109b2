const { readdirSync, readFileSync } = require('node:fs');
const { join } = require('node:path');
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
  'factor',
  'surface',
  'vessel',
  'level',
  'climate',
  'field',
  'material',
  'coat',
  'paint',
  'optics',
  'camera',
  'photograph',
  'card',
  'reading',
  'cut',
  'mix',
  'cup',
  'order',
  'budget',
  'flow',
  'verb',
  'technique',
  'schedule',
  'remark',
  'fault',
  'plan',
  'stock',
  'journal',
  'piece',
  'rack',
  'format',
];

/** Folders of the page, in the same way: what computes and keeps, what is drawn everywhere, the plan, then each part of it and the screens. */
const WEB_LAYERS = [
  'workers',
  'data',
  'ui',
  'drawing',
  'paints',
  'unsent',
  'picture',
  'scale',
  'climate',
  'sheets',
  'run',
  'shopping',
  'plan',
  'order',
  'mixes',
  'surface',
  'weigh',
  'template',
  'cups',
  'shelf',
  'trials',
  'colours',
  'coach',
  'make',
  'batch',
  'techniques',
  'ways',
  'choose',
  'moves',
  'level',
  'pour',
  'preview',
  'compare',
  'finish',
  'reading',
  'journal',
  'watch',
  'plans',
  'rack',
  'coat',
  'bench',
  'settings',
  'behind',
];

/** Files and folders of the server, in the same way. */
const SERVER_LAYERS = [
  'refused.ts',
  'setting.ts',
  'db',
  'http',
  'live',
  'home',
  'bin',
  'settings',
  'reactions',
  'shelf',
  'runs',
  'pieces',
  'plans',
  'pictures',
  'pours',
  'prints',
  'copies',
  'rack',
  'calendar',
  'seed',
  'app.ts',
  'main.ts',
];

/** Each layer imports only those named before it; tests may look anywhere. A folder that no list names is a fault of its own. */
const zonesOf = (root, layers) => {
  const unnamed = readdirSync(join(__dirname, root)).filter(
    (name) => !layers.includes(name) && !/\.test[.-]|^index\.ts$/.test(name),
  );
  if (unnamed.length > 0)
    throw new Error(`${root} has ${unnamed.join(', ')}: say in eslint.config.js what lies below`);
  return layers.slice(0, -1).map((layer, i) => ({
    target: /\.ts$/.test(layer)
      ? `${root}/${layer}`
      : `${root}/${layer}/**/!(*.test|*.test-data).{ts,tsx}`,
    from: layers.slice(i + 1).map((higher) => `${root}/${higher}`),
    message: `${layer} lies below it: imports run one way, in the order of eslint.config.js`,
  }));
};

const core = './packages/core/src';

/** Ids of the definitions in a folder, read off their files, so that the rule below knows each new one by itself. */
const idsIn = (folder) =>
  readdirSync(join(__dirname, core, folder))
    .filter((file) => file.endsWith('.ts') && !file.includes('.test.'))
    .flatMap((file) =>
      [
        ...readFileSync(join(__dirname, core, folder, file), 'utf8').matchAll(
          /^ {2}id: '([a-z-]+)'/gm,
        ),
      ].map(([, id]) => id),
    );

const named = (ids) => `Literal[value=/^(${ids.join('|')})$/]`;
const comparison = (member, literal) =>
  `BinaryExpression[operator=/^[!=]==?$/]:has(> ${member}):has(> ${literal})`;
const ASK = 'let its definition say it: no name is compared outside its own file and registry.';

/** What a definition is called stands in its file and its registry, and nowhere decides anything. */
const NO_NAMES = [
  {
    selector: comparison('MemberExpression[property.name="verb"]', 'Literal'),
    message: `A verb: ${ASK}`,
  },
  { selector: comparison('Identifier[name="verb"]', 'Literal'), message: `A verb: ${ASK}` },
  {
    selector: 'SwitchStatement[discriminant.property.name="verb"]',
    message: `A verb: ${ASK}`,
  },
  {
    selector: comparison(
      'MemberExpression[property.name=/^(kind|id)$/]',
      named([...idsIn('flow/act'), ...idsIn('technique'), ...idsIn('verb')]),
    ),
    message: `A verb, an act or a technique: ${ASK}`,
  },
  {
    selector: comparison(
      'MemberExpression[object.name=/[fF]ield$/][property.name="kind"]',
      named(idsIn('field/kind')),
    ),
    message: `A kind of field: ${ASK}`,
  },
  {
    selector: 'SwitchStatement[discriminant.object.name=/[fF]ield$/]',
    message: `A kind of field: ${ASK}`,
  },
];

/** Folders of a plan, lowest first, in the same way. */
const PLAN_LAYERS = ['document', 'brief', 'beginning', 'edit', 'asked', 'choice', 'preview'];

/** What the core has to be handed. */
const NO_CHANCE = [
  {
    object: 'Math',
    property: 'random',
    message: 'The core knows no chance but a seed handed in.',
  },
  { object: 'Date', property: 'now', message: 'The core knows no clock; hand the time in.' },
];
/** Numbers for properties. */
const NEARLY_NOTHING = {
  object: 'fc',
  property: 'double',
  message: 'Nearly all of these are nearly 0: take between().',
};

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
      // These read every file that is imported: oxlint does so in a tenth of the time.
      'import/namespace': 'off',
      'import/export': 'off',
      'import/no-duplicates': 'off',
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    // Rules of React ask its compiler about every function of a file; here there is none of it, or none that ships.
    files: [
      'packages/**',
      'apps/server/**',
      'apps/web/**/*.test.{ts,tsx}',
      'scripts/**',
      'bench/**',
      'e2e/**',
      'hold-up/**',
    ],
    rules: Object.fromEntries(
      expo
        .flatMap(({ rules }) => Object.keys(rules ?? {}))
        .filter((rule) => /^react(-hooks)?\//.test(rule))
        .map((rule) => [rule, 'off']),
    ),
  },
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
      'import/no-restricted-paths': [
        'error',
        { zones: [...zonesOf(core, LAYERS), ...zonesOf(`${core}/plan`, PLAN_LAYERS)] },
      ],
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
      'no-restricted-properties': ['error', ...NO_CHANCE],
    },
  },
  {
    files: ['packages/*/src/**/*.ts', 'apps/*/src/**/*.{ts,tsx}', 'scripts/**/*.ts'],
    ignores: ['**/*.test.{ts,tsx}', '**/*.test-data.ts'],
    rules: { 'no-restricted-syntax': ['error', ...NO_NAMES] },
  },
  // A verb's own file may know its own name.
  {
    files: ['packages/core/src/verb/tend.ts'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  {
    files: ['packages/core/src/**/*.test.ts'],
    rules: { 'no-restricted-imports': 'off' },
  },
  {
    // Evenly spread, but where any document is asked for: there the strangest numbers are.
    files: ['packages/*/src/**/*.test.ts', 'packages/*/src/**/*.test-data.ts'],
    ignores: ['**/any-document.test-data.ts'],
    rules: { 'no-restricted-properties': ['error', ...NO_CHANCE, NEARLY_NOTHING] },
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    rules: {
      'import/no-restricted-paths': ['error', { zones: zonesOf('./apps/web/src', WEB_LAYERS) }],
    },
  },
  {
    files: ['apps/server/src/**/*.ts'],
    rules: {
      'import/no-restricted-paths': [
        'error',
        { zones: zonesOf('./apps/server/src', SERVER_LAYERS) },
      ],
    },
  },
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
  },
  {
    files: ['**/*.test.{ts,tsx}', 'apps/web/test/*.test.js', '**/jest.setup.cjs'],
    languageOptions: { globals: globals.jest },
  },
];
