/** What more can be told, read in when it is opened. */
import { lazy, Suspense, type ComponentProps } from 'react';

const Tell = lazy(() => import('./TellPart').then((m) => ({ default: m.TellPart })));

export const TellLater = (props: ComponentProps<typeof Tell>) => (
  <Suspense fallback={null}>
    <Tell {...props} />
  </Suspense>
);
