/** The cast plan's page, its part of Strikes and the sketch pad, in one piece: no other page has what they share. */
export { CastPlanPart } from './CastPlanPart';
export { CastPlanScreen } from './CastPlanScreen';
export { SketchField } from './SketchField';
