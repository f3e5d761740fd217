export { RetrieveScreen as default } from '../../ui/retrieve/RetrieveScreen';
