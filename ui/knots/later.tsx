/** The knots, read in when one is looked at. */
import { lazy, Suspense } from 'react';
import type { Knot } from '../../core/ranking/joints';

const Steps = lazy(() => import('./KnotSteps').then((m) => ({ default: m.KnotSteps })));

export const KnotStepsLater = ({ knot }: { knot: Knot }) => (
  <Suspense fallback={null}>
    <Steps knot={knot} />
  </Suspense>
);
