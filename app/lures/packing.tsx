export { PackingScreen as default } from '../../ui/lures/rods/PackingScreen';
