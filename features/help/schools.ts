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
      'A small keep and four, five or ten parts: less acid, less waste, and it lasts the night.',
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
      'A ripe one sinks once it is stirred, and rye or stiff ones mislead: how far it rises in what time tells more.',
    here: 'You can log it, but you are never asked for it. Forecasts go by heights.',
    change: null,
  },
  {
    title: 'Flour',
    one: 'White: rises highest, mild, easy to read.',
    other:
      'Whole wheat or rye: more minerals and microbes, quicker and sourer; good for a weak one.',
    here: 'Whatever the jar’s card says. Rye is not expected to double.',
    change: null,
  },
  {
    title: 'Water',
    one: 'From the tap: millions of starters live on it.',
    other: 'Filtered, or left to stand: chlorine slows it down; chloramine only a filter removes.',
    here: 'From the tap, with a note at the bench about chlorine.',
    change: '/settings',
  },
  {
    title: 'Metal',
    one: 'No metal: acid attacks it.',
    other: 'Stainless steel does nothing to a starter; copper, aluminium and iron may.',
    here: 'Nothing is asked. Porous things hold smells; glass does not.',
    change: null,
  },
  {
    title: 'A clean jar',
    one: 'A washed jar at every feed: nothing dries on the rim.',
    other: 'The same jar for weeks: less work, and no harm while the rim is clean.',
    here: 'A note at the bench every three weeks.',
    change: '/settings',
  },
  {
    title: 'Mould',
    one: 'An old practice is to cut a clean core out of a mouldy stiff dough.',
    other: 'Threads and poisons reach further than the eye: all of it goes.',
    here: 'All of it goes, whatever else was seen. This one is not a setting.',
    change: null,
  },
  {
    title: 'Counter or fridge',
    one: 'On the counter: strong, always ready, fed daily.',
    other: 'In the fridge: fed weekly, less flour, and a feed or two before a bake.',
    here: 'Where the jar stands. The planner moves it when that saves flour or sleep.',
    change: null,
  },
  {
    title: 'By weight or by volume',
    one: 'A scale: ten grams are ten grams, whoever scoops.',
    other: 'Cups and spoons: always there, and a robust starter forgives.',
    here: 'Grams, with cups and spoons beside them if wanted, and how far they may be off.',
    change: '/settings',
  },
];
