/** A plan from above, as wide as there is room. */
import { useState, type ComponentProps, type ReactNode } from 'react';
import { View } from 'react-native';
import { AnglesView } from './AnglesView';
import { PlanView } from './PlanView';

/** As high as this share of its width, and no higher, px. */
const SHARE = 0.86;
const MAX_PX = 440;

function Picture({ small, draw }: { small?: boolean; draw: (width: number, height: number) => ReactNode }) {
  const [width, setWidth] = useState(0);
  return (
    <View
      style={{ borderRadius: 12, overflow: 'hidden', minHeight: small ? 100 : 240 }}
      onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}
    >
      {width > 0 ? draw(width, Math.round(Math.min(MAX_PX, width * SHARE))) : null}
    </View>
  );
}

export const PlanPicture = (props: Omit<ComponentProps<typeof PlanView>, 'width' | 'height'>) => (
  <Picture small={props.small} draw={(width, height) => <PlanView {...props} width={width} height={height} />} />
);

export const AnglesPicture = (props: Omit<ComponentProps<typeof AnglesView>, 'width' | 'height'>) => (
  <Picture draw={(width, height) => <AnglesView {...props} width={width} height={height} />} />
);
