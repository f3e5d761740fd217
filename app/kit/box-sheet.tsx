export { BoxSheet as default } from '../../ui/kit/box/later';
