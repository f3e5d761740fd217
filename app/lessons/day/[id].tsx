export { DayScreen as default } from '../../../ui/lessons/diary/DayScreen';
