import { ratioOf, ratioText } from '@core/bench';
import { type Bake } from '@core/journal';
import { type Instant } from '@core/measure';
import { type Plan, type PlanName, type Prospect, type Raise, type Step } from '@core/plan';

import { type KitchenWords } from './kitchenWords';
import { listed } from './listed';
import { capital } from './rhythmWords';

export const PLAN_WORDS: Readonly<Record<PlanName, string>> = {
  balanced: 'A good balance',
  safest: 'The surest',
  fewestTouches: 'Fewest times at the jar',
  leastFlour: 'Least flour',
  another: 'Another way',
};

/** How often a bake comes back. */
export const againWords = (weeks: number): string =>
  weeks === 1 ? 'every week' : weeks === 2 ? 'every second week' : `every ${weeks} weeks`;

/** "78 %" */
export const pct = (share: number) => `${Math.round(share * 100)} %`;

/** What a plan costs and gives, in a line. */
export function planLine(plan: Plan, words: KitchenWords): string {
  const times = plan.touches === 1 ? 'once at the jar' : `${plan.touches} times at the jar`;
  const parts = [
    times,
    `${words.grams(plan.flourG)} flour`,
    `${words.grams(plan.discardG)} discard`,
  ];
  const chance = Math.min(1, ...plan.wanted.map((prospect) => prospect.chance));
  return plan.wanted.length > 0
    ? `${pct(chance)} likely ${plan.wanted.length === 1 ? 'to be ripe in time' : 'to be all ripe in time'}. ${capital(parts.join(', '))}.`
    : `${capital(parts.join(', '))}.`;
}

/** What a plan costs and gives, figure by figure. */
export function planFigures(
  plan: Plan,
  words: KitchenWords,
): readonly (readonly [figure: string, name: string])[] {
  const chance = Math.min(1, ...plan.wanted.map((prospect) => prospect.chance));
  return [
    ...(plan.wanted.length > 0 ? [[pct(chance), 'likely in time'] as const] : []),
    [`${plan.touches} ×`, 'at the jar'],
    [words.grams(plan.flourG), 'flour'],
    [words.grams(plan.discardG), 'discard'],
  ];
}

/**
 * What a step asks for.
 *
 * @param bakeName of the bake it is for, where that has one
 */
export function stepWords(
  step: Step,
  jarName: string,
  placeName: (id: string) => string,
  words: KitchenWords,
  bakeName = 'the bake',
): string {
  if (step.bowl) return bowlWords(step, jarName, placeName, words, bakeName);
  switch (step.kind) {
    case 'feed':
    case 'build': {
      const ratio = ratioOf(step.keepG!, step.flourG!, step.waterG!);
      const what = step.kind === 'build' ? `Build ${jarName}’s levain` : `Feed ${jarName}`;
      return `${outWords(step, words)}${what}: ${words.feed({ keepG: step.keepG!, waterG: step.waterG!, flourG: step.flourG! })}${step.waterCelsius === undefined ? '' : `, the water${warmthWords(step, words)}`}${ratio ? ` (${ratioText(ratio).replaceAll(' ', '\u00a0')})` : ''}, then ${placeName(step.place!)}${thenWords(step, placeName, words)}`;
    }
    case 'topUp':
      return `${outWords(step, words)}Top up ${jarName} for its levain: add ${words.grams(step.waterG!)} water${warmthWords(step, words)} and ${words.grams(step.flourG!)} flour to the ${words.grams(step.keepG!)} there, then ${placeName(step.place!)}${thenWords(step, placeName, words)}`;
    case 'take':
      return `Take ${words.grams(step.takeG!)} from ${jarName} for ${bakeName}`;
    case 'move':
      return `Move ${jarName}: ${placeName(step.place!)}`;
  }
}

/** What is done to a levain in its bowl. */
function bowlWords(
  step: Step,
  jarName: string,
  placeName: (id: string) => string,
  words: KitchenWords,
  bakeName: string,
): string {
  const { kind, keepG = 0, waterG = 0, flourG = 0, takeG = 0, place = '' } = step;
  if (kind === 'take')
    return `Put ${words.grams(takeG)} of the levain into the dough of ${bakeName}`;
  if (kind === 'move') return `Move the bowl of levain for ${bakeName}: ${placeName(place)}`;
  return `Build the levain for ${bakeName} in a bowl: ${words.grams(keepG)} of ${jarName}, ${words.grams(waterG)} water, ${words.grams(flourG)} flour, then ${placeName(place)}`;
}

/** When to take it out of the cold before. */
const outWords = ({ at, outAt }: Step, words: KitchenWords) =>
  outAt === undefined ? '' : `Out of the cold ${words.after(at, outAt)}. `;

const warmthWords = ({ waterCelsius }: Step, words: KitchenWords) =>
  waterCelsius === undefined ? '' : ` at ${words.celsius(waterCelsius)}`;

/** The walk that follows. */
const thenWords = ({ at, then }: Step, placeName: (id: string) => string, words: KitchenWords) =>
  then === undefined ? '' : `, and ${placeName(then.place)} at ${words.after(at, then.at)}`;

/** More likely to be missed than not. */
export const isUnlikely = ({ chance }: Prospect) => chance < 0.5;

/** "78 % likely if it may be ripe 10:00 to 12:00, and 70 % with somebody there at 14:00"; null where nothing helps. */
export function raisedWords({ raisedBy = [] }: Prospect, words: KitchenWords): string | null {
  const ways = raisedBy.map(
    (raise, i) => `${pct(raise.chance)}${i === 0 ? ' likely' : ''} ${raiseWords(raise, words)}`,
  );
  return ways.length > 0 ? listed(ways) : null;
}

/** The hours of a window, however far away: "Sat 28 Nov 09:00 to 11:00". */
export const windowWords = (
  { from, until }: { readonly from: number; readonly until: number },
  words: KitchenWords,
) => `${words.moment(from)} to ${words.after(from, until)}`;

function raiseWords(raise: Raise, words: KitchenWords): string {
  switch (raise.kind) {
    case 'otherHour':
      return `if it is wanted ${windowWords(raise, words)} instead`;
    case 'shorter':
      return `if it has to be ripe only ${windowWords(raise, words)}`;
    case 'handsAt':
      return `with somebody there ${listed(raise.times.map((at) => words.at(at)))}`;
    case 'looks':
      return 'once two heights are logged while it rises, after the feed before';
  }
}

/** "any time from 19:10 to 21:40", or nothing when the hour is the hour. */
export function slackWords(step: Step, words: KitchenWords): string {
  if (step.latest - step.earliest < 20 * 60_000) return '';
  const beside = (at: number) =>
    words.day(at) === words.day(step.at) ? words.time(at) : `${words.day(at)} ${words.time(at)}`;
  return `any time ${beside(step.earliest)} to ${beside(step.latest)}`;
}

/** What a calendar says beside a step, true on whatever day it is read: between when, and after what. */
export function calendarNote(step: Step, before: readonly Step[], words: KitchenWords): string {
  const { at, earliest, latest, jar } = step;
  const taken = before.filter(
    (other) => other.kind === 'take' && other.jar === jar && at - other.at < 6 * 3_600_000,
  );
  const takenG = taken.reduce((sum, { takeG = 0 }) => sum + takeG, 0);
  return [
    latest - earliest < 20 * 60_000
      ? ''
      : `Any time from ${words.dated(earliest)} to ${words.after(earliest, latest)}.`,
    taken.length > 0 && step.kind !== 'take'
      ? `Only after ${words.grams(takenG)} are taken for the ${taken.length > 1 ? 'bakes' : 'bake'}.`
      : '',
  ]
    .filter((line) => line !== '')
    .join(' ');
}

/** What changed when a plan was made anew; null when nothing that matters did. */
export function mendedWords(
  before: Plan,
  after: Plan,
  { jarName, placeName, bakeName }: Names,
  words: KitchenWords,
): string | null {
  const changes = after.wanted.map((prospect) => {
    const said: string[] = [];
    const was = before.wanted.find(({ id }) => id === prospect.id);
    const build = levainStep(after, prospect.id);
    const buildWas = levainStep(before, prospect.id);
    if (build && buildWas && Math.abs(build.at - buildWas.at) > 20 * 60_000)
      said.push(
        `${jarName(build.jar)}’s levain is now built ${words.moment(build.at)} instead of ${words.moment(buildWas.at)}`,
      );
    if (build?.kind === 'topUp' && buildWas?.kind !== 'topUp')
      said.push(`topping up what is in the jar saves the bake`);
    const waits = waitingPlace(after, prospect.id);
    if (waits !== undefined && waitingPlace(before, prospect.id) === undefined)
      said.push(`until the bake it waits somewhere cooler: ${placeName(waits)}`);
    if (!build && buildWas) said.push(`${jarName(buildWas.jar)}’s levain is built`);
    if (was && Math.abs(was.peakAt - prospect.peakAt) > 20 * 60_000) {
      const minutes = Math.round((prospect.peakAt - was.peakAt) / 60_000);
      said.push(`it peaks ${words.span(minutes / 60)} ${minutes < 0 ? 'earlier' : 'later'}`);
    }
    if (was && Math.abs(was.chance - prospect.chance) > 0.04)
      said.push(
        `it is ${pct(prospect.chance)} likely to be ripe in time instead of ${pct(was.chance)}`,
      );
    return { id: prospect.id, said: said.join('; ') };
  });
  const changed = changes.filter(({ said }) => said !== '');
  if (changed.length === 0) return null;
  const unlikely = after.wanted.find(isUnlikely);
  const raised = unlikely && raisedWords(unlikely, words);
  const one = after.wanted.length === 1;
  return [
    one
      ? `The plan has changed: ${changed[0]!.said}.`
      : `The plan has changed. ${changed.map(({ id, said }) => `${bakeName(id)}: ${said}.`).join(' ')}`,
    raised && `${one ? 'It' : bakeName(unlikely.id)} would be ${raised}.`,
  ]
    .filter(Boolean)
    .join(' ');
}

/** What jars, places and bakes are called. */
interface Names {
  readonly jarName: (id: string) => string;
  readonly placeName: (id: string) => string;
  readonly bakeName: (id: string) => string;
}

/** What bakes are called where several are told of: one that is wanted again has its day beside its name. */
export const bakeNames =
  (bakes: readonly Pick<Bake, 'id' | 'name' | 'from'>[], words: KitchenWords) =>
  (id: string): string => {
    const bake = bakes.find((one) => one.id === id);
    if (!bake) return 'This bake';
    const again = bakes.some(({ id: other, name }) => other !== id && name === bake.name);
    return again ? `${bake.name} (${words.day(bake.from)})` : bake.name;
  };

/** What a bake is called that nobody named: by its day, which is true on every other day too. */
export const unnamedBake = (at: Instant, words: KitchenWords): string =>
  Number.isNaN(at) ? 'Bake' : `Bake of ${words.fullDay(at)}`;

/** The place to which a levain is moved before its bake takes it. */
function waitingPlace({ steps }: Plan, bake: string): string | undefined {
  const take = steps.find(({ kind, wanted }) => kind === 'take' && wanted === bake);
  const touch =
    take &&
    steps.findLast(({ jar, at, kind }) => jar === take.jar && at < take.at && kind !== 'take');
  return touch?.kind === 'move' ? touch.place : undefined;
}

const levainStep = (plan: Plan, bake: string) =>
  plan.steps.find(({ kind, wanted }) => (kind === 'build' || kind === 'topUp') && wanted === bake);

/** What a step is, in two or three words. */
export function plannedName({ kind, bowl }: Step, jarName: string): string {
  if (bowl)
    return kind === 'build'
      ? `Build ${jarName}’s levain in a bowl`
      : kind === 'take'
        ? 'The levain goes into the dough'
        : 'Move the bowl of levain';
  const what: Readonly<Record<Step['kind'], string>> = {
    build: `Build ${jarName}’s levain`,
    feed: `Feed ${jarName}`,
    topUp: `Top up ${jarName}`,
    take: `Take from ${jarName}`,
    move: `Move ${jarName}`,
  };
  return what[kind];
}

/** The heading of a planned step: what, and until when or from when. */
export function plannedTitle(
  step: Step,
  jarName: string,
  now: number,
  words: KitchenWords,
): string {
  const what = plannedName(step, jarName);
  if (step.earliest <= now && step.latest > now) return `${what} by ${words.moment(step.latest)}`;
  return step.at <= now ? `${what} now` : `${what} ${words.at(step.at)}`;
}
