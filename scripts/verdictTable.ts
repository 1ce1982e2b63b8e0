import { type Signs, befell, judge, nextQuestion } from '@core/rescue';
import { SITUATIONS } from '@core/rescue/situations.testing';

import { usualSettings } from '../state/settings';
import { kitchenWords } from '@features/words/kitchenWords';
import { doesBeside, meansOf } from '@features/rescue/caseWords';
import { QUESTION_WORDS, saidOf } from '@features/rescue/questionWords';
import { CERTAINTY_WORDS, VERDICT_WORDS } from '@features/rescue/verdictWords';

const HEAD = `# What is said of a jar, and why

Made by \`npm run verdicts\` from the rules and words of the application. A baking teacher or a food officer is welcome to dispute any line.

`;

const words = kitchenWords(usualSettings('en-GB'), 'Europe/Lisbon', 0);

/** A table in Markdown of what is said of each situation that keepers tell of. */
export function verdictTable(): string {
  const parts = Object.entries(SITUATIONS).map(([title, situations]) => {
    const rows = situations.map(({ told, signs }) => `| ${told} | ${rowOf(signs)} |`);
    return `## ${title}\n\n| told | verdict | because | what it means and what to do |\n| --- | --- | --- | --- |\n${rows.join('\n')}\n`;
  });
  return HEAD + parts.join('\n');
}

function rowOf(signs: Signs): string {
  const verdict = judge(signs);
  const { title, means, does } = VERDICT_WORDS[verdict.kind];
  const because = verdict.because.map((q) => `${QUESTION_WORDS[q].short}: ${saidOf(q, signs)}`);
  const clash = verdict.contradictions.map(
    ([a, b]) => `${QUESTION_WORDS[a].short} and ${QUESTION_WORDS[b].short} do not go together`,
  );
  const also = verdict.also.map((kind) => VERDICT_WORDS[kind].short);
  const open = nextQuestion(signs);
  const how = verdict.bySmellAlone
    ? `${CERTAINTY_WORDS[verdict.certainty]}, by its smell alone`
    : CERTAINTY_WORDS[verdict.certainty];
  return words.inUnits(
    [
      `**${title}** (${how})${also.length > 0 ? `; besides: ${also.join(', ')}` : ''}${befell(signs, 'tightLid') ? '; the pressure first' : ''}`,
      [...because, ...clash].join('; ') || 'no answer spoke for any trouble',
      `${meansOf(verdict, signs, means)} ${[...does, ...doesBeside(verdict, signs)].join(' ')}${open ? ` Asked next: ${QUESTION_WORDS[open].short}.` : ''}`,
    ].join(' | '),
  );
}
