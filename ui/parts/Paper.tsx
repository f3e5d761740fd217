/** Sheets that can be printed: white whatever the light, and alone on the page. */
import type { ReactNode } from 'react';
import { Text, View } from 'react-native';
import { SHADE } from '../theme/palette';
import { FONT, ThemeContext, useTheme } from '../theme/theme';

/** A sheet of paper on a wide screen. */
const SHEET_PX = 760;

/** `width` on paper, as CSS has it; `pictures`: how much of it they take; `shrink`: all of it so much smaller there. */
export function Sheet({
  id,
  label,
  width,
  pictures = '100%',
  shrink = 1,
  children,
}: {
  id: string;
  label: string;
  width: string;
  pictures?: string;
  shrink?: number;
  children: ReactNode;
}) {
  const theme = useTheme();
  // All but the sheet goes; what holds it lets go of its size, so that a long one runs on over several pages.
  const print = `@media print{
    html,body,*:has(#${id}){display:block!important;position:static!important;height:auto!important;min-height:0!important;
      max-width:none!important;overflow:visible!important;padding:0!important;margin:0!important;transform:none!important;
      background:#fff!important}
    body *:not(:has(#${id})):not(#${id}):not(#${id} *){display:none!important}
    #${id}{zoom:${shrink};width:calc(${width} / ${shrink});max-width:none!important;border:none!important;border-radius:0!important;padding:0!important}
    #${id} svg{width:${pictures}!important;height:auto!important}
    #${id}>*{break-inside:avoid}
    @page{margin:12mm}}`;
  return (
    <>
      <style>{print}</style>
      <ThemeContext.Provider value={{ ...theme, p: SHADE }}>
        <View
          nativeID={id}
          role="region"
          aria-label={label}
          style={{
            backgroundColor: '#fff',
            borderColor: '#222',
            borderWidth: 1,
            borderRadius: 10,
            padding: 14,
            gap: 8,
            maxWidth: SHEET_PX,
          }}
        >
          {children}
        </View>
      </ThemeContext.Provider>
    </>
  );
}

export function Ink({ children, bold = false, size = 15 }: { children: ReactNode; bold?: boolean; size?: number }) {
  const { scale } = useTheme();
  return (
    <Text
      style={{
        color: '#111',
        fontFamily: bold ? FONT.dataBold : FONT.data,
        fontSize: size * scale,
        lineHeight: size * 1.35 * scale,
      }}
    >
      {children}
    </Text>
  );
}
