/** The cast plan's page and its part of Strikes, in one piece: what they share is no part of any other page. */
export { CastPlanPart } from './CastPlanPart';
export { CastPlanScreen } from './CastPlanScreen';
