import { type Href } from 'expo-router';

import { GLOSSARY } from '../words/glossary';

/** Something that can be found: where it leads, or what it means. */
export interface Findable {
  readonly title: string;
  readonly hint: string;
  readonly href?: Href;
  /** Other words somebody may look for. */
  readonly also?: string;
}

/** Pages, acts and settings, by the words a baker would type. */
const PAGES: readonly Findable[] = [
  { title: 'Now', hint: 'what is next, and the shelves', href: '/', also: 'home today due feed' },
  { title: 'Add a starter', hint: 'put a jar on the shelf', href: '/add', also: 'new jar culture' },
  {
    title: 'Plan',
    hint: 'the week, feeds and bakes',
    href: '/plan',
    also: 'schedule calendar week steps',
  },
  {
    title: 'Add a bake',
    hint: 'in the plan',
    href: '/plan',
    also: 'bread loaves levain wish weekly',
  },
  {
    title: 'When you are home',
    hint: 'in the plan',
    href: '/plan',
    also: 'hands shifts work sleep hours',
  },
  {
    title: 'Going away',
    hint: 'what to do before and after',
    href: '/away',
    also: 'trip holiday travel vacation',
  },
  {
    title: 'Practise reading a jar',
    hint: 'look, decide, and hear why',
    href: '/practise',
    also: 'learn quiz train game judge exercise',
  },
  {
    title: 'Devices',
    hint: 'a scale, a thermometer or a lid that speaks for itself',
    href: '/devices',
    also: 'hub scale bluetooth sensor connect',
  },
  {
    title: 'What-if room',
    hint: 'two ways of keeping a starter, over days',
    href: '/what-if',
    also: 'compare try simulate experiment ratio temperature',
  },
  {
    title: 'Work out a dough',
    hint: 'flour, water, salt and levain',
    href: '/dough',
    also: 'recipe percentages hydration bulk yeast',
  },
  {
    title: 'Larder',
    hint: 'discard, backups and flour',
    href: '/larder',
    also: 'tub shopping buy used saved',
  },
  {
    title: 'What can I make?',
    hint: 'from the discard',
    href: '/make',
    also: 'pancakes crackers waffles recipes',
  },
  {
    title: 'Make a backup',
    hint: 'in the larder',
    href: '/larder',
    also: 'dry flakes freeze frozen stiff ball',
  },
  {
    title: 'Flour and tubs',
    hint: 'in the larder',
    href: '/larder',
    also: 'blend protein price stock',
  },
  {
    title: 'Journal',
    hint: 'everything that was logged',
    href: '/journal',
    also: 'log history chart peaks csv table spreadsheet correct strike out',
  },
  {
    title: 'Bring your notes in',
    hint: 'from a table, CSV',
    href: '/notes',
    also: 'import spreadsheet log history',
  },
  {
    title: 'Thermometer',
    hint: 'a log, or low and high, in the settings',
    href: '/settings',
    also: 'temperature sensor logger min max',
  },
  {
    title: 'Charts',
    hint: 'months of a jar, or of two',
    href: '/charts',
    also: 'graph statistics doubling pace flour weeks history',
  },
  {
    title: 'The year on paper',
    hint: 'a page for each jar, to print',
    href: '/year',
    also: 'review annual print report',
  },
  { title: 'Compare', hint: 'two jars side by side', href: '/compare', also: 'both difference' },
  {
    title: 'Something is wrong',
    hint: 'see what it is and what to do',
    href: '/trouble',
    also: 'mould mold hooch liquid smell rescue dead pink orange no rise',
  },
  {
    title: 'Wake or start',
    hint: 'a backup, a gift, or from flour and water',
    href: '/start',
    also: 'flakes revive new starter begin programme dried',
  },
  {
    title: 'Help',
    hint: 'stages, cautions and how the forecast is made',
    href: '/help',
    also: 'safety gluten forecast model',
  },
  {
    title: 'Two schools of advice',
    hint: 'both sides of what bakers argue about',
    href: '/schools',
    also: 'reasons float test chlorine metal',
  },
  {
    title: 'Grams and ounces',
    hint: 'in the settings',
    href: '/settings',
    also: 'oz lb pounds units weights',
  },
  {
    title: 'Cups and spoons',
    hint: 'in the settings',
    href: '/settings',
    also: 'tbsp tsp volume without a scale',
  },
  {
    title: '°C and °F',
    hint: 'in the settings',
    href: '/settings',
    also: 'celsius fahrenheit temperature',
  },
  {
    title: 'Clock and dates',
    hint: 'in the settings',
    href: '/settings',
    also: '12 24 hour am pm zone time',
  },
  {
    title: 'Light and dark',
    hint: 'in the settings',
    href: '/settings',
    also: 'theme colour night',
  },
  {
    title: 'Places',
    hint: 'counter, fridge and their temperatures',
    href: '/settings',
    also: 'fridge counter warm larder thermometer',
  },
  {
    title: 'Reminders',
    hint: 'in the settings',
    href: '/settings',
    also: 'notifications alarm ring',
  },
  {
    title: 'Export and import',
    hint: 'in the settings',
    href: '/settings',
    also: 'copy file json device restore download save',
  },
  { title: 'The demo', hint: 'in the settings', href: '/settings', also: 'example household' },
  {
    title: 'Licences',
    hint: 'of fonts, icons and libraries',
    href: '/licences',
    also: 'open source',
  },
];

const TERMS: readonly Findable[] = Object.values(GLOSSARY).map(({ term, means }) => ({
  title: term,
  hint: means,
}));

/** What can be done with a jar, by the words for it. */
export const findableJar = (id: string, name: string): readonly Findable[] => [
  {
    title: name,
    hint: 'how it stands, and what is next',
    href: `/jar/${id}`,
    also: 'look move take note weigh',
  },
  { title: `Feed ${name}`, hint: 'at the bench', href: `/jar/${id}/feed` },
  {
    title: `Card of ${name}`,
    hint: 'usual feed, flour, rhythm, glass',
    href: `/jar/${id}/edit`,
    also: 'edit change rename',
  },
  { title: `Build a levain of ${name}`, hint: 'in a bowl', href: `/jar/${id}/levain` },
  {
    title: `Print for ${name}`,
    hint: 'a label or a card',
    href: `/jar/${id}/paper`,
    also: 'label care',
  },
];

/** Words that begin with each word typed: those in the title first. */
export function found(typed: string, jars: readonly Findable[]): readonly Findable[] {
  const wanted = typed.toLowerCase().split(/\s+/).filter(Boolean);
  // Nothing is asked for yet: the jars themselves, and the pages.
  if (wanted.length === 0)
    return [
      ...jars.filter(({ href }) => typeof href === 'string' && /^\/jar\/[^/]+$/.test(href)),
      ...PAGES,
    ];
  const begins = (text: string) => {
    const words = text.toLowerCase().split(/[^\p{L}\p{N}°]+/u);
    return (word: string) => words.some((one) => one.startsWith(word));
  };
  const inTitle = ({ title }: Findable) => wanted.every(begins(title));
  return [...jars, ...PAGES, ...TERMS]
    .filter(({ title, hint, also = '' }) => wanted.every(begins(`${title} ${hint} ${also}`)))
    .sort((a, b) => Number(inTitle(b)) - Number(inTitle(a)));
}
