/** The answers below and behind the boat, fetched by who needs them: two pages share them, and most need neither. */
import { lazy, Suspense, type ComponentProps } from 'react';
import { Say } from '../../parts/Say';

const LazyBehind = lazy(() => import('./BelowParts').then((m) => ({ default: m.Behind })));
const LazyDown = lazy(() => import('./BelowParts').then((m) => ({ default: m.Down })));

const fetching = <Say role="status">Fetching this part…</Say>;

export const Behind = (props: ComponentProps<typeof LazyBehind>) => (
  <Suspense fallback={fetching}>
    <LazyBehind {...props} />
  </Suspense>
);

export const Down = (props: ComponentProps<typeof LazyDown>) => (
  <Suspense fallback={fetching}>
    <LazyDown {...props} />
  </Suspense>
);
