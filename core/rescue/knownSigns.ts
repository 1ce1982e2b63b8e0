import {
  type Jar,
  type JarEvent,
  type Looked,
  type Smell,
  type Standing,
  instantOf,
  contentOf,
  isAnybodysGuess,
} from '../journal';
import { FLOURS, blendShares, DAY, HOUR, type Instant, doubledHeight, highest } from '../measure';
import { type SignAnswer, type Signs } from './signs';

/** A smell or a sight that is older than this tells nothing of today, ms. */
const FRESH = 3 * DAY;
/** A starter younger than this is a new one. */
const YOUNG = 21 * DAY;

const SMELL_SIGNS: Readonly<Record<Smell, SignAnswer<'smell'>>> = {
  wetFlour: 'fresh',
  yoghurt: 'fresh',
  fruit: 'fresh',
  vinegar: 'sharp',
  solvent: 'solvent',
  cheese: 'rot',
};

/**
 * What the journal knows already, so that nobody is asked: how long unfed, where it stood and how hot it got there, how far it
 * was seen to rise, what it smelt of, how old it is, and whether the last feed was thin or thick. The surface is always asked
 * for: mould does not wait for somebody to log it.
 *
 * @example knownSigns(standing, events).unfed
 */
export function knownSigns(standing: Standing, events: readonly JarEvent[]): Signs {
  const { jar, now, outlook, hours } = standing;
  const fresh = jar.looks.filter((look) => now - instantOf(look) < FRESH);
  const smell = fresh.findLast((look) => look.smell !== undefined)?.smell;
  const liquid = fresh.findLast((look) => look.liquid !== undefined)?.liquid;
  const seenLiquid = liquid !== undefined && liquid !== 'none';
  const past = outlook.forecast.curve.filter((moment) => moment.hours <= hours);
  const hottest = highest(past.map(({ celsius }) => celsius));
  const day = past.slice(-24);
  const mean = day.reduce((sum, { celsius }) => sum + celsius, 0) / Math.max(1, day.length);
  const isNew = events.some((event) => event.kind === 'started' && event.condition === 'new');
  return {
    ...(seenLiquid ? { liquid } : {}),
    ...(smell === undefined ? {} : { smell: SMELL_SIGNS[smell] }),
    ...riseSign(jar.looks, doubledHeight(jar.fedMix.flour)),
    ...((jar.lastFed || hours > 24) && !isAnybodysGuess(jar) ? { unfed: unfedSign(hours) } : {}),
    ...(hours >= KNOWN_PLACE_H ? { stood: stoodSign(mean) } : {}),
    heat: hottest >= 60 ? 'killed' : hottest >= 45 ? 'harmed' : hottest >= 35 ? 'stalled' : 'none',
    ...ageSign(jar, isNew, now),
    darkFlour: blendShares(jar.fedMix.flour).some(
      ([kind, share]) => FLOURS[kind].dark && share > 0.05,
    )
      ? 'yes'
      : 'no',
    ...(jar.lastFed ? { texture: textureSign(contentOf(jar).hydrationPct) } : {}),
  };
}

/** A jar that was put on the shelf as it was tells nothing of its age until it has been there for long enough. */
function ageSign({ started }: Jar, isNew: boolean, now: Instant): Pick<Signs, 'age'> {
  if (now - started >= YOUNG) return { age: 'grown' };
  return isNew ? { age: 'young' } : {};
}

/** Where a jar stood is told from the log once it has stood there long enough to matter, hours. */
const KNOWN_PLACE_H = 12;

const stoodSign = (celsius: number): SignAnswer<'stood'> =>
  celsius < 10 ? 'cold' : celsius < 18 ? 'cool' : celsius < 26 ? 'room' : 'warm';

function riseSign(looks: readonly Looked[], enough: number): Pick<Signs, 'rise'> {
  const doubled = looks.some(
    ({ sign, height }) => sign === 'doubled' || (height !== undefined && height >= enough),
  );
  const heights = looks.flatMap(({ height }) => (height === undefined ? [] : [height]));
  if (doubled) return { rise: 'doubled' };
  return heights.length === 0 ? {} : { rise: highest(heights) > 1.15 ? 'some' : 'none' };
}

function unfedSign(hours: number): SignAnswer<'unfed'> {
  if (hours < 30) return 'hours';
  const days = (hours * HOUR) / DAY;
  if (days < 8) return 'days';
  return days < 36 ? 'weeks' : 'months';
}

function textureSign(hydrationPct: number): SignAnswer<'texture'> {
  if (hydrationPct > 150) return 'runny';
  return hydrationPct < 48 ? 'thick' : 'usual';
}
