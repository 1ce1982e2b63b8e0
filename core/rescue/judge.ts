import { type ProgrammeId } from '../journal';
import { type Certainty, RULES, type VerdictKind } from './rules';
import { type QuestionId, type Signs, befell, shows } from './signs';

/** A verdict with what led to it. */
export interface Verdict {
  readonly kind: VerdictKind;
  readonly certainty: Certainty;
  /** The questions whose answers led to it. */
  readonly because: readonly QuestionId[];
  /** Nothing was seen that speaks for it: it rests on a smell. */
  readonly bySmellAlone: boolean;
  /** What else is amiss, less pressing. */
  readonly also: readonly VerdictKind[];
  /** Pairs of answers that do not go together. */
  readonly contradictions: readonly (readonly [QuestionId, QuestionId])[];
  readonly programme: ProgrammeId | null;
}

/** Answers that cannot both be right. */
const CLASHES: readonly (readonly [QuestionId, QuestionId, (signs: Signs) => boolean])[] = [
  [
    'surface',
    'liquid',
    (s) => shows(s, 'nothing') && s.liquid !== undefined && s.liquid !== 'unknown',
  ],
  [
    'unfed',
    'liquid',
    (s) => s.unfed === 'hours' && s.where === 'top' && (s.liquid === 'dark' || s.liquid === 'grey'),
  ],
  ['happened', 'rise', (s) => befell(s, 'neverDoubles') && s.rise === 'doubled'],
];

const PROGRAMME_FOR: Readonly<Partial<Record<VerdictKind, ProgrammeId>>> = {
  neglected: 'neglected',
  tooHot: 'overheated',
  frozen: 'frozen',
  weak: 'neglected',
};

/** What goes without saying beside a verdict. */
const IMPLIED: Readonly<Partial<Record<VerdictKind, VerdictKind>>> = {
  killed: 'tooHot',
  falseRise: 'tooYoung',
  neglected: 'hungry',
};

const BY_SMELL: ReadonlySet<QuestionId> = new Set(['smell', 'cured', 'age']);

/**
 * What the signs say. Whatever else is answered, what has to be thrown out comes first.
 *
 * @example judge({ rise: 'doubled', surface: ['fuzz'] }).kind // = 'contaminated'
 */
export function judge(signs: Signs): Verdict {
  const fired = RULES.flatMap(({ kind, certainty, holds }) => {
    const because = holds(signs);
    return because ? [{ kind, certainty, because }] : [];
  });
  const contradictions = CLASHES.filter(([, , clash]) => clash(signs)).map(
    ([a, b]) => [a, b] as const,
  );
  const [first, ...others] = fired;
  if (!first)
    return {
      kind: 'cannotTell',
      certainty: 'guess',
      because: [],
      bySmellAlone: false,
      also: [],
      contradictions,
      programme: null,
    };
  const { kind } = first;
  const agreeing = fired.filter((other) => other.kind === kind);
  const because = [...new Set(agreeing.flatMap((other) => other.because))];
  const also = [...new Set(others.map((other) => other.kind))].filter(
    (other) => other !== kind && other !== 'fine' && other !== 'waiting' && IMPLIED[kind] !== other,
  );
  return {
    kind,
    certainty: certaintyOf(signs, kind, agreeing, contradictions.length > 0),
    because,
    bySmellAlone: because.includes('smell') && because.every((question) => BY_SMELL.has(question)),
    also: kind === 'contaminated' ? [] : also,
    // What has to go goes, whatever else was said.
    contradictions: kind === 'contaminated' ? [] : contradictions,
    programme:
      kind === 'hungry' && signs.unfed === 'weeks' ? 'halfOut' : (PROGRAMME_FOR[kind] ?? null),
  };
}

/** Two signs that agree make a verdict surer; what clashes, or could not be seen, leaves it open. Never one that keeps somebody safe. */
function certaintyOf(
  signs: Signs,
  kind: VerdictKind,
  agreeing: readonly { readonly certainty: Certainty }[],
  clashing: boolean,
): Certainty {
  const { certainty } = agreeing[0]!;
  if (kind === 'contaminated') return certainty;
  if (clashing) return 'guess';
  const open =
    signs.surface === 'unknown' ||
    (kind === 'fine' &&
      (befell(signs, 'hot') ||
        befell(signs, 'hotWater') ||
        signs.unfed === 'unknown' ||
        signs.age === 'unknown' ||
        signs.heat === 'unknown'));
  if (open) return certainty === 'guess' ? 'guess' : 'likely';
  return certainty === 'likely' && agreeing.length > 1 && kind !== 'smellsRotten'
    ? 'sure'
    : certainty;
}
