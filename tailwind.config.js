const plugin = require('tailwindcss/plugin');
const palette = require('./src/ui/palette.json');

/** `#24483E` -> `36 72 62`, so that Tailwind's alpha modifiers work on the variables. */
const channels = (hex) =>
  [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)).join(' ');
const variables = (theme) =>
  Object.fromEntries(Object.entries(theme).map(([name, hex]) => [`--${name}`, channels(hex)]));
const colors = Object.fromEntries(
  Object.keys(palette.day).map((name) => [name, `rgb(var(--${name}) / <alpha-value>)`]),
);

module.exports = {
  darkMode: 'class',
  content: ['./src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  theme: {
    extend: {
      colors,
      fontFamily: {
        slab: ['ZillaSlab_600SemiBold'],
        sans: ['AtkinsonHyperlegibleNext_400Regular'],
        strong: ['AtkinsonHyperlegibleNext_600SemiBold'],
      },
      fontSize: { small: ['14px', '20px'], note: ['15px', '21px'], body: ['16px', '23px'] },
      borderRadius: { board: '3px' },
      minHeight: { target: '48px', slip: '60px' },
      minWidth: { target: '48px' },
      screens: { wide: '900px' },
    },
  },
  plugins: [
    plugin(({ addBase }) => {
      addBase({ ':root': variables(palette.day), '.dark': variables(palette.night) });
    }),
  ],
};
