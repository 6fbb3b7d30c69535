const { getDefaultConfig } = require('expo/metro-config');
const path = require('path');

const config = getDefaultConfig(__dirname);
const resolve = config.resolver.resolveRequest;

/** One language of messages instead of forty: the interface writes its own words. */
config.resolver.resolveRequest = (context, name, platform) => {
  const next = resolve ?? context.resolveRequest;
  if (/locales\/index(\.js)?$/.test(name) && context.originModulePath.includes(`${path.sep}zod${path.sep}`)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'src/words/zod-locales.js') };
  }
  return next(context, name, platform);
};

module.exports = config;
