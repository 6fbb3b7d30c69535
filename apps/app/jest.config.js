const preset = require('jest-expo/jest-preset');

const OPEN =
  'tamagui|@tamagui|react-native-svg|(jest-)?react-native|@react-native|expo|@expo|expo-.*|@expo-google-fonts|@react-navigation|uuid|idb-keyval|@tanstack|d3-.*|internmap|lucide-react-native';

module.exports = {
  preset: 'jest-expo',
  testMatch: ['<rootDir>/src/**/__tests__/**/*.test.{ts,tsx}'],
  setupFiles: ['<rootDir>/jest.setup.js'],
  // a screen rendered without a browser takes seconds on a busy machine
  testTimeout: 60_000,
  // some packages come as modules only, under that ending
  transform: { ...preset.transform, '\\.mjs$': preset.transform['\\.[jt]sx?$'] },
  transformIgnorePatterns: [`node_modules/(?!(${OPEN})/)`],
};
