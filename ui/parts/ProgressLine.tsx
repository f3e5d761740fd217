/** How far something is, as a bar that a screen reader hears too. */
import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import { useTheme } from '../theme/theme';

export function ProgressLine({ label, share }: { label: string; share: number }) {
  const { p } = useTheme();
  return (
    <View
      role="progressbar"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(100 * share)}
    >
      {/* The library's bar tells a screen reader nothing on the web: what stands around it does. */}
      <View aria-hidden>
        <ProgressBar progress={share} color={p.moss} style={{ height: 6, borderRadius: 3, backgroundColor: p.rule }} />
      </View>
    </View>
  );
}
