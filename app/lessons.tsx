export { LessonsScreen as default } from '../ui/lessons/LessonsScreen';
