/** A reading as a tile: name, value, and a dotted underline while it is only assumed. */
import { View } from 'react-native';
import { useTheme } from '../theme/theme';
import { Press } from './Press';
import { Say } from './Say';

export interface TileProps {
  name: string;
  value: string;
  assumed?: boolean;
  /** Where the value comes from, when nobody read it. */
  source?: string;
  open?: boolean;
  onPress: () => void;
  flexBasis?: number;
}

export function Tile({ name, value, assumed = false, source, open = false, onPress, flexBasis = 100 }: TileProps) {
  const { p, scale } = useTheme();
  return (
    <Press
      label={`${name}: ${value}${assumed ? ', assumed' : source ? `, ${source}` : ''}. Change`}
      expanded={open}
      onPress={onPress}
      style={{
        flexGrow: 1,
        flexBasis: flexBasis * scale,
        backgroundColor: open ? p.mossWash : p.card,
        borderColor: open ? p.moss : p.rule,
        borderWidth: open ? 2 : 1,
        borderRadius: 12,
        paddingHorizontal: 12,
        paddingVertical: 8,
        minHeight: 64,
        justifyContent: 'flex-start',
      }}
    >
      <Say kind="label" tone="soft">
        {assumed ? `${name}, assumed` : source ? `${name}, ${source}` : name}
      </Say>
      <View
        style={{
          alignSelf: 'flex-start',
          borderBottomWidth: 2 * p.stroke,
          borderStyle: 'dotted',
          borderBottomColor: assumed ? p.copper : 'transparent',
        }}
      >
        <Say kind="figure" style={value.length > 8 ? { fontSize: 16 * scale } : undefined}>
          {value}
        </Say>
      </View>
    </Press>
  );
}
