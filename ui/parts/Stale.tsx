import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useTheme } from '../theme/theme';

/**
 * An answer that stands until the next is worked out. It stays as readable as it was (a pale text is lost in the
 * sun): a line beside it shows that it is asked anew, and a screen reader hears that it is busy.
 */
export function Stale({ busy, gap, children }: { busy: boolean; gap: number; children: ReactNode }) {
  const { p } = useTheme();
  return (
    <View aria-busy={busy} style={{ gap }}>
      {busy ? (
        <View style={{ position: 'absolute', left: -8, top: 0, bottom: 0, width: 3, backgroundColor: p.copper }} />
      ) : null}
      {children}
    </View>
  );
}
