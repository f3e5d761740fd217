/** The pages of the box, read in when one is gone to. */
import { lazy, Suspense, type ComponentType } from 'react';

type Pages = typeof import('./pages');

/** A page of the box as a route takes it. */
function pageOf(name: keyof Pages): ComponentType {
  const Page = lazy(() => import('./pages').then((m) => ({ default: m[name] })));
  return function BoxPage() {
    return (
      <Suspense fallback={null}>
        <Page />
      </Suspense>
    );
  };
}

export const Box = pageOf('BoxScreen');
export const BoxSheet = pageOf('BoxSheetScreen');
