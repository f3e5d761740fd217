/** The field for a number, read in when it is first wanted: the library's field is no part of the first screen. */
import { lazy, Suspense, type ComponentProps, type ReactNode } from 'react';
import { View } from 'react-native';

const Field = lazy(() => import('./NumberField').then((m) => ({ default: m.NumberField })));

/** `fallback`: what stands there meanwhile. */
export function NumberFieldLater({ fallback, ...props }: ComponentProps<typeof Field> & { fallback?: ReactNode }) {
  return (
    <Suspense fallback={fallback ?? <View style={[{ minHeight: 56 }, props.style]} />}>
      <Field {...props} />
    </Suspense>
  );
}
