/**
 * The component library in our light and type, around the forms that use it: it stays out of the first screen's bytes.
 */
import { useMemo, type ReactNode } from 'react';
import { MD3LightTheme, PaperProvider, configureFonts, type MD3Theme } from 'react-native-paper';
import { Glyph, type GlyphName } from '../parts/Glyph';
import type { Palette } from '../theme/palette';
import { FONT, useTheme } from '../theme/theme';

function paperTheme(p: Palette, scale: number): MD3Theme {
  const fonts = configureFonts({ config: { fontFamily: FONT.data } });
  for (const v of Object.values(fonts)) if ('fontSize' in v) v.fontSize *= scale;
  return {
    ...MD3LightTheme,
    dark: p.dark,
    roundness: 3,
    fonts,
    colors: {
      ...MD3LightTheme.colors,
      primary: p.moss,
      onPrimary: p.onMoss,
      primaryContainer: p.mossWash,
      onPrimaryContainer: p.ink,
      secondary: p.copper,
      onSecondary: p.onCopper,
      background: p.ground,
      onBackground: p.ink,
      surface: p.card,
      onSurface: p.ink,
      surfaceVariant: p.card,
      onSurfaceVariant: p.soft,
      outline: p.edge,
      error: p.bad,
      inverseSurface: p.strong,
      inverseOnSurface: p.onStrong,
      inversePrimary: p.onStrong,
    },
  };
}

const paperSettings = {
  icon: ({ name, size, color }: { name: string; size: number; color?: string }) => (
    <Glyph name={name as GlyphName} size={size} color={color} />
  ),
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
