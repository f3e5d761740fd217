export { NoSuchPage as default } from '../ui/shell/NoSuchPage';
