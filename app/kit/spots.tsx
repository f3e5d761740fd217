export { SpotsScreen as default } from '../../ui/kit/spots/SpotsScreen';
