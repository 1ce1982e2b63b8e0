import { type Jar } from '@core/journal';
import { ForetoldPlot } from '@kit';
import { ofJar, useAppSelector } from '@state';

import { ChartPanel } from '../parts/ChartPanel';
import { fileName, foretoldWords, useKitchenWords } from '../words';

/** Peaks as they were foretold at the feed, and as they were seen. */
export function ForetoldChart({ jar, named }: { readonly jar: Jar; readonly named: boolean }) {
  const words = useKitchenWords();
  const lesson = useAppSelector((state) => ofJar(state.learnt, jar.id));
  const peaks = lesson?.learnt.foretold ?? [];
  const verdict = lesson ? foretoldWords(peaks, lesson.learnt.belief.width, words) : null;
  const said = verdict ?? `Of ${jar.card.name} no peak was foretold and then seen yet.`;
  const tenth = (hours: number) => Math.round(10 * hours) / 10;
  return (
    <ChartPanel
      title={named ? `Foretold and seen: ${jar.card.name}` : 'Foretold and seen'}
      said={said}
      legend="Bars: hours to the peak as forecast at the feed. Dots: as you saw it. The oldest is on the left."
      file={`foretold-${fileName(jar.card.name)}`}
      table={{
        columns: ['foretold, h', 'from', 'to', 'seen, h'],
        rows: verdict
          ? peaks.map(({ expectedH, low, high, seenH }) => [expectedH, low, high, seenH].map(tenth))
          : [],
      }}
    >
      <ForetoldPlot peaks={peaks} label={said} />
    </ChartPanel>
  );
}
