export { BoxScreen as default } from '../../ui/kit/box/BoxScreen';
