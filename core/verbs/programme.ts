import {
  type Answer,
  type Jar,
  type JarAtHand,
  type JarCard,
  type NewEntry,
  type NewEntryOf,
  type Objection,
  type OwnFeed,
  type ProgrammeId,
  type Spoilage,
  answer,
  contentOf,
  instantOf,
  isoOf,
  together,
} from '../journal';
import { type Instant, hydrationOf } from '../measure';
import {
  BEGINNINGS,
  type Backup,
  aliveShare,
  begunProgramme,
  begunSince,
  troubleSince,
} from '../rescue';
import { nameObjections } from './splitOff';
import { takenTo } from './takeOut';

/** A jar begins a programme; one under way gives way to it. */
export const beginProgramme = (
  { jar, now }: JarAtHand,
  { programme }: { readonly programme: ProgrammeId },
): Answer => answer([{ kind: 'programmeBegun', jar: jar.id, at: isoOf(now), programme }]);

/** A programme that a jar is in the middle of. */
export interface JoinedProgramme {
  readonly programme: ProgrammeId;
  /** The day it is on, 1 the first. */
  readonly day: number;
  /** Feeds it has had, those in the log among them. */
  readonly feeds: number;
  /** The baker's own feeds, where they are not the programme's. */
  readonly own?: readonly OwnFeed[];
}

/** Nobody is longer on the way. */
const LAST_DAY = 60;
const MOST_FEEDS = 100;

/**
 * A jar that is on its way already joins its programme: with its day, its feeds so far and its own amounts.
 *
 * @returns objections to `day`, `feeds` or `own`
 * @example joinProgramme(atHand, { programme: 'wholeGrainTaper', day: 4, feeds: 3 })
 */
export function joinProgramme(
  { jar, earlier, now }: JarAtHand,
  { programme, day, feeds, own }: JoinedProgramme,
): Answer {
  const found: Objection[] = [];
  const object = (field: string, message: string) => found.push({ field, message });
  if (!(Number.isInteger(day) && day >= 1 && day <= LAST_DAY))
    object('day', `A day from 1 to ${LAST_DAY}, please.`);
  if (!(Number.isInteger(feeds) && feeds >= 0 && feeds <= MOST_FEEDS))
    object('feeds', `From none to ${MOST_FEEDS}, please.`);
  for (const { keepG, flourG, waterG, everyH } of own ?? [])
    if (!(keepG > 0 && flourG >= 0 && waterG >= 0 && flourG + waterG > 0 && everyH >= 2))
      object('own', 'Each of your feeds wants a keep, flour or water, and two hours or more.');
  if (found.length > 0) return answer([], found);
  const entry = {
    kind: 'programmeBegun' as const,
    jar: jar.id,
    at: isoOf(now),
    programme,
    ...(day > 1 ? { day } : {}),
    ...(own && own.length > 0 ? { own } : {}),
  };
  const since = begunSince(entry);
  const logged = earlier.filter((event) => event.kind === 'fed' && instantOf(event) >= since);
  const before = Math.max(0, feeds - logged.length);
  return answer([before > 0 ? { ...entry, feedsSoFar: before } : entry]);
}

/** A jar leaves its programme, well or given up. */
export const leaveProgramme = (
  { jar, now }: JarAtHand,
  { because }: { readonly because: NewEntryOf<'programmeEnded'>['because'] },
): Answer => answer([{ kind: 'programmeEnded', jar: jar.id, at: isoOf(now), because }]);

/**
 * What has to go goes: all of it into the bin, and the jar off the shelf. What came from it since is to be looked over.
 *
 * @param note what was seen, in words
 * @example throwOut(atHand, { why: 'growth', note: 'green, in the middle' }).entries
 */
export function throwOut(
  { jar, earlier, now }: JarAtHand,
  { why, note }: { readonly why: Spoilage; readonly note: string },
): Answer {
  const common = { jar: jar.id, at: isoOf(now) };
  const since = isoOf(troubleSince(why, jar, now));
  return answer([
    { kind: 'noted', ...common, note },
    { kind: 'thrownOut', ...common, why, since },
    ...(begunProgramme(earlier)
      ? [{ kind: 'programmeEnded' as const, ...common, because: 'useBackup' as const }]
      : []),
    ...clearedAway(jar, now),
  ]);
}

/**
 * All of a jar goes into the bin, and the jar off the shelf.
 *
 * @example clearedAway(jar, now).length
 */
export function clearedAway(jar: Jar, now: Instant): readonly NewEntry[] {
  const common = { jar: jar.id, at: isoOf(now) };
  const grams = Math.round(contentOf(jar).massG);
  return [
    ...(grams > 0 ? [takenTo('bin', { ...common, grams })] : []),
    { kind: 'described', ...common, card: { ...jar.card, archived: true } },
  ];
}

/** A jar that a programme begins with: what it is, and what is in it. */
export interface Beginning {
  readonly programme: ProgrammeId;
  /** The jar to be. */
  readonly jar: string;
  readonly card: JarCard;
  readonly place: string;
  /** Of what it begins with: starter, flakes or flour. */
  readonly grams: number;
  /** The backup that comes from; null where it comes from elsewhere. */
  readonly backup: Backup | null;
}

/** Nobody begins with more, grams. */
const MOST_BEGUN_G = 500;

/**
 * A new jar from a backup, a gift, or flour and water, with its programme.
 *
 * @param names of the jars on the shelf: one that was thrown out gives its name free
 * @returns objections to `name` or `grams`
 * @example beginJar(beginning, ['Tern'], now).objections
 */
export function beginJar(
  { programme, jar, card, place, grams, backup }: Beginning,
  names: readonly string[],
  now: Instant,
): Answer {
  const at = isoOf(now);
  const found = [...nameObjections(card.name, names), ...beginsWith(grams, backup)];
  if (found.length > 0) return answer([], found);
  const start = startOf(programme, grams, backup ? aliveShare(backup, now) : 1);
  return answer([
    { kind: 'started', jar, at, card, place, ...(backup ? { from: backup.jar } : {}), ...start },
    { kind: 'programmeBegun', jar, at, programme },
    ...(backup
      ? [{ kind: 'backupUsed' as const, jar: backup.jar, at, backup: backup.id, grams }]
      : []),
  ]);
}

/**
 * Several jars of the same beginning in one pass, each with so many grams and a number behind its name.
 *
 * @param ids of the jars to be
 * @returns objections to `name` or `grams`
 * @example beginJars(beginning, ['a', 'b'], ['Tern'], now).entries
 */
export function beginJars(
  beginning: Omit<Beginning, 'jar'>,
  ids: readonly string[],
  names: readonly string[],
  now: Instant,
): Answer {
  const { card, grams, backup } = beginning;
  const all = ids.map((jar, i) => {
    const name = i === 0 ? card.name : `${card.name} ${i + 1}`;
    const left = backup && { ...backup, gramsLeft: backup.gramsLeft - i * grams };
    return beginJar({ ...beginning, jar, card: { ...card, name }, backup: left }, names, now);
  });
  return together(all);
}

function beginsWith(grams: number, backup: Backup | null): readonly Objection[] {
  const object = (message: string) => [{ field: 'grams', message }];
  if (!(grams >= 1)) return object('At least a gram, please.');
  if (backup && grams > backup.gramsLeft + 0.5)
    return object(`Only ${Math.round(backup.gramsLeft)} g are left of it.`);
  if (grams > MOST_BEGUN_G) return object('That is more than half a kilogram. Check the number.');
  return [];
}

/** Starter that is on its feet, give or take a day's hunger; a ball or a twin that was too long in the cold is not. */
const HUNGRY_ALIVE = 0.4;

type Start = Pick<NewEntryOf<'started'>, 'massG' | 'hydrationPct' | 'condition' | 'alive'>;

/** What is in a jar that begins a programme. */
function startOf(programme: ProgrammeId, grams: number, alive: number): Start {
  const soaked = BEGINNINGS[programme];
  const share = alive < 0.995 ? { alive: Math.round(alive * 1000) / 1000 } : {};
  if (soaked) {
    const { dryG, waterG } = soaked;
    const water = (waterG * grams) / dryG;
    return {
      massG: grams + water,
      hydrationPct: hydrationOf(grams, water),
      condition: programme.startsWith('flakes') ? 'dried' : 'new',
      ...share,
    };
  }
  const massG = grams;
  if (programme === 'frozen') return { massG, hydrationPct: 100, condition: 'frozen', ...share };
  const hydrationPct = programme === 'stiffBall' ? 50 : 100;
  return alive >= HUNGRY_ALIVE
    ? { massG, hydrationPct, condition: 'hungry', ...share }
    : { massG, hydrationPct, condition: 'neglected' };
}
