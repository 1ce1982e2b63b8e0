/** Raised when an equation of the model changes: what was worked out before is then worked out anew. */
export const EQUATIONS = 4;

/**
 * Every constant of the fermentation model, with its unit, where it comes from and the range in which it stays plausible.
 * "fitted" means fitted here to the behaviour in `ferment/expected.test.ts`.
 */
export const MODEL = {
  /** Half-saturation of growth by food, share of the flour's fermentable sugar. Fitted; 0.015 to 0.1. */
  foodHalf: 0.0231,
  /** Food taken per unit of yeast activity. Fitted; 1.5 to 6. */
  foodPerYeast: 1.82,
  /** Food taken per unit of bacterial activity. Fitted; 0.3 to 1.5. */
  foodPerLactic: 0.554,
  /** Gas made per unit of yeast activity, volumes per volume of mix. Fitted; 10 to 50. */
  gasPerYeast: 13.4,
  /** Gas lost by diffusion at 22 °C, 1/h. Fitted; 0.05 to 0.2. */
  gasLeak: 0.109,
  /** Warming that doubles the diffusion of gas, °C. The usual factor for diffusion through a thick paste; 8 to 20. */
  leakDoubling: 10,
  /** Gas lost once the dough holds more than its gluten can carry, 1/h. Fitted; 1 to 5. */
  gasBurst: 2.93,
  /** Gas that fresh white gluten can carry, volumes per volume of mix. Fitted; 1.2 to 2. */
  gasCeiling: 1.37,
  /** Breakdown of gluten at 24 °C per ml of acid, 1/h. Fitted; 0.002 to 0.01. */
  glutenFade: 0.0023,
  /** Acid made per unit of bacterial activity, ml 0.1 N per 10 g, over 12. Fitted; 0.3 to 1. */
  acidPerLactic: 0.625,
  /** Share of the full activity that cells show before they have adapted to fresh food. Derived from the lag; 0.2 to 0.4. */
  idleActivity: 0.3,
  /** Physiological state of fully adapted cells, without unit; its logarithm sets the lag. Baranyi & Roberts 1994. */
  readyCells: 20,
  /** Loss of adaptation while starved, 1/h. Fitted; 0.01 to 0.05. */
  adaptationLoss: 0.0131,
  /** Death of starved cells at 22 °C, 1/h. Fitted; 0.03 to 0.1. */
  starvation: 0.0391,
  /** Starvation that goes on however cold it is, as a share of that at 22 °C. Fitted; 0.01 to 0.04. */
  coldStarvation: 0.0132,
  /** Bacteria starve this much more slowly than yeast. Derived from the usual ratio of the two in old starters; 0.3 to 1. */
  lacticStarvation: 0.5,
  /** Share of the starving cells that fall asleep instead of dying. Fitted to 1 to 2 % alive after a year; 0.03 to 0.1. */
  dormantShare: 0.06,
  /** Death of sleeping cells, 1/h: about a third in a year. 2e-5 to 1e-4. */
  dormantDeath: 5e-5,
  /** Waking of sleeping cells with food at 22 °C, 1/h: a day or so, one to three feeds. 0.03 to 0.1. */
  waking: 0.03,
  /** pH of a mix without acid less its floor, of its floor, and ml of acid for a fall by 1/e. Given as a start; fits flour titration. */
  phSpan: 2.4,
  phFloor: 3.6,
  phScale: 4.5,
  /** pH at which the bacteria stop, and the width over which they slow down. Published near 3.7; fitted. */
  lacticStopPh: 3.65,
  lacticBrakeWidth: 0.35,
  /** Fermentation without growth between 30 and 40 °C, 1/h: heat stops division before it stops gas. Fitted to a poor, late rise at 36 °C; 0.05 to 0.2. */
  heatFermentation: 0.149,
  /** Growth at 50 % hydration against 100 %. From keepers' reports; 0.6 to 0.85, fitted to three weeks of food in a fridge. */
  stiffRate: 0.65,
  /** Heat flow through a jar in still air, W/(m² K). Gives 0.8 h for 100 g and 1.7 h for 600 g; 5 to 10. */
  jarHeatFlow: 5.5,
  /** Specific heats, J/(g K): glass, water, flour. Handbook values. */
  glassHeat: 0.84,
  waterHeat: 4.18,
  flourHeat: 1.6,
  /** Hunger at which liquid shows, hours without food at 22 °C. From keepers' reports; 24 to 36. */
  hoochHunger: 30,
} as const;
