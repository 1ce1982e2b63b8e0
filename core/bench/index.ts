/** The arithmetic of a feed at the bench: ratios, amounts, weighing and its corrections, warm water, room in the jar. */
export * from './buildSeries';
export * from './bulk';
export * from './cups';
export * from './dough';
export * from './jarRoom';
export * from './levain';
export * from './protein';
export * from './ratio';
export * from './ratioForTime';
export * from './stirDown';
export * from './season';
export * from './taper';
export * from './usualPeaks';
export * from './waterTemperature';
export * from './weighing';
export * from './yeastRecipe';
