const alias = { '^@/(.*)$': '<rootDir>/src/$1' };

module.exports = {
  // Property tests on a busy two-core machine: long enough to never be the reason.
  testTimeout: 300_000,
  // Both cores: the runner would leave one for watching.
  maxWorkers: 2,
  projects: [
    {
      displayName: 'core',
      // Tests run apart from the runner, which makes every look at a global a slow one; these are handed in.
      sandboxInjectedGlobals: [
        'Math',
        'Number',
        'Object',
        'Array',
        'Map',
        'Set',
        'Infinity',
        'JSON',
        'String',
      ],
      testEnvironment: 'node',
      rootDir: __dirname,
      setupFilesAfterEnv: ['<rootDir>/jest.draws.js'],
      testMatch: [
        '<rootDir>/src/{core,storage,store,workers,features}/**/*.test.ts',
        '<rootDir>/{bench,server,test,tools}/**/*.test.ts',
      ],
      transform: { '\\.[jt]sx?$': ['babel-jest', { configFile: './babel.core.config.js' }] },
      transformIgnorePatterns: ['/node_modules/(?!(@react-native-async-storage|idb))'],
      moduleNameMapper: {
        '^@react-native-async-storage/async-storage$':
          '<rootDir>/node_modules/@react-native-async-storage/async-storage/lib/module/jest/AsyncStorageMock.js',
        ...alias,
      },
    },
    {
      displayName: 'ui',
      preset: 'jest-expo',
      rootDir: __dirname,
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/jest.setup.ts'],
      moduleNameMapper: {
        '\\.css$': '<rootDir>/jest.empty.js',
        '^lucide-react-native/icons/(.*)$':
          '<rootDir>/node_modules/lucide-react-native/dist/cjs/icons/$1.js',
        ...alias,
      },
      transformIgnorePatterns: [
        '/node_modules/(?!(.pnpm|react-native|@react-native|@react-native-community|@react-native-async-storage|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|nativewind|react-native-css-interop|lucide-react-native|react-native-svg|standard-navigation|react-redux|@reduxjs/toolkit|immer|idb))',
        '/node_modules/react-native-reanimated/plugin/',
      ],
    },
  ],
};
