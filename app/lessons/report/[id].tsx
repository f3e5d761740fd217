export { Report as default } from '../../../ui/lessons/diary/later';
