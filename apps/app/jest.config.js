const OPEN =
  'tamagui|@tamagui|react-native-svg|(jest-)?react-native|@react-native|expo|@expo|expo-.*|@expo-google-fonts|@react-navigation|uuid|idb-keyval|@tanstack';

module.exports = {
  preset: 'jest-expo',
  testMatch: ['<rootDir>/src/**/__tests__/**/*.test.{ts,tsx}'],
  transformIgnorePatterns: [`node_modules/(?!(${OPEN})/)`],
};
