/** The pages of the box, read in when one is gone to. */
import { laterPage } from '../../parts/laterPage';

const pages = () => import('./pages');

export const Box = laterPage(pages, 'BoxScreen');
export const BoxSheet = laterPage(pages, 'BoxSheetScreen');
