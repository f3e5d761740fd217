/** What the interface library's parts ask of its old palette; our theme gives all else (ui/theme/PaperFrame.tsx). */
module.exports = {
  transparent: 'transparent',
  black: '#000000',
  white: '#ffffff',
  grey50: '#fafafa',
  grey200: '#eeeeee',
  grey400: '#bdbdbd',
  grey700: '#616161',
  grey800: '#424242',
  pinkA100: '#ff80ab',
  pinkA400: '#f50057',
};
