export { CastPlanPage as default } from '../../ui/castplan/later';
