// A cold first render transforms hundreds of modules inside the test.
jest.setTimeout(300_000);
jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual('@react-native-async-storage/async-storage/jest'),
);
