import { type ProgrammeId } from '@core/journal';
import { type NextFeed, type Headway, type Run } from '@core/rescue';

/** How a programme begins, and what to expect of it day by day. */
export const PROGRAMME_TEXTS: Readonly<
  Record<ProgrammeId, { readonly begins: string; readonly expect: readonly string[] }>
> = {
  neglected: {
    begins:
      'Put about a teaspoon from the clean middle into a clean jar, and throw out the rest. Half of the flour whole wheat or rye helps; a gluten-free starter keeps to its own.',
    expect: [
      'A first rise may take a whole day, or not show at all.',
      'Some bubbles, perhaps a third up. Sharp smells fade.',
      'It should about double, and smell of yoghurt or fruit.',
      'Twice in time, and it is well again.',
    ],
  },
  halfOut: {
    begins: 'Tip half away, stir, and feed what stays to the thickness of a heavy batter.',
    expect: [
      'It should move within hours.',
      'Back to its own height.',
      'Well again, or in need of more.',
    ],
  },
  overheated: {
    begins:
      'Take a little from the middle of the jar into a clean one. Keep it no warmer than {24} now.',
    expect: [
      'Often nothing: what is left alive has to recover.',
      'First bubbles.',
      'It rises, still sour.',
      'Twice in time, and it is well again.',
    ],
  },
  afterFridge: {
    begins:
      'Let it stand an hour or two to lose the chill. After up to ten days in the cold one feed will do; after longer, two or three.',
    expect: ['A slow first rise.', 'Nearly its own pace.', 'As before.'],
  },
  flakesInStages: {
    begins:
      'One part of flakes to two of lukewarm water. After two hours they are soft: stir in one part of white flour.',
    expect: [
      'A paste with lumps. Nothing moves yet.',
      'A few bubbles. Feed without taking anything out.',
      'It begins to rise.',
      'Livelier with every feed; now you take some out.',
    ],
  },
  flakesAtOnce: {
    begins:
      'One part of flakes to two of lukewarm water, and two of flour with it. The same again each day.',
    expect: [
      'A paste with lumps.',
      'A few bubbles.',
      'It begins to rise.',
      'Livelier with every feed.',
    ],
  },
  stiffBall: {
    begins: 'Break the ball open and pinch out its clean, pale middle. The crust goes.',
    expect: [
      'It softens and swells a little.',
      'It rises, slowly.',
      'Sweeter and quicker.',
      'Nearly there.',
    ],
  },
  frozen: {
    begins: 'Thaw it overnight in the fridge, then let it stand half an hour. Never in warm water.',
    expect: ['Slack and wet; few bubbles.', 'It rises.', 'As before it was frozen.'],
  },
  byPost: {
    begins:
      'Feed it on the day it comes, in a clean jar. A tight lid comes off at once: gas has built up.',
    expect: ['It may smell sharp from the journey.', 'Lively.', 'At home.'],
  },
  wholeGrainTaper: {
    begins: 'Whole wheat or rye flour and water to a thick paste, loosely covered, in the warm.',
    expect: [
      'A smell of wet flour.',
      'It may rise in a lively way: that is other microbes. Do not bake with it.',
      'The same, and perhaps a smell of cheese.',
      'Silence. It is not dead; acid is building up.',
      'Still quiet; the smell turns to vinegar.',
      'Bubbles of its own yeast.',
      'It rises again with every feed.',
    ],
  },
  tinyBuild: {
    begins: 'A teaspoon of flour and one of water. Nothing is taken out for three feeds.',
    expect: [
      'A smell of wet flour.',
      'A rise may come that is not yet yeast.',
      'Sharp or unpleasant smells.',
      'Silence. From now on you take some out.',
      'Still quiet.',
      'Bubbles of its own yeast.',
      'It rises with every feed.',
    ],
  },
  halfOutDaily: {
    begins:
      'Flour and water in equal weights. Each day half of it goes, and as much fresh goes in.',
    expect: [
      'A smell of wet flour.',
      'A rise may come that is not yet yeast.',
      'Sharp or unpleasant smells.',
      'Silence, for some days.',
      'Still quiet.',
      'Bubbles of its own yeast.',
      'It rises with every feed.',
    ],
  },
  fruitWater: {
    begins:
      'Steep a spoon of unsulphured dried fruit in water for two or three days until it fizzes; mix that water with flour.',
    expect: [
      'It smells of fruit.',
      'Bubbles, from the fruit’s own yeast.',
      'Quiet again.',
      'Sourness builds up.',
      'It rises, at first slowly.',
    ],
  },
};

/** What the log says of a programme, and what follows. */
export const PROGRESS_WORDS: Readonly<
  Record<Headway, { readonly is: string; readonly so: string }>
> = {
  tooSoon: { is: 'Too soon to tell', so: 'Look at it before the next feed.' },
  early: { is: 'Ahead of its time', so: 'One more like that, and it is well.' },
  onTime: { is: 'As it usually goes', so: 'Go on like this.' },
  late: {
    is: 'Slower than usual',
    so: 'Warmer by two or three degrees helps most; some rye flour too.',
  },
  none: {
    is: 'Nothing has risen yet',
    so: 'Smaller feeds now, so that what is left alive is not thinned out. Warmth and rye flour help.',
  },
  notSeen: {
    is: 'Nobody has looked',
    so: 'Log a look before each feed: without it the programme cannot adjust.',
  },
};

export const FEED_REASON_WORDS: Readonly<Record<NextFeed['because'], string>> = {
  first: 'The first feed of the programme.',
  daily: 'The day’s feed.',
  peaked: 'It has peaked: fed now it is at its strongest.',
  quiet: 'Nothing rose, so leave it longer: time helps more than food.',
  missed: 'A day was missed. Nothing is lost; it goes on from here.',
};

/**
 * What to expect of a programme now: by what was seen, where somebody looked; else what is usual on this day, and said to be
 * no more than that.
 */
export function expectNow({ programme, day, feeds, doublings }: Run): string {
  const { expect } = PROGRAMME_TEXTS[programme.id];
  const last = expect.length - 1;
  const usual = expect[Math.min(day - 1, last)] ?? '';
  const heights = feeds.flatMap(({ highest }) => (highest === null ? [] : [highest]));
  if (doublings > 0) return `Day ${day}: ${expect[last] ?? ''}`;
  if (heights.length === 0) return `Day ${day}, and nobody has looked. Usually by now: ${usual}`;
  // Before anything was seen to rise, the days on which it usually does are still to come.
  const risen = Math.max(...heights.slice(-2)) >= 1.3;
  return `Day ${day}: ${risen ? usual : (expect[Math.min(day - 1, Math.max(0, last - 2))] ?? '')}`;
}
