/** The router's stack without its screens: our one slot needs the part that keeps its state alone. */
module.exports = { StackRouter: require('expo-router/build/react-navigation/routers').StackRouter };
