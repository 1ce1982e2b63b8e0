/** Situations as keepers tell them, for the table of verdicts that a baking teacher or a food officer can read and dispute. */
import { type Signs } from './signs';

export interface Situation {
  readonly told: string;
  readonly signs: Signs;
}

const GROWN: Signs = {
  happened: ['nothing'],
  surface: ['nothing'],
  smell: 'fresh',
  age: 'grown',
  heat: 'none',
  stood: 'room',
  texture: 'usual',
};
const YOUNG: Signs = { ...GROWN, age: 'young' };

const s = (told: string, over: Signs, base: Signs = GROWN): Situation => ({
  told,
  signs: { ...base, ...over },
});

export const SITUATIONS: Readonly<Record<string, readonly Situation[]>> = {
  'What is seen on it': [
    s('Green fuzz on top, fed yesterday, doubled', { surface: ['fuzz'], rise: 'doubled' }),
    s('One blue spot on the glass above the mix', { surface: ['spots'], unfed: 'days' }),
    s('Pink streaks in a rye starter', { surface: ['streaks'], darkFlour: 'yes' }),
    s('Orange liquid on top', { surface: ['liquid'], liquid: 'coloured' }),
    s('Fuzz and dark liquid after two months in the fridge', {
      surface: ['fuzz', 'liquid'],
      liquid: 'dark',
      unfed: 'months',
    }),
    s('A flat, wrinkled white film', { surface: ['film'], unfed: 'weeks', stood: 'cold' }),
    s('Rye gone mauve all through, smells of vinegar', {
      surface: ['tinge'],
      darkFlour: 'yes',
      smell: 'sharp',
      unfed: 'days',
    }),
    s('White starter gone brownish all through', { surface: ['tinge'], darkFlour: 'no' }),
    s('A brown tinge, nobody knows what is in it', { surface: ['tinge'], darkFlour: 'unknown' }),
    s('Bad light, still not sure with a torch', { surface: 'unknown', secondLook: 'unsure' }),
    s('Could not tell at first, clean in daylight, doubled', {
      surface: 'unknown',
      secondLook: 'clean',
      rise: 'doubled',
      unfed: 'hours',
    }),
    s('A weevil in it', { surface: ['foreign'] }),
    s('A dry skin eight hours after the feed', {
      surface: ['skin'],
      unfed: 'hours',
      rise: 'doubled',
    }),
    s('A grey skin after a week in the fridge', {
      surface: ['skin'],
      unfed: 'days',
      stood: 'cold',
      smell: 'sharp',
    }),
    s('Nothing odd, doubled, smells of yoghurt', { rise: 'doubled', unfed: 'hours' }),
  ],
  Liquid: [
    s('A film of clear liquid on top, three days unfed', {
      surface: ['liquid'],
      liquid: 'clear',
      where: 'top',
      unfed: 'days',
    }),
    s('Grey liquid on top, smells of nail varnish', {
      surface: ['liquid'],
      liquid: 'grey',
      where: 'top',
      smell: 'solvent',
      unfed: 'days',
    }),
    s('Black liquid after five weeks in the fridge', {
      surface: ['liquid'],
      liquid: 'dark',
      where: 'top',
      unfed: 'weeks',
      stood: 'cold',
    }),
    s('Liquid in the middle of a mix thin as milk', {
      surface: ['liquid'],
      liquid: 'clear',
      where: 'middle',
      texture: 'runny',
      unfed: 'hours',
    }),
    s('Liquid underneath a thick mix after two days', {
      surface: ['liquid'],
      liquid: 'grey',
      where: 'below',
      unfed: 'days',
    }),
    s('Dark liquid on top though fed this morning', {
      surface: ['liquid'],
      liquid: 'dark',
      where: 'top',
      unfed: 'hours',
    }),
    s('Liquid, its colour hard to tell', { surface: ['liquid'], liquid: 'unknown', unfed: 'days' }),
  ],
  Smell: [
    s('Old starter smells of cheese, not fed since', { smell: 'rot', cured: 'notFed' }),
    s('Old starter still rotten after a feed', { smell: 'rot', cured: 'stays' }),
    s('The rot went with a feed, and it doubled', {
      smell: 'rot',
      cured: 'gone',
      rise: 'doubled',
      unfed: 'hours',
    }),
    s('Rotten after a feed, nobody knows how old', {
      smell: 'rot',
      cured: 'stays',
      age: 'unknown',
    }),
    s('Day 5 of a new starter, smells of cheese', { smell: 'rot', rise: 'none' }, YOUNG),
    s('Vinegar a day after the feed, doubled before', {
      smell: 'sharp',
      rise: 'doubled',
      unfed: 'hours',
    }),
    s('Nail varnish in the morning after a warm night', {
      smell: 'solvent',
      stood: 'warm',
      unfed: 'hours',
      rise: 'doubled',
    }),
    s('Vinegar after four days on the counter', { smell: 'sharp', unfed: 'days' }),
  ],
  'Age and rise': [
    s('Day 3 of a new starter, tripled overnight', { rise: 'doubled', unfed: 'hours' }, YOUNG),
    s('Day 6 of a new starter, nothing moves', { rise: 'none', unfed: 'hours' }, YOUNG),
    s('Day 12, rises a little, smells of fruit', { rise: 'some', unfed: 'hours' }, YOUNG),
    s(
      'Day 10, grey liquid after two days unfed',
      {
        surface: ['liquid'],
        liquid: 'grey',
        where: 'top',
        unfed: 'days',
        rise: 'some',
      },
      YOUNG,
    ),
    s('Doubled, and nobody knows how old it is', {
      rise: 'doubled',
      unfed: 'hours',
      age: 'unknown',
    }),
    s('Fed six hours ago, a little up', { rise: 'some', unfed: 'hours' }),
    s('Fed a day ago in a cool larder, not up at all', {
      rise: 'none',
      unfed: 'hours',
      stood: 'cool',
    }),
    s('In the fridge since the feed, hardly up', { rise: 'some', unfed: 'days', stood: 'cold' }),
    s('Thin as milk, never rises', { rise: 'none', unfed: 'hours', texture: 'runny' }),
    s('A ball too stiff to move', { rise: 'none', unfed: 'hours', texture: 'thick' }),
    s('Never doubles though fed for weeks', {
      happened: ['neverDoubles'],
      rise: 'some',
      unfed: 'hours',
    }),
    s('Never doubles, and stands at the window in winter', {
      happened: ['neverDoubles'],
      rise: 'some',
      unfed: 'hours',
      stood: 'cool',
    }),
    s('Said never to double, and it has doubled', {
      happened: ['neverDoubles'],
      rise: 'doubled',
      unfed: 'hours',
    }),
  ],
  Neglect: [
    s('Ten days in the fridge', { unfed: 'weeks', stood: 'cold', rise: 'doubled' }),
    s('Three weeks in the fridge, did not rise since', {
      unfed: 'weeks',
      stood: 'cold',
      rise: 'none',
    }),
    s('Two weeks on the counter', { unfed: 'weeks', smell: 'solvent' }),
    s('Three months in the fridge, grey liquid', {
      surface: ['liquid'],
      liquid: 'grey',
      where: 'top',
      unfed: 'months',
      stood: 'cold',
    }),
    s('It had doubled, then stood for two months', { unfed: 'months', rise: 'doubled' }),
    s('Two months unfed and it smells of fruit', { unfed: 'months', rise: 'none' }),
    s('A jar from the back of the fridge, nobody knows since when', {
      unfed: 'unknown',
      stood: 'cold',
      smell: 'sharp',
      rise: 'unknown',
    }),
  ],
  'Heat and cold': [
    s('Baked with the oven', { happened: ['hot'], heat: 'baked', rise: 'doubled' }),
    s('An hour in an oven over 60 °C', {
      happened: ['hot'],
      heat: 'killed',
      heatFor: 'hour',
      rise: 'doubled',
    }),
    s('Ten minutes in an oven that heated up', {
      happened: ['hot'],
      heat: 'killed',
      heatFor: 'minutes',
      rise: 'doubled',
    }),
    s('On the heater, like a hot bath', { happened: ['hot'], heat: 'harmed', rise: 'some' }),
    s('In the sun, warm to the hand for some hours', {
      happened: ['hot'],
      heat: 'stalled',
      heatFor: 'hours',
      rise: 'doubled',
    }),
    s('In the sun for some minutes, doubled since', {
      happened: ['hot'],
      heat: 'stalled',
      heatFor: 'minutes',
      rise: 'doubled',
      unfed: 'hours',
    }),
    s('The oven was on, nobody knows how hot it got', {
      happened: ['hot'],
      heat: 'unknown',
      rise: 'doubled',
    }),
    s('Liquid on top after the oven', {
      happened: ['hot'],
      heat: 'unknown',
      surface: ['liquid'],
      liquid: 'clear',
      where: 'top',
    }),
    s('Fed with water too hot to hold', {
      happened: ['hotWater'],
      heat: 'killed',
      rise: 'none',
      unfed: 'hours',
    }),
    s('Fed with warm water, hand-hot', {
      happened: ['hotWater'],
      heat: 'none',
      rise: 'doubled',
      unfed: 'hours',
    }),
    s('Froze at the back of the fridge, jar whole', { happened: ['froze'], glass: 'whole' }),
    s('Froze, and the jar has a crack', { happened: ['froze'], glass: 'cracked' }),
    s('Froze, and nobody can say whether a splinter is missing', {
      happened: ['froze'],
      glass: 'unknown',
    }),
  ],
  'What went in': [
    s('A spoon of salt by mistake', { happened: ['salt'], rise: 'some', unfed: 'hours' }),
    s('Sugar or oil by mistake', { happened: ['sugarOrOil'], rise: 'some', unfed: 'hours' }),
    s('Milk instead of water', { happened: ['eggOrMilk'], rise: 'doubled', unfed: 'hours' }),
    s('Self-raising flour, foams at once', {
      happened: ['wrongFlour'],
      rise: 'doubled',
      unfed: 'hours',
    }),
    s('Tap water that smells of the pool', {
      happened: ['chlorine'],
      rise: 'some',
      unfed: 'hours',
    }),
    s('Washing-up liquid in the jar', { happened: ['cleaner'], rise: 'doubled' }),
    s('A chip of the rim is missing', { happened: ['hardBits'] }),
    s('The end of a plastic spoon is missing', { happened: ['hardBits'], rise: 'doubled' }),
    s('Moths in the flour', { happened: ['insects'], rise: 'doubled' }),
    s('Salt, and unfed for three weeks', { happened: ['salt'], unfed: 'weeks', stood: 'cold' }),
  ],
  Lids: [
    s('The lid was tight and bulges, doubled', {
      happened: ['tightLid'],
      rise: 'doubled',
      unfed: 'hours',
    }),
    s('The lid was tight, five days in the fridge', {
      happened: ['tightLid'],
      rise: 'some',
      unfed: 'days',
      stood: 'cold',
    }),
    s('A tight lid, and fuzz under it', { happened: ['tightLid'], surface: ['fuzz'] }),
  ],
  'When nobody can tell': [
    s(
      'Clean and fresh, everything else unknown',
      {
        happened: ['nothing'],
        surface: ['nothing'],
        smell: 'fresh',
        rise: 'unknown',
        unfed: 'unknown',
        age: 'unknown',
      },
      {},
    ),
    s(
      'Nothing odd, and nothing else can be told',
      {
        happened: ['nothing'],
        surface: ['nothing'],
        smell: 'unknown',
        rise: 'unknown',
        unfed: 'unknown',
        age: 'unknown',
      },
      {},
    ),
    s(
      'Nothing at all can be told',
      {
        happened: 'unknown',
        surface: 'unknown',
        secondLook: 'unknown',
      },
      {},
    ),
  ],
};
