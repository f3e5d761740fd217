/** The cast plan's page, its part of Strikes and the sketch pad, in one piece: what they share is no part of any other page. */
export { CastPlanPart } from './CastPlanPart';
export { CastPlanScreen } from './CastPlanScreen';
export { SketchField } from './SketchField';
