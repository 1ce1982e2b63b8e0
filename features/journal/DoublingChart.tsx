import { type SeenFeed } from '@core/calibrate/feedHistory';
import { middle } from '@core/measure';
import { TimeChart } from '@kit/TimeChart';

import { ChartPanel } from '../parts/ChartPanel';
import { useKitchenWords } from '../words';
import { timesWords } from '../words/listed';
import { type Charted } from './charted';

/** Hours until a feed had doubled, over the months. */
export function DoublingChart({
  jars,
  seen,
}: {
  readonly jars: Charted;
  readonly seen: readonly (readonly SeenFeed[])[];
}) {
  const words = useKitchenWords();
  const doubled = jars.map(({ card }, i) => ({
    name: card.name,
    feeds: seen[i]!.flatMap(({ at, doubledH, celsius }) =>
      doubledH === null ? [] : [{ at, doubledH, celsius }],
    ),
  }));
  const said = doubled
    .map(({ name, feeds }) =>
      feeds.length === 0
        ? `Nobody saw ${name} double yet.`
        : `${name}: doubled ${timesWords(feeds.length)}, most often in about ${words.span(middle(feeds.map(({ doubledH }) => doubledH)))}.`,
    )
    .join(' ');
  return (
    <ChartPanel
      title="Time to double"
      said={said}
      legend={`Each mark is a feed that was seen to double, or whose looks lie on both sides of it.${jars.length > 1 ? ` Dots: ${jars[0].card.name}. Squares: ${jars[1]!.card.name}.` : ''}`}
      file="doubling"
      table={{
        columns: ['fed', 'jar', 'hours', 'mean °C'],
        rows: doubled.flatMap(({ name, feeds }) =>
          feeds.map(({ at, doubledH, celsius }) => [
            words.fieldText(at).replace('T', ' '),
            name,
            Math.round(10 * doubledH) / 10,
            Math.round(10 * celsius) / 10,
          ]),
        ),
      }}
    >
      <TimeChart
        series={doubled.map(({ name, feeds }, i) => ({
          name,
          tone: i === 0 ? 'canopy' : 'rim',
          as: i === 0 ? 'dots' : 'squares',
          points: feeds.map(({ at, doubledH }) => [at, doubledH] as const),
        }))}
        fromZero
        valueText={(hours) => `${hours} h`}
        timeText={(at) => words.chartDate(at)}
        label={`Hours until it had doubled, over the months. ${said}`}
      />
    </ChartPanel>
  );
}
