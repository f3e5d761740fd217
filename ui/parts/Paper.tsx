/** Sheets that can be printed: white whatever the light, and alone on the page. */
import type { ReactNode } from 'react';
import { Text, View } from 'react-native';
import { SHADE } from '../theme/palette';
import { FONT, ThemeContext, useTheme } from '../theme/theme';

/** `width` on paper, as CSS has it. */
export function Sheet({
  id,
  label,
  width,
  children,
}: {
  id: string;
  label: string;
  width: string;
  children: ReactNode;
}) {
  const theme = useTheme();
  const print = `@media print{body *{visibility:hidden}#${id},#${id} *{visibility:visible}#${id}{position:absolute;left:0;top:0;width:${width};border:none}@page{margin:12mm}}`;
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
