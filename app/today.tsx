export { TodayScreen as default } from '../ui/today/TodayScreen';
