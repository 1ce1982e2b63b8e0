import { useMemo } from 'react';

import { usualPeaks } from '@core/bench';
import { type Jar, seenPeaks } from '@core/journal';
import { feedFlour } from '@core/larder';
import { highest, lowest } from '@core/measure';
import { PeakChart } from '@kit/PeakChart';
import { selectJarEvents, selectTubs, useAppSelector, useContextOf } from '@state';

import { ChartPanel } from '../parts/ChartPanel';
import { fileName, useKitchenWords } from '../words';

/** Fewer dots are no cloud. */
const ENOUGH = 3;
/** Warmth on both sides of what was seen, and at least, °C. */
const AROUND = 2;
const AT_LEAST = 6;

/** How warmth changes a starter's hours: the peaks that were seen, and the line its pace gives for its usual feed. */
export function PeaksPanel({
  jar,
  named = false,
}: {
  readonly jar: Jar;
  /** Another jar's stands beside it. */
  readonly named?: boolean;
}) {
  const words = useKitchenWords();
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  const context = useContextOf(jar.id);
  const tubs = useAppSelector(selectTubs);
  const flour = useMemo(() => feedFlour(jar, tubs).flour, [jar, tubs]);
  const peaks = useMemo(() => seenPeaks(events, context), [events, context]);
  const expected = useMemo(() => {
    const warmths = peaks.map(({ celsius }) => celsius);
    const middle = (lowest(warmths) + highest(warmths)) / 2;
    const half = Math.max(AT_LEAST, highest(warmths) - lowest(warmths) + 2 * AROUND) / 2;
    return peaks.length < ENOUGH
      ? []
      : usualPeaks(
          jar.card,
          flour,
          context.pace,
          Math.floor(middle - half),
          Math.ceil(middle + half),
        );
  }, [peaks, jar.card, flour, context.pace]);
  const title = named ? `Peaks and warmth: ${jar.card.name}` : 'Peaks and warmth';
  if (peaks.length < ENOUGH || expected.length < 2)
    return (
      <ChartPanel title={title} said={TOO_FEW(jar.card.name)} file="peaks" table={NO_ROWS}>
        {null}
      </ChartPanel>
    );
  const quickest = peaks.reduce((a, b) => (b.hours < a.hours ? b : a));
  const slowest = peaks.reduce((a, b) => (b.hours > a.hours ? b : a));
  const [warm, cool] = [quickest, slowest].map(({ celsius }) => words.celsius(celsius));
  const said =
    warm === cool
      ? `${peaks.length} peaks seen, after ${words.span(quickest.hours)} to ${words.span(slowest.hours)}, the quickest and the slowest both at ${warm}.`
      : `${peaks.length} peaks seen, from ${words.span(quickest.hours)} at ${warm} to ${words.span(slowest.hours)} at ${cool}.`;
  return (
    <ChartPanel
      title={title}
      said={said}
      legend="Dots: the peaks you logged, against the average temperature until then. Dashed: its usual feed, by what has been learnt of its pace."
      file={`peaks-${fileName(jar.card.name)}`}
      table={{
        columns: ['fed', 'hours to the peak', 'mean °C'],
        rows: peaks.map(({ fedAt, hours, celsius }) => [
          words.fieldText(fedAt).replace('T', ' '),
          Math.round(10 * hours) / 10,
          Math.round(10 * celsius) / 10,
        ]),
      }}
    >
      <PeakChart
        dots={peaks.map(({ celsius, hours }) => [celsius, hours])}
        expected={expected}
        warmthText={(celsius) => words.celsius(celsius)}
        label={`Hours from feed to peak, against the average temperature. ${said}`}
      />
    </ChartPanel>
  );
}

const NO_ROWS = { columns: [], rows: [] };
const TOO_FEW = (name: string) =>
  `Log it when ${name} is at its peak (a look, More, at its peak). From three peaks on you see here how warmth changes the time it takes.`;
