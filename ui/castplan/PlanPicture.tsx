/** The plan from above, as wide as there is room. */
import { useState, type ComponentProps } from 'react';
import { View } from 'react-native';
import { PlanView } from './PlanView';

/** As high as this share of its width, and no higher, px. */
const SHARE = 0.86;
const MAX_PX = 440;

export function PlanPicture(props: Omit<ComponentProps<typeof PlanView>, 'width' | 'height'>) {
  const [width, setWidth] = useState(0);
  const height = Math.round(Math.min(MAX_PX, width * SHARE));
  return (
    <View
      style={{ borderRadius: 12, overflow: 'hidden', minHeight: props.small ? 100 : 240 }}
      onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}
    >
      {width > 0 ? <PlanView {...props} width={width} height={height} /> : null}
    </View>
  );
}
