const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { FileStore } = require('metro-cache');

const config = getDefaultConfig(__dirname);
// The cache lives beside the project so that a second build is quick.
config.cacheStores = [new FileStore({ root: path.join(__dirname, '.cache', 'metro') })];
config.watcher = { ...config.watcher, healthCheck: { enabled: false } };

/**
 * Weight that no screen shows: the validator's sixty languages (its English stays), its compiler (it makes code out of
 * text, which our page's policy forbids and which we have switched off), its reader and writer of JSON Schema; and an
 * icon font of 1.3 MB (icons are our own drawings).
 */
const WITHOUT = [
  {
    from: /node_modules\/zod\//,
    name: /\/(locales\/index|compile|from-json-schema|json-schema-processors|json-schema-generator)\.(js|cjs)$/,
  },
  { from: /node_modules\//, name: /vector-icons\/MaterialCommunityIcons$/ },
];
/** The writer is asked for two functions by every schema that is made: these are they. */
const NO_JSON_SCHEMA = path.join(__dirname, 'metro', 'noJsonSchema.js');
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  if (WITHOUT.some((w) => w.from.test(context.originModulePath) && w.name.test(moduleName))) return { type: 'empty' };
  if (/node_modules\/zod\//.test(context.originModulePath) && /\/to-json-schema\.(js|cjs)$/.test(moduleName)) {
    return { type: 'sourceFile', filePath: NO_JSON_SCHEMA };
  }
  // It is asked for as a module and as a script; both would come along.
  const once = moduleName === 'idb' ? { ...context, isESMImport: true } : context;
  return (resolve ?? context.resolveRequest)(once, moduleName, platform);
};
module.exports = config;
