import { type ProgrammeId } from '../journal';
import { QUESTIONS, type QuestionId, SIGNS_OF, type Signs, shows, withAnswer } from './signs';

/** What is the matter with a jar. */
export const VERDICTS = [
  'contaminated',
  'killed',
  'tooHot',
  'tooYoung',
  'neglected',
  'hungry',
  'tooCold',
  'wrongProportion',
  'waiting',
  'fine',
  'cannotTell',
] as const;
export type VerdictKind = (typeof VERDICTS)[number];

/** Three words for how sure a verdict is. */
export type Certainty = 'sure' | 'likely' | 'guess';

/** A verdict with what led to it. */
export interface Verdict {
  readonly kind: VerdictKind;
  readonly certainty: Certainty;
  /** The questions whose answers led to it. */
  readonly because: readonly QuestionId[];
  /** What else is amiss, less pressing. */
  readonly also: readonly VerdictKind[];
  /** Pairs of answers that do not go together. */
  readonly contradictions: readonly (readonly [QuestionId, QuestionId])[];
  readonly programme: ProgrammeId | null;
}

/** A rule: whether the signs speak for a verdict, by which answers, and how strongly. */
interface Rule {
  readonly kind: VerdictKind;
  readonly holds: (signs: Signs) => readonly QuestionId[] | null;
  readonly certainty: Certainty;
}

const rule = (
  kind: VerdictKind,
  certainty: Certainty,
  holds: (signs: Signs) => readonly QuestionId[] | null,
): Rule => ({ kind, certainty, holds });

/** Answers that speak for a verdict when all of them are given. */
const when = (condition: boolean, ...because: readonly QuestionId[]) =>
  condition ? because : null;

const quiet = ({ rise }: Signs) => rise === 'none' || rise === 'some';

/**
 * Safety first, then harm, then hunger, then what is only slow. The first rule that holds gives the verdict; the others are
 * told beside it.
 */
const RULES: readonly Rule[] = [
  rule('contaminated', 'sure', (s) =>
    when(
      shows(s, 'fuzz') || shows(s, 'spots') || shows(s, 'streaks') || shows(s, 'foreign'),
      'surface',
    ),
  ),
  rule('contaminated', 'sure', (s) => when(s.liquid === 'coloured', 'liquid')),
  // A flat white film may be yeast. Nobody can be sure by eye, so it goes.
  rule('contaminated', 'guess', (s) => when(shows(s, 'film'), 'surface')),
  rule('contaminated', 'likely', (s) =>
    when(s.smell === 'rot' && s.cured === 'stays' && s.age !== 'young', 'smell', 'cured'),
  ),
  rule('killed', 'sure', (s) => when(s.heat === 'killed', 'heat')),
  rule('tooHot', 'likely', (s) => when(s.heat === 'harmed', 'heat')),
  rule('tooHot', 'likely', (s) => when(s.heat === 'stalled' && quiet(s), 'heat', 'rise')),
  rule('tooYoung', 'likely', (s) => when(s.age === 'young' && s.rise !== 'doubled', 'age', 'rise')),
  rule('neglected', 'sure', (s) => when(s.unfed === 'months', 'unfed')),
  rule('neglected', 'likely', (s) =>
    when(s.unfed === 'weeks' && s.stood !== 'cold' && s.stood !== undefined, 'unfed', 'stood'),
  ),
  rule('neglected', 'likely', (s) =>
    when(
      s.unfed === 'weeks' && (s.liquid === 'dark' || s.smell === 'solvent'),
      'unfed',
      s.liquid === 'dark' ? 'liquid' : 'smell',
    ),
  ),
  rule('neglected', 'likely', (s) =>
    when(s.unfed === 'weeks' && s.rise === 'none', 'unfed', 'rise'),
  ),
  rule('hungry', 'sure', (s) =>
    when(
      shows(s, 'liquid') && s.liquid !== undefined && s.liquid !== 'unknown',
      'surface',
      'liquid',
    ),
  ),
  rule('hungry', 'likely', (s) => when(s.smell === 'solvent', 'smell')),
  rule('hungry', 'likely', (s) => when(s.unfed === 'weeks', 'unfed')),
  rule('hungry', 'likely', (s) => when(shows(s, 'liquid'), 'surface')),
  rule('hungry', 'likely', (s) => when(s.smell === 'rot', 'smell')),
  rule('hungry', 'guess', (s) => when(shows(s, 'skin'), 'surface')),
  rule('hungry', 'guess', (s) => when(s.smell === 'sharp' && s.unfed !== 'hours', 'smell')),
  rule('tooCold', 'likely', (s) =>
    when(quiet(s) && (s.stood === 'cold' || s.stood === 'cool'), 'rise', 'stood'),
  ),
  rule('wrongProportion', 'likely', (s) =>
    when(quiet(s) && (s.texture === 'runny' || s.texture === 'thick'), 'rise', 'texture'),
  ),
  rule('waiting', 'likely', (s) => when(quiet(s) && s.unfed === 'hours', 'rise', 'unfed')),
  rule('fine', 'likely', (s) => when(s.rise === 'doubled', 'rise')),
  rule('fine', 'guess', (s) =>
    when(shows(s, 'nothing') && s.smell === 'fresh' && !quiet(s), 'surface', 'smell'),
  ),
];

/** Answers that cannot both be right. */
const CLASHES: readonly (readonly [QuestionId, QuestionId, (signs: Signs) => boolean])[] = [
  [
    'surface',
    'liquid',
    (s) => shows(s, 'nothing') && s.liquid !== undefined && s.liquid !== 'unknown',
  ],
  ['unfed', 'liquid', (s) => s.unfed === 'hours' && (s.liquid === 'dark' || s.liquid === 'grey')],
  ['heat', 'rise', (s) => s.heat === 'killed' && s.rise === 'doubled'],
  ['smell', 'cured', (s) => s.smell === 'rot' && s.cured === 'gone'],
  [
    'stood',
    'heat',
    (s) => s.stood === 'cold' && s.heat !== undefined && s.heat !== 'none' && s.heat !== 'unknown',
  ],
];

const PROGRAMME_FOR: Readonly<Partial<Record<VerdictKind, ProgrammeId>>> = {
  neglected: 'neglected',
  tooHot: 'overheated',
};

/** What the signs say. Whatever else is answered, a sign of mould or of a foreign body comes first. */
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
      also: [],
      contradictions,
      programme: null,
    };
  const agreeing = fired.filter(({ kind }) => kind === first.kind);
  const safe = first.kind === 'contaminated';
  // A look that fits badly with another leaves a verdict open, but never one that keeps somebody safe.
  const certainty: Certainty =
    contradictions.length > 0 && !safe
      ? 'guess'
      : first.certainty === 'likely' && agreeing.length > 1
        ? 'sure'
        : first.certainty;
  const also = [...new Set(others.map(({ kind }) => kind))].filter(
    (kind) => kind !== first.kind && kind !== 'fine' && kind !== 'waiting',
  );
  return {
    kind: first.kind,
    certainty,
    because: [...new Set(agreeing.flatMap(({ because }) => because))],
    also: safe ? [] : also,
    contradictions,
    programme:
      first.kind === 'hungry' && signs.unfed === 'weeks'
        ? 'halfOut'
        : (PROGRAMME_FOR[first.kind] ?? null),
  };
}

/** Whether a question makes sense after what was answered. */
function applies(question: QuestionId, signs: Signs): boolean {
  switch (question) {
    case 'liquid':
    case 'amount':
    case 'where':
      return shows(signs, 'liquid');
    case 'cured':
      return signs.smell === 'rot';
    case 'stood':
      return quiet(signs) || signs.unfed === 'weeks';
    case 'age':
      return quiet(signs) || signs.smell === 'rot';
    case 'heat':
    case 'texture':
      return quiet(signs);
    case 'surface':
    case 'smell':
    case 'rise':
    case 'unfed':
      return true;
  }
}

/** Even a sure verdict can be worse than it seems: how long it starved, and whether a feed cured the rot. */
const ASKED_WHEN_SURE: ReadonlySet<QuestionId> = new Set(['cured', 'unfed']);

/**
 * The next question worth asking: the first unanswered one that could still change the verdict. The surface always comes
 * first, for what has to be thrown out shows there; when it has to, nothing more is asked. Null when no question is left.
 */
export function nextQuestion(signs: Signs): QuestionId | null {
  if (signs.surface === undefined) return 'surface';
  const now = judge(signs);
  if (now.kind === 'contaminated') return null;
  // Liquid is told with how much there is: the advice needs it, whatever the verdict.
  for (const question of ['liquid', 'amount', 'smell'] as const)
    if (applies(question, signs) && signs[question] === undefined) return question;
  const settled = now.certainty === 'sure' && now.kind !== 'tooHot';
  return (
    QUESTIONS.find(
      (question) =>
        signs[question] === undefined &&
        applies(question, signs) &&
        (!settled || (ASKED_WHEN_SURE.has(question) && now.kind !== 'fine')) &&
        SIGNS_OF[question].some(
          (answer) => judge(withAnswer(signs, question, answer)).kind !== now.kind,
        ),
    ) ?? null
  );
}

/** What would change a verdict: another answer to a question, and the verdict it would give. */
export interface Turn {
  readonly question: QuestionId;
  readonly answer: string;
  readonly kind: VerdictKind;
}

/** Answers that would give another verdict, the first of each verdict, in the order of how much they would change. */
export function turnsOf(signs: Signs): readonly Turn[] {
  const { kind } = judge(signs);
  const seen = new Set<VerdictKind>([kind, 'cannotTell', 'waiting']);
  const turns: Turn[] = [];
  for (const question of QUESTIONS)
    for (const answer of SIGNS_OF[question]) {
      const changed = withAnswer(signs, question, answer);
      if (!applies(question, changed)) continue;
      const other = judge(changed).kind;
      if (seen.has(other)) continue;
      seen.add(other);
      turns.push({ question, answer, kind: other });
    }
  return turns.sort((a, b) => VERDICTS.indexOf(a.kind) - VERDICTS.indexOf(b.kind));
}
