module.exports = function (api) {
  api.cache(true);
  // The interface kit's own plugin takes in only the components that are used.
  return { presets: ['babel-preset-expo'], plugins: ['react-native-paper/babel'] };
};
