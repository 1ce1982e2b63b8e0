import { type SeenFeed, paceChanges } from '@core/calibrate/feedHistory';
import { middle } from '@core/measure';
import { TimeChart } from '@kit/TimeChart';

import { ChartPanel } from '../parts/ChartPanel';
import { useKitchenWords } from '../words';
import { type Charted } from './charted';

const quicker = (factor: number) =>
  `${Math.round(100 * Math.abs(factor - 1))} % ${factor >= 1 ? 'quicker' : 'slower'}`;
/** So near to the usual nobody sees a difference. */
const AS_QUICK = 0.04;
/** Single feeds have their moods: the middle of so many is drawn through them. */
const AROUND = 7;

/** How quick each feed was against a usual starter fed and kept alike, with the days on which that changed. */
export function PaceChart({
  jars,
  seen,
}: {
  readonly jars: Charted;
  readonly seen: readonly (readonly SeenFeed[])[];
}) {
  const words = useKitchenWords();
  const paces = jars.map(({ card }, i) => ({
    name: card.name,
    feeds: seen[i]!.flatMap(({ at, pace }) => (pace === null ? [] : [{ at, pace }])),
    changes: paceChanges(seen[i]!),
  }));
  const said = paces
    .map(({ name, feeds, changes }) => {
      if (feeds.length === 0) return `Of ${name} too little was seen.`;
      const usual = middle(feeds.map(({ pace }) => pace));
      const last = changes.at(-1);
      return `The feeds of ${name} rose ${Math.abs(usual - 1) < AS_QUICK ? 'as quickly as' : `about ${quicker(usual)} than`} those of a usual starter${last ? `; since ${words.date(last.at)} ${quicker(last.factor)} than before` : ''}.`;
    })
    .join(' ');
  return (
    <ChartPanel
      title="Pace"
      said={said}
      legend={`1 is a usual starter fed and kept alike, 2 is twice as quick. Marks: single feeds. Line: the middle of those around.${jars.length > 1 ? ` Dots and line: ${jars[0].card.name}. Squares and dashes: ${jars[1]!.card.name}.` : ''}`}
      file="pace"
      table={{
        columns: ['fed', 'jar', 'pace'],
        rows: paces.flatMap(({ name, feeds }) =>
          feeds.map(({ at, pace }) => [
            words.fieldText(at).replace('T', ' '),
            name,
            Math.round(100 * pace) / 100,
          ]),
        ),
      }}
    >
      <TimeChart
        series={paces.flatMap(({ name, feeds }, i) => [
          {
            name,
            tone: i === 0 ? ('canopy' as const) : ('rim' as const),
            as: i === 0 ? ('dots' as const) : ('squares' as const),
            points: feeds.map(({ at, pace }) => [at, pace] as const),
          },
          {
            name: `${name}, the middle`,
            tone: i === 0 ? ('crust' as const) : ('rim' as const),
            as: i === 0 ? ('line' as const) : ('dashed' as const),
            points: feeds.map(
              ({ at }, n) =>
                [
                  at,
                  middle(
                    feeds.slice(Math.max(0, n - AROUND), n + AROUND + 1).map(({ pace }) => pace),
                  ),
                ] as const,
            ),
          },
        ])}
        marks={paces.flatMap(({ changes }) =>
          changes.map(({ at, factor }) => ({ at, text: quicker(factor) })),
        )}
        valueText={(pace) => String(Math.round(100 * pace) / 100)}
        timeText={(at) => words.chartDate(at)}
        label={`Pace of each feed, over the months. ${said}`}
      />
    </ChartPanel>
  );
}
