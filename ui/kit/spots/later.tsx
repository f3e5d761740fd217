/** The spots' page as a route takes it. */
import { laterPage } from '../../parts/laterPage';

export const Spots = laterPage(() => import('./pages'), 'SpotsScreen');
