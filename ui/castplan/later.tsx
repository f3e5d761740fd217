/** The cast plan, read in when a piece of cover is fished by it, looked at or sketched. */
import { lazy, Suspense } from 'react';
import type { SketchFieldProps } from './SketchField';

const Page = lazy(() => import('./pages').then((m) => ({ default: m.CastPlanScreen })));
const NextCast = lazy(() => import('./pages').then((m) => ({ default: m.CastPlanPart })));

const Sketch = lazy(() => import('./pages').then((m) => ({ default: m.SketchField })));

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

export const SketchLater = (props: SketchFieldProps) => (
  <Suspense fallback={null}>
    <Sketch {...props} />
  </Suspense>
);
