export { BelowScreen as default } from '../../ui/retrieve/below/BelowScreen';
