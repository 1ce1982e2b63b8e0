/** The plan of a week: bakes, hands, plans to choose from, steps. */
export { PlanScreen } from './PlanScreen';
