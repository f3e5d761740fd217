export { CardScreen as default } from '../../ui/retrieve/CardScreen';
