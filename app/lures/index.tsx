export { LuresScreen as default } from '../../ui/lures/LuresScreen';
