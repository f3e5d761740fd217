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
 * icon font of 1.3 MB (signs come one by one).
 */
const WITHOUT = [
  {
    from: /node_modules\/zod\//,
    name: /\/(locales\/index|compile|from-json-schema|json-schema-processors|json-schema-generator)\.(js|cjs)$/,
  },
  { from: /node_modules\//, name: /vector-icons\/MaterialCommunityIcons$/ },
];
/**
 * The router brings stacks, tabs, headers, previews of links and a site map that lists source files. Our pages stand in
 * one plain slot: these are never drawn (about 30 KB pressed).
 */
const ROUTER_UNUSED = new RegExp(
  '/expo-router/build/(' +
    [
      'layouts/(Tabs|experimental-stack/|stack-utils/)',
      'react-navigation/(bottom-tabs|elements|native-stack)/',
      '(native-tabs|standard-navigation|fork/native-stack)/',
      'link/(LinkWithPreview|preview/(HrefPreview|native|useNextScreenId))',
      'views/(Sitemap|Toast)\\.',
    ].join('|') +
    ')',
);
/** The web's stand-ins for widgets that no page draws (long lists of its own, boxes to tick, switches; about 12 KB). */
const WIDGETS_UNUSED = new RegExp(
  '/react-native-web/dist/exports/(FlatList|SectionList|VirtualizedList|CheckBox|Switch|Picker|TouchableHighlight|' +
    'ProgressBar|ImageBackground|KeyboardAvoidingView|Button|Share|Clipboard|Vibration|YellowBox)/index\\.js$',
);
const ROUTER_STACK = /\/expo-router\/build\/layouts\/StackClient\.js$/;
const UNUSED = path.join(__dirname, 'metro', 'unused.js');
const PLAIN_STACK = path.join(__dirname, 'metro', 'plainStack.js');
const YEAR_PICKER = path.join(__dirname, 'ui', 'parts', 'YearPicker.tsx');
const V2_COLOURS = path.join(__dirname, 'metro', 'secondEditionColours.js');
/** The writer is asked for two functions by every schema that is made: these are they. */
const NO_JSON_SCHEMA = path.join(__dirname, 'metro', 'noJsonSchema.js');
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  if (WITHOUT.some((w) => w.from.test(context.originModulePath) && w.name.test(moduleName))) return { type: 'empty' };
  if (/node_modules\/zod\//.test(context.originModulePath) && /\/to-json-schema\.(js|cjs)$/.test(moduleName)) {
    return { type: 'sourceFile', filePath: NO_JSON_SCHEMA };
  }
  // The library's themes of its second edition, which ours does not use, keep a palette of 23 KB: white and black are all
  // that its components ask of it.
  if (/react-native-paper/.test(context.originModulePath) && /(v2\/colors|^\.\/colors)$/.test(moduleName))
    return { type: 'sourceFile', filePath: V2_COLOURS };
  if (moduleName === './YearPicker' && /react-native-paper-dates/.test(context.originModulePath))
    return { type: 'sourceFile', filePath: YEAR_PICKER };
  // It is asked for as a module and as a script; both would come along.
  const once = moduleName === 'idb' ? { ...context, isESMImport: true } : context;
  if (moduleName === 'react-native-screens' && /\/expo-router\/build\//.test(context.originModulePath))
    return { type: 'sourceFile', filePath: UNUSED };
  const found = (resolve ?? context.resolveRequest)(once, moduleName, platform);
  if (found.type !== 'sourceFile') return found;
  if (ROUTER_STACK.test(found.filePath)) return { type: 'sourceFile', filePath: PLAIN_STACK };
  return ROUTER_UNUSED.test(found.filePath) || WIDGETS_UNUSED.test(found.filePath)
    ? { type: 'sourceFile', filePath: UNUSED }
    : found;
};
module.exports = config;
