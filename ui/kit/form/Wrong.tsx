import { HelperText } from 'react-native-paper';
import { useTheme } from '../../theme/theme';

/** What is wrong with a field; nothing takes no room. */
export function Wrong({ text }: { text: string | undefined }) {
  const { p, scale } = useTheme();
  if (!text) return null;
  return (
    <HelperText type="error" style={{ fontSize: 14 * scale, lineHeight: 19 * scale, color: p.bad }}>
      {text}
    </HelperText>
  );
}
