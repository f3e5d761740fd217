/** The pages of the diary, read in when one is gone to. */
import { laterPage } from '../../parts/laterPage';

const pages = () => import('./pages');

export const Diary = laterPage(pages, 'DiaryScreen');
export const Day = laterPage(pages, 'DayScreen');
export const Report = laterPage(pages, 'ReportScreen');
export const CatchUp = laterPage(pages, 'CatchUpScreen');
