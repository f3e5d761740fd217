export { CatchUpScreen as default } from '../../ui/lessons/diary/CatchUpScreen';
