/** The shapes that everything is drawn with. */
export { Circle, ClipPath, Defs, G, LinearGradient, Path, Rect, Stop, Svg, Text as SvgText } from 'react-native-svg';
