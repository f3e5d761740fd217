export { EditScreen as default } from '../../../ui/kit/EditScreen';
