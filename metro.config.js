const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

/**
 * Parts of libraries that Metro cannot drop and nothing here calls (docs/decisions/020). Each names the module that
 * asks and what it asks for; a part that was called after all fails at its first use, in every browser test.
 */
const NOTHING = { type: 'empty' };
const LEFT_OUT = [
  // zod's languages (English is set from its own file), its compiler, and what turns JSON Schema into zod and back.
  {
    from: /[\\/]zod[\\/]v4[\\/]/,
    what: /(?:locales\/index|\/compile|json-schema-processors|from-json-schema)\.c?js$/,
    by: NOTHING,
  },
  // The router's tab bars and experimental stack.
  {
    from: /expo-router[\\/]build[\\/]exports\.js$/,
    what: /layouts\/(?:Tabs|experimental-stack)$/,
    by: NOTHING,
  },
  {
    from: /expo-router[\\/]build[\\/]views[\\/](?:ErrorBoundary|Toast)\.js$/,
    what: /react-navigation\/bottom-tabs$/,
    by: { type: 'sourceFile', filePath: path.join(__dirname, 'tools/metro/bottom-tabs.js') },
  },
];

const upstream = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const left = LEFT_OUT.find(
    ({ from, what }) => from.test(context.originModulePath) && what.test(moduleName),
  );
  return left?.by ?? (upstream ?? context.resolveRequest)(context, moduleName, platform);
};

module.exports = withNativeWind(config, { input: './src/global.css' });
