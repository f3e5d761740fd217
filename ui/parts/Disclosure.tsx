/** Opens to its reasons. */
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Row } from './Box';
import { Glyph } from './Glyph';
import { Press } from './Press';
import { Say } from './Say';

export function Disclosure({
  title,
  children,
  startOpen = false,
}: {
  title: string;
  children: ReactNode;
  startOpen?: boolean;
}) {
  const [open, setOpen] = useState(startOpen);
  return (
    <View>
      <Press label={title} expanded={open} onPress={() => setOpen(!open)}>
        <Row gap={6}>
          <Glyph name={open ? 'up' : 'down'} size={20} />
          <Say kind="strong" style={{ flexShrink: 1, textDecorationLine: 'underline' }}>
            {title}
          </Say>
        </Row>
      </Press>
      {open ? <View style={{ gap: 6, paddingBottom: 8 }}>{children}</View> : null}
    </View>
  );
}
