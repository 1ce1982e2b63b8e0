import { useMemo } from 'react';

import { StyleSheet } from 'react-native';
import { standsIn } from '@core/journal';
import { DAY, HOUR, doubledHeight, midnights } from '@core/measure';
import { gapsIn } from '@core/plan';
import { PROGRAMME, heightsSince, programmeSteps } from '@core/rescue';
import { Panel, WeekCanopy, Words } from '@kit';
import {
  type JarRun,
  selectHandsAhead,
  selectJarEvents,
  selectNow,
  selectTime,
  useAppSelector,
  useContextOf,
} from '@state';

import { CalendarButton } from '../parts/CalendarButton';
import { fullRiseWords, useKitchenWords } from '../words';
import { foretoldText } from './foretoldText';
import { useBestPlace, useForetold, useProgrammeFlours } from './useForetold';

/** Drawn at least and at most, so that a canopy has a width. */
const SHORTEST = 3 * DAY;
const LONGEST = 9 * DAY;

/** The days of a programme as canopies: as they were, and as the model expects them, dormant cells waking. */
export function RecoveryPanel({ run: { jar, begun, run } }: { readonly run: JarRun }) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const time = useAppSelector(selectTime);
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  const context = useContextOf(jar.id);
  const hands = useAppSelector(selectHandsAhead);
  const foretold = useForetold(jar, run.verdict === 'going' ? begun.programme : null, begun.at);
  const best = useBestPlace(jar, begun.programme);
  const { usual } = useProgrammeFlours(jar, begun.programme, begun.at);
  const past = useMemo(
    () => heightsSince(run.begunAt, events, context, now),
    [run.begunAt, events, context, now],
  );
  const end = foretold?.at ?? now;
  const from = Math.max(run.begunAt - 3 * HOUR, Math.min(now - DAY, end - LONGEST));
  const until = Math.min(from + LONGEST, Math.max(from + SHORTEST, end + DAY / 4));
  // What stands in the jar now is followed to its next feed, then what is foretold of the others.
  const ahead = foretold?.feeds.flatMap(({ heights }) => heights) ?? [];
  const present = foretold?.present.filter(([at]) => at > now) ?? [];
  const heights = [...past, ...present, ...ahead].filter(([at]) => at >= from && at <= until);
  const seen = events.flatMap((event) => {
    const at = Date.parse(event.at);
    return event.kind === 'looked' && event.height !== undefined && at >= from
      ? [[at, event.height] as const]
      : [];
  });
  const days = midnights(from, until - 6 * HOUR, time)
    .filter((at) => at >= from)
    .map((at) => ({ at, text: words.chartDate(at).replace(/ \w+$/, '') }));
  const said = foretold
    ? foretoldText(
        foretold,
        PROGRAMME[begun.programme],
        run.feeds.length,
        now,
        best?.elsewhere ? best.place.name : null,
        words,
      )
    : `Begun ${words.moment(run.begunAt)}.`;
  return (
    <Panel label="The days" style={styles.panel}>
      <Words strong level={2}>
        {said}
      </Words>
      <WeekCanopy
        from={from}
        until={until}
        heights={
          heights.length > 1
            ? heights
            : [
                [from, 1],
                [until, 1],
              ]
        }
        ripe={grownSpans(heights, doubledHeight(usual))}
        away={gapsIn(hands, Math.max(from, hands[0]?.from ?? until), until)}
        seen={seen}
        now={now}
        wanted={[]}
        steps={[
          ...run.feeds.filter(({ at }) => at >= from).map(({ at }) => ({ at, main: true })),
          ...(foretold?.feeds ?? []).map(({ at }) => ({ at, main: false })),
        ].filter(({ at }) => at <= until)}
        days={days}
        label={`${jar.card.name}, ${run.feeds.length} feeds given, ${foretold?.feeds.length ?? 0} more expected. ${said}`}
      />
      <Words size="small" tone="quiet">
        {`Yellow: ${fullRiseWords(usual)}. Marks: feeds, full when given. Dots: heights seen. Dashed: now. Grey: asleep or out.`}
      </Words>
      {foretold && foretold.feeds.length > 0 && (
        <CalendarButton
          steps={programmeSteps(jar, foretold, best?.place.id ?? standsIn(jar))}
          calendar={jar.id}
          name={`ombrello-${jar.id}`}
        >
          Feeds to my calendar
        </CalendarButton>
      )}
    </Panel>
  );
}

/** Stretches in which it stands as high as it should. */
function grownSpans(
  heights: readonly (readonly [number, number])[],
  enough: number,
): readonly (readonly [number, number])[] {
  const spans: (readonly [number, number])[] = [];
  let since: number | null = null;
  let last = 0;
  for (const [at, height] of heights) {
    if (height >= enough && since === null) since = at;
    if (height < enough && since !== null) {
      spans.push([since, last]);
      since = null;
    }
    last = at;
  }
  return since === null ? spans : [...spans, [since, last]];
}

const styles = StyleSheet.create({
  panel: { paddingHorizontal: 12, gap: 8 },
});
