export { CatchUp as default } from '../../ui/lessons/diary/later';
