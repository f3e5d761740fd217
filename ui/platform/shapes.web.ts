/**
 * The shapes that everything is drawn with, in a browser: its own, by the same names and with the same properties.
 * The section is drawn anew under the finger, and a wrapper around each of its shapes costs more than all else in that
 * frame.
 */
import type * as Native from './shapes';

const own = <Shape>(tag: string): Shape => tag as unknown as Shape;

export const Circle = own<typeof Native.Circle>('circle');
export const ClipPath = own<typeof Native.ClipPath>('clipPath');
export const Defs = own<typeof Native.Defs>('defs');
export const G = own<typeof Native.G>('g');
export const LinearGradient = own<typeof Native.LinearGradient>('linearGradient');
export const Path = own<typeof Native.Path>('path');
export const Rect = own<typeof Native.Rect>('rect');
export const Stop = own<typeof Native.Stop>('stop');
export const Svg = own<typeof Native.Svg>('svg');
export const SvgText = own<typeof Native.SvgText>('text');
