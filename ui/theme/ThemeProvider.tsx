/** The light, the text size and the units in force, for every component below. */
import { useMemo, type ReactNode } from 'react';
import { MD3LightTheme, PaperProvider, configureFonts, type MD3Theme } from 'react-native-paper';
import type { Light } from '../../core/records/preferences';
import type { UnitPrefs } from '../../wording/units';
import { Glyph, type GlyphName } from '../parts/Glyph';
import { PALETTES, type Palette } from './palette';
import { FONT, ThemeContext } from './theme';

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
  icon: ({ name, size, color }: { name: string; size: number; color?: string }) => <Glyph name={name as GlyphName} size={size} color={color} />,
  rippleEffectEnabled: false,
};

export function ThemeProvider({ light, scale, units, children }: { light: Light; scale: number; units: UnitPrefs; children: ReactNode }) {
  const value = useMemo(() => ({ p: PALETTES[light], scale, units }), [light, scale, units]);
  const paper = useMemo(() => paperTheme(value.p, scale), [value.p, scale]);
  return (
    <ThemeContext.Provider value={value}>
      <PaperProvider theme={paper} settings={paperSettings as never}>
        {children}
      </PaperProvider>
    </ThemeContext.Provider>
  );
}
