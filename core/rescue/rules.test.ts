import { RULES } from './rules';
import { type Signs } from './signs';

/** All that the rules say to some answers: verdict, how sure, and by which answers. */
const said = (signs: Signs) =>
  RULES.flatMap(({ kind, certainty, holds }) => {
    const because = holds(signs);
    return because ? [`${kind}, ${certainty}: ${because.join(' ')}`] : [];
  });

describe('what has to go', () => {
  it.each<[Signs, ...string[]]>([
    [{ surface: ['fuzz'] }, 'contaminated, sure: surface'],
    [{ surface: ['spots'] }, 'contaminated, sure: surface'],
    [{ surface: ['streaks'] }, 'contaminated, sure: surface'],
    [{ surface: ['foreign'] }, 'contaminated, sure: surface'],
    [{ surface: ['film'] }, 'contaminated, guess: surface'],
    [{ surface: ['nothing'] }],
    [{ liquid: 'coloured' }, 'contaminated, sure: liquid'],
    [{ liquid: 'dark' }],
    [{ happened: ['cleaner'] }, 'contaminated, sure: happened'],
    [{ happened: ['hardBits'] }, 'contaminated, sure: happened'],
    [{ happened: ['insects'] }, 'contaminated, sure: happened'],
    [{ happened: ['eggOrMilk'] }, 'contaminated, sure: happened'],
    [
      { happened: ['froze'], glass: 'cracked' },
      'contaminated, sure: happened glass',
      'frozen, likely: happened',
    ],
    [
      { happened: ['froze'], glass: 'unknown' },
      'contaminated, guess: happened glass',
      'frozen, likely: happened',
    ],
    [{ happened: ['froze'], glass: 'whole' }, 'frozen, likely: happened'],
    [{ glass: 'cracked' }],
    [{ glass: 'unknown' }],
    [{ surface: ['tinge'] }],
    [{ surface: ['tinge'], darkFlour: 'yes' }],
    [{ surface: ['tinge'], darkFlour: 'no' }, 'contaminated, guess: surface darkFlour'],
    [{ surface: ['tinge'], darkFlour: 'unknown' }, 'contaminated, guess: surface darkFlour'],
    [{ surface: 'unknown' }],
    [{ surface: 'unknown', secondLook: 'unsure' }, 'contaminated, guess: surface secondLook'],
    [{ surface: 'unknown', secondLook: 'unknown' }, 'contaminated, guess: surface secondLook'],
    [{ surface: ['nothing'], secondLook: 'unsure' }],
    [{ smell: 'rot' }, 'smellsRotten, likely: smell'],
    [{ smell: 'rot', cured: 'gone' }],
    [{ smell: 'rot', cured: 'stays' }, 'smellsRotten, likely: smell'],
    [
      { smell: 'rot', cured: 'stays', age: 'grown' },
      'contaminated, likely: smell cured age',
      'smellsRotten, likely: smell',
    ],
    [
      { smell: 'rot', cured: 'stays', age: 'unknown' },
      'contaminated, guess: smell cured',
      'smellsRotten, likely: smell',
    ],
    [{ smell: 'rot', cured: 'stays', age: 'young' }, 'tooYoung, likely: age'],
    [{ smell: 'sharp', cured: 'stays', age: 'grown' }, 'hungry, guess: smell'],
    [{ smell: 'fresh', cured: 'stays', age: 'unknown' }],
    [{ smell: 'rot', cured: 'gone', age: 'unknown' }],
  ])('%j', (signs, ...expected) => expect(said(signs)).toEqual(expected));
});

describe('what heat and age do', () => {
  it.each<[Signs, ...string[]]>([
    [{ happened: ['hot'], heat: 'baked' }, 'killed, sure: happened heat', 'tooHot, likely: heat'],
    [{ heat: 'baked' }, 'tooHot, likely: heat'],
    [{ heat: 'killed' }, 'killed, likely: heat', 'tooHot, likely: heat'],
    [
      { heat: 'killed', heatFor: 'hour' },
      'killed, sure: heat heatFor',
      'killed, likely: heat',
      'tooHot, likely: heat',
    ],
    [
      { heat: 'killed', heatFor: 'hours' },
      'killed, sure: heat heatFor',
      'killed, likely: heat',
      'tooHot, likely: heat',
    ],
    [{ heat: 'killed', heatFor: 'hours', happened: ['hotWater'] }, 'tooHot, likely: heat'],
    [{ heat: 'killed', happened: ['hot'] }, 'tooHot, likely: heat'],
    [{ heat: 'harmed' }, 'tooHot, likely: heat'],
    [{ heat: 'harmed', heatFor: 'hours' }, 'tooHot, likely: heat'],
    [{ heat: 'stalled' }],
    [{ heat: 'stalled', rise: 'some' }, 'tooHot, likely: heat'],
    [{ heat: 'stalled', heatFor: 'hours' }, 'tooHot, likely: heat'],
    [{ heat: 'none', rise: 'none' }],
    [{ heat: 'unknown' }],
    [{ heat: 'unknown', happened: ['hotWater'] }, 'tooHot, guess: happened heat'],
    [{ age: 'young' }, 'tooYoung, likely: age'],
    [
      { age: 'young', rise: 'doubled' },
      'falseRise, likely: age rise',
      'tooYoung, likely: age',
      'fine, likely: rise',
    ],
    [{ age: 'grown', rise: 'doubled' }, 'fine, likely: rise'],
  ])('%j', (signs, ...expected) => expect(said(signs)).toEqual(expected));
});

describe('what hunger, neglect and slowness are told by', () => {
  it.each<[Signs, ...string[]]>([
    [{ unfed: 'months' }, 'neglected, sure: unfed', 'neglected, likely: unfed'],
    [{ unfed: 'months', rise: 'doubled' }, 'neglected, likely: unfed', 'fine, likely: rise'],
    [{ unfed: 'weeks' }, 'hungry, likely: unfed'],
    [{ unfed: 'weeks', stood: 'cold' }, 'hungry, likely: unfed'],
    [{ unfed: 'weeks', stood: 'room' }, 'neglected, likely: unfed stood', 'hungry, likely: unfed'],
    [{ unfed: 'days', stood: 'room' }],
    [
      { unfed: 'weeks', liquid: 'dark' },
      'neglected, likely: unfed liquid',
      'hungry, likely: unfed',
    ],
    [{ unfed: 'days', liquid: 'dark' }],
    [
      { unfed: 'weeks', smell: 'solvent' },
      'neglected, likely: unfed smell',
      'hungry, likely: smell',
      'hungry, likely: unfed',
    ],
    [{ unfed: 'weeks', rise: 'none' }, 'neglected, likely: unfed rise', 'hungry, likely: unfed'],
    [{ unfed: 'weeks', rise: 'some' }, 'hungry, likely: unfed'],
    [{ smell: 'solvent' }, 'hungry, likely: smell'],
    [{ smell: 'sharp' }, 'hungry, guess: smell'],
    [{ smell: 'sharp', unfed: 'hours' }],
    [{ smell: 'sharp', unfed: 'days' }, 'hungry, guess: smell'],
    [{ happened: ['salt'] }, 'wrongThingIn, likely: happened'],
    [{ happened: ['sugarOrOil'] }, 'wrongThingIn, likely: happened'],
    [{ happened: ['wrongFlour'] }, 'wrongThingIn, likely: happened'],
    [{ happened: ['chlorine'] }, 'wrongThingIn, likely: happened'],
    [{ surface: ['skin'] }, 'hungry, guess: surface'],
    [{ surface: ['skin'], unfed: 'hours' }, 'dryCover, likely: surface unfed'],
    [{ surface: ['skin'], unfed: 'days' }, 'hungry, guess: surface'],
    [{ rise: 'none', stood: 'cold' }, 'tooCold, likely: rise stood'],
    [{ rise: 'some', stood: 'cool' }, 'tooCold, likely: rise stood'],
    [{ rise: 'none', stood: 'room' }],
    [{ rise: 'none', texture: 'runny' }, 'wrongProportion, likely: rise texture'],
    [{ rise: 'none', texture: 'thick' }, 'wrongProportion, likely: rise texture'],
    [{ rise: 'none', texture: 'usual' }],
    [{ happened: ['neverDoubles'] }, 'weak, likely: happened'],
    [{ happened: ['neverDoubles'], rise: 'doubled' }, 'fine, likely: rise'],
    [{ happened: ['tightLid'] }, 'underPressure, likely: happened'],
    [{ rise: 'none', unfed: 'hours' }, 'waiting, likely: rise unfed'],
    [{ rise: 'none', unfed: 'days' }],
    [{ surface: ['nothing'], smell: 'fresh' }, 'fine, guess: surface smell'],
    [{ surface: ['nothing'], smell: 'fresh', rise: 'none' }],
    [{ surface: ['nothing'], smell: 'unknown' }],
    [{ smell: 'fresh' }],
    [{}],
  ])('%j', (signs, ...expected) => expect(said(signs)).toEqual(expected));
});

describe('what liquid is told by', () => {
  const liquid: Signs = { surface: ['liquid'] };
  it.each<[Signs, ...string[]]>([
    [liquid, 'hungry, likely: surface'],
    [{ ...liquid, liquid: 'unknown' }, 'hungry, likely: surface'],
    [{ liquid: 'clear' }],
    [{ ...liquid, liquid: 'clear' }, 'hungry, sure: surface liquid', 'hungry, likely: surface'],
    [
      { ...liquid, liquid: 'clear', where: 'top' },
      'hungry, sure: surface liquid',
      'hungry, likely: surface',
    ],
    [{ ...liquid, liquid: 'clear', where: 'middle' }, 'hungry, likely: surface'],
    [{ ...liquid, liquid: 'clear', happened: ['hot'] }, 'hungry, likely: surface'],
    [
      { ...liquid, where: 'middle', texture: 'runny' },
      'wrongProportion, likely: where texture',
      'hungry, likely: surface',
    ],
    [
      { ...liquid, where: 'below', texture: 'runny' },
      'wrongProportion, likely: where texture',
      'hungry, likely: surface',
    ],
    [{ ...liquid, where: 'top', texture: 'runny' }, 'hungry, likely: surface'],
    [{ ...liquid, where: 'below', texture: 'usual' }, 'hungry, likely: surface'],
    [
      { ...liquid, where: 'below', texture: 'runny', unfed: 'weeks' },
      'hungry, likely: unfed',
      'hungry, likely: surface',
    ],
    [{ where: 'below', texture: 'runny' }],
  ])('%j', (signs, ...expected) => expect(said(signs)).toEqual(expected));
});
