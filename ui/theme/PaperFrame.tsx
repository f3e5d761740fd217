/** The component library in our light, type and shapes, around everything. */
import { useMemo, type ReactNode } from 'react';
import { PaperProvider, configureFonts, type MD3Theme } from 'react-native-paper';
import { Glyph, type GlyphName } from '../parts/Glyph';
import type { Palette } from './palette';
import { FONT, useTheme } from './theme';

/** All of the library's colours, each one of ours: none of its own shows anywhere. */
function colours(p: Palette): MD3Theme['colors'] {
  return {
    primary: p.moss,
    onPrimary: p.onMoss,
    primaryContainer: p.mossWash,
    onPrimaryContainer: p.ink,
    secondary: p.copper,
    onSecondary: p.onCopper,
    secondaryContainer: p.mossWash,
    onSecondaryContainer: p.ink,
    tertiary: p.copper,
    onTertiary: p.onCopper,
    tertiaryContainer: p.copperWash,
    onTertiaryContainer: p.ink,
    background: p.ground,
    onBackground: p.ink,
    surface: p.card,
    onSurface: p.ink,
    surfaceVariant: p.card,
    onSurfaceVariant: p.soft,
    surfaceDisabled: p.rule,
    onSurfaceDisabled: p.soft,
    outline: p.edge,
    outlineVariant: p.rule,
    error: p.bad,
    onError: p.card,
    errorContainer: p.copperWash,
    onErrorContainer: p.ink,
    inverseSurface: p.strong,
    inverseOnSurface: p.onStrong,
    inversePrimary: p.onStrong,
    shadow: '#000000',
    scrim: '#000000',
    backdrop: 'rgba(20, 28, 24, 0.5)',
    elevation: {
      level0: 'transparent',
      level1: p.card,
      level2: p.card,
      level3: p.card,
      level4: p.card,
      level5: p.card,
    },
  };
}

function paperTheme(p: Palette, scale: number): MD3Theme {
  const fonts = configureFonts({ config: { fontFamily: FONT.data } });
  for (const v of Object.values(fonts)) if ('fontSize' in v) v.fontSize *= scale;
  return {
    version: 3,
    isV3: true,
    dark: p.dark,
    mode: 'exact',
    // The library multiplies it: its fields get 12.
    roundness: 3,
    animation: { scale: 1 },
    fonts,
    colors: colours(p),
  };
}

/** The library's names of signs, where ours are called otherwise. */
const SIGN_OF: Readonly<Record<string, GlyphName>> = {
  'chevron-left': 'left',
  'chevron-right': 'right',
  'menu-down': 'down',
  'menu-up': 'up',
  pencil: 'pen',
};

const paperSettings = {
  icon: ({ name, size, color }: { name: string; size: number; color?: string }) => (
    <Glyph name={SIGN_OF[name] ?? (name as GlyphName)} size={size} color={color} />
  ),
  // What is pressed dims: a wave across a wet screen says no more.
  rippleEffectEnabled: false,
};

export function PaperFrame({ children }: { children: ReactNode }) {
  const { p, scale } = useTheme();
  const theme = useMemo(() => paperTheme(p, scale), [p, scale]);
  return (
    <PaperProvider theme={theme} settings={paperSettings as never}>
      {children}
    </PaperProvider>
  );
}
