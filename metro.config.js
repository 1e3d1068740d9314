const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

// zod re-exports all its locales as a namespace that Metro cannot drop (41 KB gzip in each bundle).
// English is set from its own file, so the index may be empty.
const upstream = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const fromZod = /[\\/]zod[\\/]v4[\\/]/.test(context.originModulePath);
  if (fromZod && /locales\/index\.(c?js)$/.test(moduleName)) return { type: 'empty' };
  return (upstream ?? context.resolveRequest)(context, moduleName, platform);
};

module.exports = withNativeWind(config, { input: './src/global.css' });
