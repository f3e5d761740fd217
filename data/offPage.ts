/** What no page carries and few ask for, in one piece: the sample world, and how a lure is worked without a plan. */
export { buildDemoWorld } from '../demo/world';
export { workedUnplanned } from '../core/planning/plan/unplanned';
