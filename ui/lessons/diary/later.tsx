/** The pages of the diary, read in when one is gone to. */
import { lazy, Suspense, type ComponentType } from 'react';

type Pages = typeof import('./pages');

/** A page of the diary as a route takes it. */
function pageOf(name: keyof Pages): ComponentType {
  const Page = lazy(() => import('./pages').then((m) => ({ default: m[name] })));
  return function DiaryPage() {
    return (
      <Suspense fallback={null}>
        <Page />
      </Suspense>
    );
  };
}

export const Diary = pageOf('DiaryScreen');
export const Day = pageOf('DayScreen');
export const Report = pageOf('ReportScreen');
export const CatchUp = pageOf('CatchUpScreen');
