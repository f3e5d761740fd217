/** Photos, read in where one is shown or can be added. */
import { lazy, Suspense, type ComponentProps, type ComponentType } from 'react';

type Pages = Pick<typeof import('./pages'), 'DayPhotos' | 'EventPhotos' | 'SheetPhotos'>;

function later<K extends keyof Pages>(name: K): ComponentType<ComponentProps<Pages[K]>> {
  const Later = lazy(() => import('./pages').then((m) => ({ default: m[name] as ComponentType<object> })));
  return function PhotosLater(props) {
    return (
      <Suspense fallback={null}>
        <Later {...(props as object)} />
      </Suspense>
    );
  };
}

export const EventPhotosLater = later('EventPhotos');
export const DayPhotosLater = later('DayPhotos');
export const SheetPhotosLater = later('SheetPhotos');
