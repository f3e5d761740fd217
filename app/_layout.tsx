import { PlaceStumbled } from '../ui/shell/Boundary';
import { oneByOne } from '../ui/platform/idle';
import { readPage } from '../ui/shell/pages';

export { Root as default } from '../ui/shell/Root';
export const unstable_settings = { screenErrorBoundary: PlaceStumbled };

// The places most gone to are read in while nothing else is wanted, so that going there is only drawing them. Not the
// lessons: they bring the charts.
oneByOne(
  ['./retrieve/index.tsx', './lures/index.tsx', './strikes.tsx', './kit/index.tsx'].map((key) => () => readPage(key)),
);
