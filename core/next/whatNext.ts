import { type BowlBuild, type DueMove, type Standing } from '../journal';
import { HOUR, type Instant } from '../measure';
import { type Plan, type Step } from '../plan';
import { type NextFeed, type Run } from '../rescue';
import { type FeedReason, isKnownToDay, needOf } from './need';

/** What an answer rests on. The first that applies to a jar is its answer. */
export type Because =
  /** It came from a jar that was thrown out, and is not used before it was looked over. */
  | { readonly is: 'quarantined' }
  | { readonly is: 'programme'; readonly run: Run; readonly feed: NextFeed }
  | { readonly is: 'plan'; readonly step: Step }
  /** The plan that is followed has nothing for it until then. */
  | { readonly is: 'rests'; readonly until: Instant }
  /** Levain is wanted of it and nobody has chosen how: a feed now could spoil that. */
  | { readonly is: 'wish'; readonly wish: WishAhead }
  /** It was to be moved, and nobody has said whether it was. */
  | { readonly is: 'move'; readonly promise: DueMove }
  | { readonly is: 'feed'; readonly reason: FeedReason }
  /** It is a levain in a bowl, and goes into its dough when it is ripe. */
  | { readonly is: 'dough'; readonly wish: WishAhead | null }
  /** It is a levain that is built in several feeds, and the next of them is still to come. */
  | { readonly is: 'build'; readonly build: BowlBuild; readonly nth: number; readonly of: number };

/** Levain that is wanted of a jar. */
export interface WishAhead {
  readonly id: string;
  readonly name: string;
  readonly from: Instant;
  readonly until: Instant;
}

/** What is to be done next with a jar. */
export interface WhatNext {
  readonly jar: string;
  readonly because: Because;
  /** From when it makes sense. */
  readonly from: Instant;
  /** Best done by then. Null when nothing presses. */
  readonly by: Instant | null;
  /** When waiting longer begins to do harm; null when that is far, or nobody knows. */
  readonly harmAt: Instant | null;
  /** Its times are forecast over so long that only their days are known. */
  readonly toDay?: true;
  /** The time for it has passed. It stays so until it is done, put off or overtaken. */
  readonly late: boolean;
}

/** All that bears on what is next for one jar. */
export interface JarAhead {
  readonly standing: Standing;
  readonly quarantined: boolean;
  /** The programme it is in. */
  readonly programme: { readonly run: Run; readonly next: NextFeed } | null;
  /** The plan that is followed. */
  readonly plan: Pick<Plan, 'steps' | 'curves' | 'wanted'> | null;
  /** The bakes that want levain of it and have none building, the earliest first. */
  readonly wishes: readonly WishAhead[];
  readonly promise: DueMove | null;
  /** The bake that a bowl's levain is for. */
  readonly doughFor?: WishAhead | null;
}

/** A feed of a programme that comes so much later than its hour is late. */
const PROGRAMME_GRACE = 4 * HOUR;
/** Levain that is wanted later than this leaves time for an ordinary feed before it is planned. */
const WISH_IN_REACH = 72 * HOUR;
/** A build and the rise before a window take so long as a rule: a way to it is best chosen before. */
const BUILD_AHEAD = 24 * HOUR;

/**
 * What is next for a jar, or for a levain in its bowl. For a jar in this order, the first that applies: harm, its programme, the plan that is followed, a wish that
 * nobody has planned, a move nobody has answered for, and the feed it asks for by its rhythm or by its food.
 *
 * @example whatNext(ahead).by
 */
export function whatNext(ahead: JarAhead): WhatNext {
  const { standing, quarantined, programme, plan, wishes, promise } = ahead;
  const { now } = standing;
  const jar = standing.jar.id;
  const need = needOf(standing);
  const { harmAt } = need;
  const answer = (because: Because, from: Instant, by: Instant | null): WhatNext => ({
    jar,
    because,
    from,
    by,
    harmAt,
    late: by !== null && by < now,
  });
  if (quarantined) return answer({ is: 'quarantined' }, now, now);
  if (standing.jar.card.bowl) return intoDough(standing, ahead.doughFor ?? null);
  if (programme) {
    const { run, next: feed } = programme;
    const by = run.verdict === 'going' ? feed.at + PROGRAMME_GRACE : null;
    return answer({ is: 'programme', run, feed }, by === null ? now : feed.at, by);
  }
  // Neither a plan nor a bake has any use for it before it is looked after.
  if (need.reason === 'neglected') return answer({ is: 'feed', reason: 'neglected' }, now, need.by);
  const step = plan?.steps.find((planned) => planned.jar === jar);
  if (step) return answer({ is: 'plan', step }, step.earliest, step.latest);
  const wish = wishes.find(
    ({ id, from, until }) =>
      until > now && from - now < WISH_IN_REACH && !plan?.wanted.some((known) => known.id === id),
  );
  if (wish) return answer({ is: 'wish', wish }, now, Math.max(now, wish.from - BUILD_AHEAD));
  if (promise) return answer({ is: 'move', promise }, promise.from, promise.from + HOUR);
  const until = plan?.curves.findLast((curve) => curve.jar === jar)?.heights.at(-1)?.[0];
  // What the plan leaves to rest keeps well by its reckoning; harm is told all the same.
  if (until !== undefined && until > now && (harmAt === null || harmAt > until))
    return answer({ is: 'rests', until }, until, null);
  const feed = answer({ is: 'feed', reason: need.reason }, need.from, need.by);
  return OF_LONG_RESTS.has(need.reason) && isKnownToDay(standing, need.by ?? need.from)
    ? { ...feed, toDay: true }
    : feed;
}

/** What comes of hours or weeks alike; what ripens or has just come out of the cold goes by hours however long it rested. */
const OF_LONG_RESTS: ReadonlySet<FeedReason> = new Set([
  'hooch',
  'hungry',
  'past',
  'asleep',
  'resting',
]);

/** A levain is for its dough while it is ripe, or for its next build. */
function intoDough({ jar, outlook, now }: Standing, wish: WishAhead | null): WhatNext {
  const builds = jar.card.bowl?.builds ?? [];
  const build = builds[jar.feeds];
  const because: Because = build
    ? { is: 'build', build, nth: jar.feeds + 1, of: builds.length }
    : { is: 'dough', wish };
  const { ripeFromH, ripeUntilH } = outlook.forecast;
  const from = ripeFromH === null ? now : jar.since + ripeFromH * HOUR;
  const by = ripeUntilH === null ? null : jar.since + ripeUntilH * HOUR;
  const late = by !== null && by < now;
  return { jar: jar.id, because, from, by, harmAt: null, late };
}

/** What is neglected goes behind all that is due within this. */
const SOON = 12 * HOUR;

/** Whether a levain was ripe so long ago that it is in its dough by now, and nobody has said so. */
export const isForgotten = ({ because, by }: Pick<WhatNext, 'because' | 'by'>, now: Instant) =>
  because.is === 'dough' && by !== null && by < now - SOON;

/**
 * What is next in a kitchen, the most pressing first: harm, then a levain that is ripe, then what is late, then by the hour until which it is best done.
 * A jar that has starved for days loses nothing more in a few hours, and waits behind one that is ripe tonight; jars that
 * press for nothing come last.
 *
 * @example nextInOrder([]) // = []
 */
export function nextInOrder(jars: readonly JarAhead[]): readonly WhatNext[] {
  const now = jars[0]?.standing.now ?? 0;
  const rank = ({ because, from, by }: WhatNext) => {
    if (because.is === 'quarantined') return -Infinity;
    if (because.is === 'feed' && because.reason === 'neglected') return now + SOON;
    if (isForgotten({ because, by }, now)) return now + SOON;
    // A dough waits for it, and a hungry jar can wait an hour.
    if (because.is === 'dough' && from <= now && by !== null) return 0;
    return by ?? Infinity;
  };
  return jars.map(whatNext).sort((a, b) => rank(a) - rank(b));
}

/** Whether a jar asks for an ordinary feed now: one that can be given in one pass with others. */
export const isDue = ({ because, from, by }: WhatNext, now: Instant): boolean =>
  because.is === 'feed' && because.reason !== 'neglected' && by !== null && from <= now;
