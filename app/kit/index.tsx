export { KitScreen as default } from '../../ui/kit/KitScreen';
