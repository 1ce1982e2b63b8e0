import { QUESTIONS, SIGNS_OF, type Signs, isSeveral } from '@core/rescue';

/** What was told of each jar's trouble so far, by jar; a jar without a journal is `''`. It survives being left half way. */
export type Troubles = Readonly<Record<string, Signs>>;

/** Troubles from anything that was stored: answers that are known are kept, others asked again. */
export function troublesFrom(raw: unknown): Troubles {
  if (typeof raw !== 'object' || raw === null) return {};
  return Object.fromEntries(
    Object.entries(raw).map(([jar, signs]) => [jar, knownAnswers(signs as object | null)]),
  );
}

function knownAnswers(raw: object | null): Signs {
  const entries = Object.entries(raw ?? {}).filter(([question, answer]) => {
    const options: readonly unknown[] = SIGNS_OF[question as keyof typeof SIGNS_OF] ?? [];
    if (!QUESTIONS.includes(question as keyof typeof SIGNS_OF)) return false;
    if (answer === 'unknown') return true;
    return isSeveral(question as keyof typeof SIGNS_OF)
      ? Array.isArray(answer) && answer.length > 0 && answer.every((one) => options.includes(one))
      : options.includes(answer);
  });
  return Object.fromEntries(entries);
}
