/** A word of the craft: what it means, and where it stands. */
export interface GlossaryEntry {
  readonly term: string;
  readonly means: string;
  readonly shows: string;
}

/** The words of the craft as they are used here: one word for one thing, on every page. */
export const GLOSSARY = {
  starter: {
    term: 'Starter',
    means: 'Flour and water in which wild yeast and bacteria live, kept alive by feeding.',
    shows: 'everywhere',
  },
  keep: {
    term: 'Keep',
    means: 'The part of the old starter that stays in the jar and is fed. The rest is taken out.',
    shows: 'card, bench, plan',
  },
  ratio: {
    term: 'Ratio',
    means: 'Keep to flour to water by weight: 1 : 4 : 4 is one part of keep to four of each.',
    shows: 'card, bench, journal',
  },
  hydration: {
    term: 'Hydration',
    means: 'Water as a share of the flour, by weight. 100 % is a thick batter, 50 % a stiff dough.',
    shows: 'card, dough',
  },
  discard: {
    term: 'Discard',
    means:
      'What is taken out before a feed and does not go into bread: good for pancakes and crackers.',
    shows: 'bench, larder',
  },
  levain: {
    term: 'Levain',
    means: 'Starter built for one bake, with the amount and the hour that the dough needs.',
    shows: 'plan, dough, bowl',
  },
  build: {
    term: 'Build',
    means: 'The feed that makes a levain.',
    shows: 'plan, bowl',
  },
  topUp: {
    term: 'Top up',
    means: 'To feed all that is in the jar, with nothing taken out.',
    shows: 'plan',
  },
  mother: {
    term: 'Mother',
    means: 'The starter that stays in its jar while a levain is built beside it.',
    shows: 'bowl, dough',
  },
  ripe: {
    term: 'Ripe',
    means:
      'At its strongest: domed, full of gas, from just before the peak until it begins to sink.',
    shows: 'shelf, forecast, plan',
  },
  peak: {
    term: 'Peak',
    means: 'The highest point of a rise.',
    shows: 'forecast, journal',
  },
  band: {
    term: 'Band',
    means:
      'The rubber band round the jar at the level right after a feed. Heights are measured from it.',
    shows: 'bench, looks',
  },
  likelyRange: {
    term: 'Likely range',
    means: 'The pale area round a forecast. Eight times in ten the real height lies inside it.',
    shows: 'forecast',
  },
  hooch: {
    term: 'Hooch',
    means: 'Liquid on top of a starter that has long been hungry. It is not dead: feed it.',
    shows: 'shelf, something is wrong',
  },
  hungry: {
    term: 'Hungry',
    means: 'Its food has been gone for some hours: flat, thin and sharp-smelling.',
    shows: 'shelf, jar',
  },
  rhythm: {
    term: 'Rhythm',
    means: 'How often a jar is fed, as its card says: every day, every Sunday, only before a bake.',
    shows: 'card, label',
  },
  programme: {
    term: 'Programme',
    means: 'A course of feeds that brings a starter back, wakes a backup or begins a new one.',
    shows: 'something is wrong, wake or start',
  },
  backup: {
    term: 'Backup',
    means:
      'A part of a starter that is dried, frozen, kept as a stiff ball or as a second jar in the fridge.',
    shows: 'larder',
  },
  floatTest: {
    term: 'Float test',
    means: 'A spoonful in water: if it floats it holds gas. A hint, not proof.',
    shows: 'log a look',
  },
  pace: {
    term: 'Pace',
    means: 'How quick a starter is for its temperature, learnt from what you log.',
    shows: 'jar',
  },
  bulk: {
    term: 'Bulk',
    means: 'The first rise of the whole dough, before it is shaped.',
    shows: 'dough',
  },
} as const satisfies Readonly<Record<string, GlossaryEntry>>;

export type GlossaryTerm = keyof typeof GLOSSARY;
