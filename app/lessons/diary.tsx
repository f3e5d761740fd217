export { DiaryScreen as default } from '../../ui/lessons/diary/DiaryScreen';
