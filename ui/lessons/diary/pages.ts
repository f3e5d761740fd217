/** The pages of the diary, in one piece: what they share is no part of any other page. */
export { CatchUpScreen } from './CatchUpScreen';
export { DayScreen } from './DayScreen';
export { DiaryScreen } from './DiaryScreen';
export { ReportScreen } from './ReportScreen';
