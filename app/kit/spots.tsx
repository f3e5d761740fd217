export { Spots as default } from '../../ui/kit/spots/later';
