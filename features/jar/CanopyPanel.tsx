import { StyleSheet, View } from 'react-native';

import { type Standing, hasHeights } from '@core/journal';
import { HOUR } from '@core/measure';
import { goesCold } from '@core/next';
import { Canopy, Panel, Words } from '@kit';
import { ofJar, selectBeingRead, useAppSelector } from '@state';

import {
  type KitchenWords,
  paceWords,
  guessedFeed,
  STAGE_WORDS,
  upWords,
  useKitchenWords,
} from '../words';
import { canopyOf } from './canopyOf';

/** The canopy of the present feed, and what it says in words. */
export function CanopyPanel({ standing }: { readonly standing: Standing }) {
  const words = useKitchenWords();
  const { jar } = standing;
  const lesson = useAppSelector((state) => ofJar(state.learnt, jar.id));
  const beingRead = useAppSelector(selectBeingRead).has(jar.id);
  // Instead of hours that would be others in a moment.
  if (beingRead)
    return (
      <Panel label="Forecast" style={[styles.panel, styles.beingRead]}>
        <Words strong level={2}>
          One moment
        </Words>
        <Words tone="quiet" live>
          {`Reading the log of ${jar.card.name}, to see how quick it is. Its forecast will be here in a moment.`}
        </Words>
      </Panel>
    );
  if (jar.unfedH)
    return (
      <Panel label="Forecast" style={styles.panel}>
        <Words strong level={2}>
          {guessedFeed(standing, words)}
        </Words>
        <Words size="small" tone="quiet">
          {`Joined the kitchen ${words.moment(jar.started)}. Its first feed here sets the band, and from then on its rise is foretold.`}
        </Words>
      </Panel>
    );
  const { title, between } = peakWords(standing, words);
  return (
    <Panel label="Forecast" style={styles.panel}>
      <View style={styles.wrap}>
        <Words strong level={2}>
          {title}
        </Words>
        {between !== null && (
          <Words size="small" tone="quiet">
            {between}
          </Words>
        )}
      </View>
      <Canopy
        {...canopyOf(standing, words)}
        label={`Height since ${words.moment(jar.since)}: ${[title, between].filter(Boolean).join(', ')}. Now ${STAGE_WORDS[standing.stage]}${hasHeights(jar) ? `, ${upWords(Math.round((standing.moment.height - 1) * 100))}` : ''}.`}
      />
      <Words size="small" tone="quiet">
        {`Height above the band, by the clock. Line: forecast. Pale: likely range. Yellow: ripe.${
          jar.looks.some(({ height }) => height !== undefined) ? ' Rings: what you saw.' : ''
        }`}
      </Words>
      <Words size="small" tone="quiet">
        {lesson
          ? paceWords(lesson.learnt)
          : 'The pale area is the likely range: starters differ, and so do thermometers.'}
      </Words>
      <Words size="small" tone="quiet">
        {jar.lastFed
          ? `Fed ${words.moment(jar.since)}, ${jar.lastFed.rough ? 'by eye, about ' : ''}${words.feed(jar.lastFed)}.`
          : `Joined the kitchen ${words.moment(jar.started)}. Its first feed here sets the band, and the forecast gets better from then on.`}
      </Words>
    </Panel>
  );
}

/** A top that takes longer is one in the cold, hours. */
const COLD_PEAK_H = 72;

/** "Peak about 19:30" and its width, or what stands in its place. */
function peakWords(
  { jar, outlook, hours }: Standing,
  words: KitchenWords,
): { readonly title: string; readonly between: string | null } {
  const at = (h: number) => jar.since + h * HOUR;
  const { peaksAtH, ripeFromH, emptyAtH, curve } = outlook.forecast;
  if (peaksAtH === null && emptyAtH !== null && emptyAtH <= hours)
    return { title: 'It will not rise again until it is fed', between: null };
  // Nobody waits for the little that it does in weeks in the cold.
  if (ripeFromH === null && (peaksAtH ?? Infinity) > COLD_PEAK_H && goesCold(outlook.forecast))
    return {
      title: 'In the cold it hardly rises',
      between:
        emptyAtH === null
          ? 'it has food for weeks'
          : emptyAtH < hours
            ? `out of food since about ${words.day(at(emptyAtH))}`
            : `food until about ${words.day(at(emptyAtH))}`,
    };
  if (peaksAtH === null)
    return {
      title: `Not at its peak by ${words.hourOrDay(at(curve.at(-1)!.hours))}`,
      between: null,
    };
  const title = `${hours > peaksAtH ? 'Peaked' : 'Peak'} ${words.about(at(peaksAtH))}`;
  if (ripeFromH === null) return { title, between: 'too low to call ripe' };
  const width = outlook.peaksAtH;
  return {
    title,
    between: width ? words.between(at(width.low), at(width.high)) : null,
  };
}

const styles = StyleSheet.create({
  panel: { paddingHorizontal: 12, gap: 6 },
  // As high as what comes, so that nothing below it jumps.
  beingRead: { minHeight: 330 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 8, alignItems: 'baseline' },
});
