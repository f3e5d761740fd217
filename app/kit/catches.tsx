export { CatchesScreen as default } from '../../ui/kit/catches/CatchesScreen';
