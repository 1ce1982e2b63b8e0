import { useMemo } from 'react';

import { feedsByWeek } from '@core/larder/feedsByWeek';
import { TimeChart } from '@kit/TimeChart';
import { selectLiveEvents, selectTime, useAppSelector } from '@state';

import { ChartPanel } from '../parts/ChartPanel';
import { useKitchenWords } from '../words';
import { type Charted } from './charted';

/** Feeds and flour week by week. */
export function WeeksChart({ jars }: { readonly jars: Charted }) {
  const words = useKitchenWords();
  const live = useAppSelector(selectLiveEvents);
  const time = useAppSelector(selectTime);
  const weeks = useMemo(
    () =>
      jars.map(({ id, card }) => ({
        name: card.name,
        weeks: feedsByWeek(live, time, (jar) => jar === id),
      })),
    [jars, live, time],
  );
  const said = weeks
    .map(({ name, weeks: own }) => {
      const feeds = own.reduce((sum, week) => sum + week.feeds, 0);
      const flourG = own.reduce((sum, week) => sum + week.flourG, 0);
      return own.length === 0
        ? `${name} was not fed yet.`
        : `${name}: ${feeds === 1 ? 'one feed' : `${feeds} feeds`} in ${own.length === 1 ? 'one week' : `${own.length} weeks`}, about ${words.grams(Math.round(flourG / own.length))} of flour a week.`;
    })
    .join(' ');
  return (
    <ChartPanel
      title="Flour a week"
      said={said}
      legend={`From Monday to Sunday.${jars.length > 1 ? ` Line: ${jars[0].card.name}. Dashes: ${jars[1]!.card.name}.` : ''}`}
      file="flour-by-week"
      table={{
        columns: ['week from', 'jar', 'feeds', 'flour, g'],
        rows: weeks.flatMap(({ name, weeks: own }) =>
          own.map(({ from, feeds, flourG }) => [
            words.fieldText(from).slice(0, 10),
            name,
            feeds,
            Math.round(flourG),
          ]),
        ),
      }}
    >
      <TimeChart
        series={weeks.map(({ name, weeks: own }, i) => ({
          name,
          tone: i === 0 ? 'crust' : 'rim',
          as: i === 0 ? 'line' : 'dashed',
          points: own.map(({ from, flourG }) => [from, flourG] as const),
        }))}
        fromZero
        valueText={(grams) => `${grams} g`}
        timeText={(at) => words.chartDate(at)}
        label={`Flour fed each week. ${said}`}
      />
    </ChartPanel>
  );
}
