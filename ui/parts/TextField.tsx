/** The library's field to type into, read in where one is first shown. */
import { lazy, Suspense, type ComponentProps } from 'react';
import { View } from 'react-native';
import type { TextInput } from 'react-native-paper';

const Input = lazy(() => import('./typing').then((m) => ({ default: m.Input })));

/** Its place until it is there, px. */
const HEIGHT_PX = 56;

export const TextField = (props: ComponentProps<typeof TextInput>) => (
  <Suspense fallback={<View style={[{ minHeight: HEIGHT_PX }, props.style as object]} />}>
    <Input {...props} />
  </Suspense>
);
