/** A thing on which bakers disagree: both sides, and what is done here unless somebody says otherwise. */
export interface School {
  readonly title: string;
  readonly one: string;
  readonly other: string;
  readonly here: string;
  /** Where it is changed; null where there is nothing to set. */
  readonly change: '/settings' | '/larder' | null;
}

export const SCHOOLS: readonly School[] = [
  {
    title: 'How much to feed',
    one: 'Equal parts, once or twice a day: simple, and quick to its peak.',
    other:
      'A lean keep and four, five or ten parts: less acid, less waste, and it lasts the night.',
    here: 'One part to four and four for a new jar. Every jar’s card has its own.',
    change: '/settings',
  },
  {
    title: 'Hooch',
    one: 'Pour it off: the starter is milder, and the rest stays thick.',
    other: 'Stir it in: the hydration stays, and it gets sourer.',
    here: 'Poured off when dark or much, stirred in when little. The next feed’s water follows.',
    change: null,
  },
  {
    title: 'The float test',
    one: 'A spoonful that floats holds gas: it is ready.',
    other:
      'Stirring sinks a ripe one, rye and stiff ones mislead: the rise against time tells more.',
    here: 'It can be logged and is never asked for. Forecasts go by heights.',
    change: null,
  },
  {
    title: 'Flour',
    one: 'White: rises highest, mild, easy to read.',
    other:
      'Whole wheat or rye: minerals and life, quicker and sourer; the medicine for a weak one.',
    here: 'What the jar’s card says. Rye is not asked to double.',
    change: null,
  },
  {
    title: 'Water',
    one: 'From the tap: millions of starters live on it.',
    other: 'Filtered or stood: chlorine hinders; chloramine only leaves by a filter.',
    here: 'From the tap, with a word at the bench about chlorine.',
    change: '/settings',
  },
  {
    title: 'Metal',
    one: 'No metal: acid eats at it.',
    other: 'Stainless steel does nothing to a starter; copper, aluminium and iron may.',
    here: 'Nothing is asked. Porous things hold smells; glass does not.',
    change: null,
  },
  {
    title: 'A clean jar',
    one: 'A washed jar at every feed: nothing dries on the rim.',
    other: 'The same jar for weeks: less work, and no harm while the rim is clean.',
    here: 'A word at the bench every three weeks.',
    change: '/settings',
  },
  {
    title: 'Mould',
    one: 'An old practice cuts a clean core out of a mouldy stiff dough.',
    other: 'Threads and poisons reach further than the eye: all of it goes.',
    here: 'All of it goes, whatever else was seen. This one is not a setting.',
    change: null,
  },
  {
    title: 'Counter or fridge',
    one: 'On the counter: strong, always ready, fed daily.',
    other: 'In the fridge: fed weekly, less flour, a feed or two before it bakes.',
    here: 'Where the jar stands. The planner moves it when that saves flour or sleep.',
    change: null,
  },
  {
    title: 'By weight or by volume',
    one: 'A scale: a few grams are a few grams, whoever scoops.',
    other: 'Cups and spoons: always there, and a robust starter forgives.',
    here: 'Grams, with cups and spoons beside them if wanted, and how far they may be off.',
    change: '/settings',
  },
];
