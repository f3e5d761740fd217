export { RodsScreen as default } from '../../ui/lures/rods/RodsScreen';
