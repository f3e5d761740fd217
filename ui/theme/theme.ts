/** The light, the text size and the units in force. */
import { createContext, useContext } from 'react';
import { IMPERIAL, type UnitPrefs } from '../../wording/units';
import { SHADE, type Palette } from './palette';

/**
 * Families as the page's own style sheet names them (public/index.html); text shows in a system face until they are
 * there.
 */
export const FONT = {
  data: 'AtkinsonHyperlegible_400Regular',
  dataBold: 'AtkinsonHyperlegible_700Bold',
  head: 'Bitter_700Bold',
} as const;

export interface Theme {
  p: Palette;
  scale: number;
  units: UnitPrefs;
}

export const ThemeContext = createContext<Theme>({ p: SHADE, scale: 1, units: IMPERIAL });
export const useTheme = (): Theme => useContext(ThemeContext);

/** The frame of the library's text fields, as round as everything else. */
export const FIELD_OUTLINE = { borderRadius: 12 } as const;
