/**
 * Above all else, with the keyboard kept inside and given back at the end, closed by Escape. The library's own modal
 * keeps no focus on the web; the web's does.
 */
import type { ReactNode } from 'react';
import { Modal, View } from 'react-native';
import { useTheme } from '../theme/theme';

export function Overlay({ open, onClose, children }: { open: boolean; onClose: () => void; children: ReactNode }) {
  const { p } = useTheme();
  return (
    <Modal visible={open} transparent onRequestClose={onClose} animationType="none">
      <View
        style={{ flex: 1, backgroundColor: `${p.halo}B0`, alignItems: 'center', justifyContent: 'center', padding: 16 }}
      >
        {children}
      </View>
    </Modal>
  );
}
