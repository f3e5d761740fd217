export { GuidedScreen as default } from '../ui/water/GuidedScreen';
