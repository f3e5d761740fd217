export { Diary as default } from '../../ui/lessons/diary/later';
