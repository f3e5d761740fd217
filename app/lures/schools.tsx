export { SchoolsScreen as default } from '../../ui/lures/SchoolsScreen';
