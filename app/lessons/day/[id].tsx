export { Day as default } from '../../../ui/lessons/diary/later';
