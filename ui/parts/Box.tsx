/** Plain surfaces and rows. */
import type { ReactNode } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
import { Surface } from 'react-native-paper';
import { useTheme } from '../theme/theme';
import { Say } from './Say';

export function Card({
  children,
  style,
  tone = 'plain',
}: {
  children: ReactNode;
  style?: StyleProp<ViewStyle>;
  tone?: 'plain' | 'wash';
}) {
  const { p } = useTheme();
  return (
    <Surface
      mode="flat"
      elevation={0}
      style={[
        {
          backgroundColor: tone === 'wash' ? p.mossWash : p.card,
          borderColor: p.rule,
          borderWidth: p.stroke,
          borderRadius: 12,
          padding: 14,
          gap: 6,
        },
        style,
      ]}
    >
      {children}
    </Surface>
  );
}

export function Row({
  children,
  style,
  gap = 8,
  wrap = false,
}: {
  children: ReactNode;
  style?: StyleProp<ViewStyle>;
  gap?: number;
  wrap?: boolean;
}) {
  return (
    <View style={[{ flexDirection: 'row', alignItems: 'center', gap, flexWrap: wrap ? 'wrap' : 'nowrap' }, style]}>
      {children}
    </View>
  );
}

export function Part({
  title,
  children,
  right,
  gap = 8,
}: {
  title: string;
  children: ReactNode;
  right?: ReactNode;
  gap?: number;
}) {
  return (
    <View style={{ gap }}>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <Say kind="heading" level={2} style={{ flexShrink: 1 }}>
          {title}
        </Say>
        {right}
      </Row>
      {children}
    </View>
  );
}

/** Honest words where there is nothing to show. */
export function Note({ children }: { children: ReactNode }) {
  const { p } = useTheme();
  return (
    <View style={{ borderLeftWidth: 3 * p.stroke, borderLeftColor: p.edge, paddingLeft: 12, paddingVertical: 4 }}>
      <Say tone="soft">{children}</Say>
    </View>
  );
}
