/** One step less, or more, of a number. */
import { useTheme } from '../theme/theme';
import { Glyph } from './Glyph';
import { Press } from './Press';

interface StepKeyProps {
  /** What is stepped. */
  of: string;
  way: 1 | -1;
  onPress: () => void;
  width?: number;
}

export function StepKey({ of, way, onPress, width = 60 }: StepKeyProps) {
  const { p } = useTheme();
  return (
    <Press
      label={`${of}: ${way > 0 ? 'more' : 'less'}`}
      onPress={onPress}
      style={{
        borderRadius: 14,
        borderWidth: 1.5 * p.stroke,
        borderColor: p.edge,
        backgroundColor: p.card,
        width,
        minHeight: 56,
        alignItems: 'center',
      }}
    >
      <Glyph name={way > 0 ? 'plus' : 'minus'} />
    </Press>
  );
}
