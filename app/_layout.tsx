import { PlaceStumbled } from '../ui/shell/Boundary';

export { Root as default } from '../ui/shell/Root';
export const unstable_settings = { screenErrorBoundary: PlaceStumbled };
