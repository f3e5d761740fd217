export { Box as default } from '../../ui/kit/box/later';
