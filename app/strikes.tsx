export { StrikesScreen as default } from '../ui/strikes/StrikesScreen';
