const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { FileStore } = require('metro-cache');

const config = getDefaultConfig(__dirname);
// The cache lives beside the project so that a second build is quick.
config.cacheStores = [new FileStore({ root: path.join(__dirname, '.cache', 'metro') })];
config.watcher = { ...config.watcher, healthCheck: { enabled: false } };
module.exports = config;
