/** What a page is for and how to begin, in a few sentences as a friend would say them. By its route, without what only groups it. */
export const PAGE_HELP: Readonly<Record<string, readonly string[]>> = {
  '': [
    'What to do next stands first: for which jar, by when, and with how much of what.',
    'Below it are your shelves, with every jar as it should look at this hour. Tap one to open it.',
    'The umbrella beside a jar says how far it has come since its feed. Help says what each one means.',
  ],
  add: [
    'Tell what you know of your starter: its name, when it was fed last, and where it stands.',
    'What you do not know you leave as it is. All of it can be changed later on the card.',
  ],
  'jar/[jar]': [
    'How this starter stands, when it is ripe, and all that you can do with it.',
    'Now and then look at the jar and log how high it stands: drag the surface in the drawing, or type it. With every look the hours foretold get closer.',
    'Further down is its log. What was logged wrongly can be put right or struck out there.',
  ],
  'jar/[jar]/feed': [
    'One number after the other, as you weigh. Where the scale says something else, type that: what is still to come is changed to fit.',
    'Nothing is logged before the last step. You can go back as often as you like.',
    'No scale, or a feed that is no ratio? Both are asked at the first step.',
  ],
  'jar/[jar]/edit': [
    'The card holds what stays the same from feed to feed: the jar and its empty weight, the usual feed and flour, and how often it is fed.',
    'Plans, the next step and the label all go by it.',
  ],
  'jar/[jar]/levain': [
    'A levain mixed in a bowl of its own, for one bake. The jar only gives a little of itself.',
    'The bowl then stands on your shelf until you say that it is in the dough.',
  ],
  'jar/[jar]/paper': [
    'A label for the jar, and a card for whoever looks after it or gets a part of it. Both come from what is logged, so print them when something has changed.',
  ],
  'jar/[jar]/picture': [
    'Choose a photograph of the jar. Three marks are proposed: the floor of the jar, the band and the surface. Drag each to where it belongs, and the rise is worked out.',
    'The photograph is read on this device and goes nowhere.',
  ],
  'jar/[jar]/programme': [
    'One feed after the other until the starter is well. Say what you see before each of them: what comes next depends on it.',
    'If you come late or miss a day, just go on. The programme goes by what was really done.',
  ],
  plan: [
    'Say what you want to bake and when the levain should be ripe, and when you are at home. You get plans that lead there.',
    'Follow one and its steps come up at their hour. When a jar is quicker than thought or a feed is late, the plan is mended, and you are told what changed.',
  ],
  away: [
    'Say when you leave and when you are back. For each jar you see the way of leaving it that is the least trouble, and what it needs afterwards.',
  ],
  dough: [
    'Work out a dough from its percentages, or turn a recipe with yeast into one with your starter.',
    'The levain that it needs can go straight into your plan.',
  ],
  larder: [
    'What you have beside your jars: discard by its age, backups, and flour.',
    'Discard you put here at the bench is counted. Take off what you use or throw out.',
  ],
  make: [
    'What the discard you have can become, for as many as eat and in the time there is.',
    'When you have made something, say so, and what it took comes off.',
  ],
  journal: [
    'All that was logged, day by day, the newest first. Choose a jar or a sort, or type a word, to see less of it.',
    'Open an entry to put it right. What stood there before is kept with it.',
  ],
  charts: [
    'What the log says about a jar: how quick it is in which warmth, whether it changes over the months, and how good the forecasts were.',
    'Each chart can be read as a table and saved.',
  ],
  compare: [
    'Two jars, height against time from their feed. Fed alike and together they can be compared fairly: another flour, another place, another age.',
  ],
  notes: [
    'Notes that you have kept in a table become entries here. You see how each column is understood before anything is taken in, and can take it all back.',
  ],
  'what-if': [
    'Two ways of keeping a starter, followed side by side over days: how high they rise, how much food is left, how sour they get.',
    'Begin with one of your jars or with a starter as in the book. Nothing here changes a real jar.',
  ],
  year: [
    'Twelve months of each jar on a page: how quick it was, its best hours, flour used and discard saved. Made to be printed.',
  ],
  help: [
    'For when something is wrong, for waking or beginning a starter, and for practising. What the marks mean and where to be careful stands further down.',
  ],
  trouble: [
    'Say what you see and smell. You need not know what it is. The first answers that settle it end the questions.',
    'Every verdict says why it was given and what would change it.',
  ],
  start: [
    'Wake a backup, begin with something you were given, or make a starter from flour and water. Each way is a programme that tells you what to do day by day.',
    'One that is on its way already can be joined where it stands.',
  ],
  schools: [
    'Bakers disagree, and often both are right. Here you see both sides, and which of them is followed in your kitchen.',
  ],
  settings: [
    'Units, the look, hours, places and their warmth, and your data: take it out, bring it in, or move to another device.',
  ],
  devices: [
    'A scale, a thermometer, a lid that measures: what they send is used at the bench, for places and for jars. Without any of them everything can be typed.',
    'Two devices that look after one kitchen are paired here as well.',
  ],
  practise: [
    'A jar is drawn and described. Say what you would do, and see what was right and why. Three of them take two minutes.',
  ],
  licences: ['The libraries, fonts and drawings that Ombrello is made with, and their terms.'],
};

/** The help with a route, by its parts as the router names them; null for a page that has none. */
export function helpWith(segments: readonly string[]): readonly string[] | null {
  const route = segments.filter((part) => !part.startsWith('(')).join('/');
  return Object.hasOwn(PAGE_HELP, route) ? PAGE_HELP[route]! : null;
}
