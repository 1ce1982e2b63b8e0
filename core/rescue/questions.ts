import { judge } from './judge';
import { VERDICTS, type VerdictKind, quiet } from './rules';
import {
  QUESTIONS,
  type QuestionId,
  SIGNS_OF,
  type Signs,
  befell,
  shows,
  withAnswer,
} from './signs';

/** Whether a question makes sense after what was answered. */
function applies(question: QuestionId, signs: Signs): boolean {
  switch (question) {
    case 'secondLook':
      return signs.surface === 'unknown';
    case 'darkFlour':
      return shows(signs, 'tinge');
    case 'glass':
      return befell(signs, 'froze');
    case 'liquid':
    case 'amount':
    case 'where':
      return shows(signs, 'liquid');
    case 'heatFor':
      return signs.heat === 'stalled' || signs.heat === 'killed';
    case 'cured':
      return signs.smell === 'rot';
    case 'stood':
      return quiet(signs) || signs.unfed === 'weeks';
    case 'texture':
      return quiet(signs) || signs.where === 'middle' || signs.where === 'below';
    case 'happened':
    case 'surface':
    case 'age':
    case 'heat':
    case 'smell':
    case 'rise':
    case 'unfed':
      return true;
  }
}

/** Nobody is asked how hot it got where nothing hot happened to it: who was asked what happened has said so. */
const asked = (question: QuestionId, signs: Signs): boolean =>
  applies(question, signs) &&
  (question !== 'heat' ||
    befell(signs, 'hot') ||
    befell(signs, 'hotWater') ||
    signs.happened === 'unknown');

/**
 * The next question worth asking: the first unanswered one that could still change the verdict. What happened comes first,
 * then the surface, for what has to be thrown out shows there; when it has to, nothing more is asked. Null when no question
 * is left.
 *
 * @example nextQuestion({ happened: ['nothing'] }) // = 'surface'
 * @example nextQuestion({ happened: ['nothing'], surface: ['fuzz'] }) // = null
 */
export function nextQuestion(signs: Signs): QuestionId | null {
  if (signs.happened === undefined) return 'happened';
  const now = judge(signs);
  if (now.kind === 'contaminated') return null;
  if (signs.surface === undefined) return 'surface';
  // Liquid is told with how much there is: the advice needs it, whatever the verdict.
  for (const question of ['secondLook', 'liquid', 'amount', 'where', 'smell'] as const)
    if (applies(question, signs) && signs[question] === undefined) return question;
  return (
    QUESTIONS.find(
      (question) =>
        signs[question] === undefined && asked(question, signs) && couldChange(signs, question),
    ) ?? null
  );
}

function couldChange(signs: Signs, question: QuestionId): boolean {
  const { kind } = judge(signs);
  return SIGNS_OF[question].some(
    (answer) => judge(withAnswer(signs, question, answer)).kind !== kind,
  );
}

/** What would change a verdict: another answer to a question, and the verdict it would give. */
export interface Turn {
  readonly question: QuestionId;
  readonly answer: string;
  readonly kind: VerdictKind;
}

/**
 * Answers that would give another verdict, the first of each verdict, in the order of how much they would change.
 *
 * @example turnsOf({ surface: 'clean' }).length > 0 // = true
 */
export function turnsOf(signs: Signs): readonly Turn[] {
  const { kind } = judge(signs);
  const seen = new Set<VerdictKind>([kind, 'cannotTell', 'waiting']);
  const turns: Turn[] = [];
  // What may yet be seen is worth more to somebody than what may have happened.
  for (const question of [...QUESTIONS.slice(1), QUESTIONS[0]!])
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
