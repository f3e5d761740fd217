import { PlaceStumbled } from '../ui/shell/Boundary';
import { oneByOne } from '../ui/platform/idle';

export { Root as default } from '../ui/shell/Root';
export const unstable_settings = { screenErrorBoundary: PlaceStumbled };

// The places most gone to are read in while nothing else is wanted, so that going there is only drawing them. Not the
// lessons: they bring the charts.
oneByOne([
  () => import('./retrieve/index'),
  () => import('./lures'),
  () => import('./strikes'),
  () => import('./kit/index'),
]);
