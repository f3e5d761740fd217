/** The light, the text size and the units in force, for every component below. */
import { useMemo, type ReactNode } from 'react';
import type { Light } from '../../core/records/preferences';
import type { UnitPrefs } from '../../wording/units';
import { PALETTES } from './palette';
import { ThemeContext } from './theme';

export function ThemeProvider({
  light,
  scale,
  units,
  children,
}: {
  light: Light;
  scale: number;
  units: UnitPrefs;
  children: ReactNode;
}) {
  const value = useMemo(() => ({ p: PALETTES[light], scale, units }), [light, scale, units]);
  return <ThemeContext.Provider value={value}>{children}</ThemeContext.Provider>;
}
