/** Pages that are read in when one is gone to, several in one piece. */
import { lazy, Suspense, type ComponentType } from 'react';

/** A page of such a piece as a route takes it. */
export function laterPage<Name extends string>(
  load: () => Promise<Record<Name, ComponentType>>,
  name: Name,
): ComponentType {
  const Page = lazy<ComponentType>(() => load().then((m) => ({ default: m[name] })));
  return function LaterPage() {
    return (
      <Suspense fallback={null}>
        <Page />
      </Suspense>
    );
  };
}
