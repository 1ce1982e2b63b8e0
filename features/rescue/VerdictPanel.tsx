import { StyleSheet, View } from 'react-native';

import { type Standing } from '@core/journal';
import { isGlutenFree } from '@core/measure';
import { type Signs, type Verdict, shows, turnsOf } from '@core/rescue';
import { Panel, UmbrellaMark, Words } from '@kit';

import { HoochPanel } from './HoochPanel';
import { useKitchenWords } from '../words';
import { doesBeside, meansOf } from './caseWords';
import { QUESTION_WORDS, answerWords, saidOf } from './questionWords';
import { CERTAINTY_WORDS, VERDICT_WORDS, alsoWords } from './verdictWords';
import { VerdictActions } from './VerdictActions';

/** Turns shown: the verdicts that one other answer would bring. */
const SHOWN_TURNS = 4;

/** What is the matter, how sure that is and why, what to do, and what would change it. */
export function VerdictPanel({
  verdict,
  signs,
  standing,
}: {
  readonly verdict: Verdict;
  readonly signs: Signs;
  readonly standing: Standing | null;
}) {
  const words = useKitchenWords();
  const said = VERDICT_WORDS[verdict.kind];
  const out = verdict.kind === 'contaminated';
  const bin = out || verdict.kind === 'killed';
  const liquid =
    shows(signs, 'liquid') &&
    signs.liquid !== undefined &&
    signs.liquid !== 'unknown' &&
    signs.liquid !== 'coloured';
  return (
    <>
      <Panel label="Verdict" tone={bin ? 'beet' : 'rim'}>
        <View style={styles.row}>
          <UmbrellaMark umbrella={said.umbrella} size={52} />
          <View style={styles.part}>
            <Words size="heading" level={2} tone={bin ? 'beet' : 'ink'}>
              {said.title}
            </Words>
            <Words size="small" tone="quiet">
              {sureness(verdict)}
            </Words>
          </View>
        </View>
        <Words>{words.inUnits(meansOf(verdict, signs, said.means))}</Words>
        {[...said.does, ...doesBeside(verdict, signs)].map((step, i) => (
          <View key={step} style={styles.row10}>
            <Words size="title" tone="rim" style={styles.column}>
              {i + 1}
            </Words>
            <Words style={styles.fill}>{words.inUnits(step)}</Words>
          </View>
        ))}
        {out && verdict.because.includes('surface') && (
          <Words size="small" tone="quiet">
            Some bakers cut a clean core out of a mouldy stiff dough. It is an old practice, and it
            is not offered here: threads and poisons reach further than you can see.
          </Words>
        )}
        {verdict.also.length > 0 && <Words>{alsoWords(verdict.also)}</Words>}
        <VerdictActions verdict={verdict} signs={signs} standing={standing} />
      </Panel>
      {liquid && !bin && standing && <HoochPanel standing={standing} signs={signs} />}
      <Why verdict={verdict} signs={signs} />
      <Words size="small" tone="quiet">
        {bin
          ? 'If you have a weak immune system, or cook for somebody who has, ask a clinician when in doubt. If you sell from home, follow the local food code.'
          : `Do not taste raw starter. Cover a feeding jar loosely: gas under a tight lid breaks glass.${standing && isGlutenFree(standing.jar.card.flour) ? '' : ' It contains gluten, and travels on hands and spoons.'}`}
      </Words>
    </>
  );
}

/** How sure a verdict is, in a few words; what rests on a smell says so. */
function sureness({ kind, certainty, because, bySmellAlone }: Verdict): string {
  if (bySmellAlone) return `${CERTAINTY_WORDS[certainty]}, by its smell alone`;
  if (kind === 'contaminated' && certainty === 'guess')
    return because.includes('surface')
      ? 'perhaps harmless, but you cannot tell by eye: better safe'
      : 'better safe, as you cannot tell';
  return CERTAINTY_WORDS[certainty];
}

/** The readings a verdict rests on, answers that clash, and the answers that would bring another verdict. */
function Why({ verdict, signs }: { readonly verdict: Verdict; readonly signs: Signs }) {
  const words = useKitchenWords();
  const turns = turnsOf(signs).slice(0, SHOWN_TURNS);
  return (
    <Panel label="Why">
      <Words strong level={3}>
        Why
      </Words>
      <Words>
        {verdict.because.length === 0
          ? 'None of your answers points to any trouble.'
          : words.inUnits(
              `${verdict.because
                .map((question) => `${QUESTION_WORDS[question].short}: ${saidOf(question, signs)}`)
                .join('; ')}.`,
            )}
      </Words>
      {verdict.contradictions.map(([a, b]) => (
        <Words key={`${a} ${b}`} tone="crust">
          {words.inUnits(
            `${QUESTION_WORDS[a].short} (${saidOf(a, signs)}) and ${QUESTION_WORDS[b].short} (${saidOf(b, signs)}) do not fit together. Look again; until then this is a guess.`,
          )}
        </Words>
      ))}
      {turns.length > 0 && (
        <>
          <Words strong level={3}>
            What would change it
          </Words>
          {turns.map(({ question, answer, kind }) => (
            <Words key={kind}>
              {words.inUnits(
                `${QUESTION_WORDS[question].short}: ${answerWords(question, answer)}. Then: ${VERDICT_WORDS[kind].short}.`,
              )}
            </Words>
          ))}
        </>
      )}
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 14, alignItems: 'center' },
  part: { flex: 1, gap: 2 },
  row10: { flexDirection: 'row', gap: 10 },
  column: { minWidth: 18 },
  fill: { flex: 1 },
});
