export { CadenceScreen as default } from '../../ui/retrieve/cadence/CadenceScreen';
