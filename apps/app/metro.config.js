const { getDefaultConfig } = require('expo/metro-config');
const path = require('path');

const config = getDefaultConfig(__dirname);
const resolve = config.resolver.resolveRequest;

/**
 * Two packages need a hand: zod brings forty languages of messages where the interface writes its own words,
 * and tslib's default export is lost in the bundle, so its plain module file is named.
 */
config.resolver.resolveRequest = (context, name, platform) => {
  const next = resolve ?? context.resolveRequest;
  if (/locales\/index(\.js)?$/.test(name) && context.originModulePath.includes(`${path.sep}zod${path.sep}`)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'src/words/zod-locales.js') };
  }
  if (name === 'tslib') return { type: 'sourceFile', filePath: path.join(path.dirname(require.resolve('tslib')), 'tslib.es6.js') };
  return next(context, name, platform);
};

module.exports = config;
