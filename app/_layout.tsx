export { Root as default } from '../ui/shell/Root';
