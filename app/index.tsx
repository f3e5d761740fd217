export { WaterScreen as default } from '../ui/water/WaterScreen';
