/** The cast plan, read in when a piece of cover is fished by it or looked at. */
import { lazy, Suspense } from 'react';

const Page = lazy(() => import('./pages').then((m) => ({ default: m.CastPlanScreen })));
const NextCast = lazy(() => import('./pages').then((m) => ({ default: m.CastPlanPart })));

export const CastPlanPage = () => (
  <Suspense fallback={null}>
    <Page />
  </Suspense>
);

export const CastPlanLater = () => (
  <Suspense fallback={null}>
    <NextCast />
  </Suspense>
);
