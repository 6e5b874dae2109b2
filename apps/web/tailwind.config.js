const plugin = require('tailwindcss/plugin');
const tokens = require('./tokens.json');

const channels = (hex) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)).join(' ');
const variables = (theme) =>
  Object.fromEntries(
    Object.entries(tokens[theme]).map(([name, hex]) => [`--c-${name}`, channels(hex)]),
  );

module.exports = {
  content: ['./app/**/*.{ts,tsx}', './src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  darkMode: 'media',
  theme: {
    extend: {
      colors: Object.fromEntries(
        Object.keys(tokens.light).map((name) => [name, `rgb(var(--c-${name}) / <alpha-value>)`]),
      ),
      fontFamily: {
        display: ['BricolageGrotesque_800ExtraBold'],
        body: ['AtkinsonHyperlegibleNext_400Regular'],
        bold: ['AtkinsonHyperlegibleNext_700Bold'],
      },
      fontSize: {
        13: ['13px', '18px'],
        16: ['16px', '22px'],
        20: ['20px', '26px'],
        24: ['24px', '28px'],
        34: ['34px', '38px'],
      },
      screens: { wide: '1000px' },
    },
  },
  // Both themes come from tokens.json, which the drawings read too.
  plugins: [
    plugin(({ addBase }) =>
      addBase({
        ':root': variables('light'),
        '@media (prefers-color-scheme: dark)': {
          ':root:not([data-theme="light"])': variables('dark'),
        },
        ':root[data-theme="dark"]': variables('dark'),
      }),
    ),
  ],
};
