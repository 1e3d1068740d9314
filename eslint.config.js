const { defineConfig, globalIgnores } = require('eslint/config');
const expoConfig = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier/flat');
const globals = require('globals');

const barrels = {
  paths: [
    { name: 'lucide-react-native', message: 'Import one icon: lucide-react-native/icons/NAME.' },
  ],
};

module.exports = defineConfig([
  globalIgnores(['dist*/**', '.expo/**', '.cache/**', 'public/**', 'test-results/**']),
  expoConfig,
  prettier,
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      'no-restricted-imports': ['error', barrels],
      // fast-check is written to be used as `fc`.
      'import/no-named-as-default-member': 'off',
      // The compiler asks the same of every name taken from a module, in a fraction of the time.
      'import/namespace': 'off',
    },
  },
  {
    // The core knows no clock and no chance: both are passed in.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Pass the moment in.' },
        { object: 'Math', property: 'random', message: 'Pass a seeded source in.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date']", message: 'Use PlainDate or Moment.' },
      ],
    },
  },
  {
    files: [
      '*.config.js',
      '.dependency-cruiser.cjs',
      'tools/**',
      'e2e/**',
      'server/**',
      'bench/**',
    ],
    languageOptions: { globals: globals.node },
  },
]);
