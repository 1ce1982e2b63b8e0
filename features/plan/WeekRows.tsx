import { useMemo } from 'react';

import { StyleSheet } from 'react-native';
import { type Bake } from '@core/journal';
import { HOUR, highest, midnights } from '@core/measure';
import { type Plan, gapsIn, handsFrom } from '@core/plan';
import { Panel, WeekCanopy, Words } from '@kit';
import {
  bakeMoved,
  selectBakes,
  selectHands,
  selectNow,
  selectTime,
  selectTrips,
  useAppDispatch,
  useAppSelector,
  weekPattern,
} from '@state';

import { STAGE_WORDS, useKitchenWords } from '../words';
import { useJarName } from '../words/useJarName';

/** The week as rows of canopies, one for each jar. */
export function WeekRows({ plan }: { readonly plan: Plan }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const nameOf = useJarName();
  const now = useAppSelector(selectNow);
  const time = useAppSelector(selectTime);
  const hands = useAppSelector(selectHands);
  const trips = useAppSelector(selectTrips);
  const bakes = useAppSelector(selectBakes);
  const until = highest([
    now,
    ...plan.curves.map(({ heights }) => heights[heights.length - 1]?.[0] ?? now),
  ]);
  const away = useMemo(
    () => gapsIn(handsFrom(weekPattern(hands), trips, now, until, time), now, until),
    [hands, trips, now, until, time],
  );
  const move = (bake: Bake, asked: number) => {
    // No bake before now.
    const by = Math.max(asked, now + HOUR - bake.from);
    dispatch(
      bakeMoved(
        bake.id,
        by,
        `${bake.name} is wanted ${words.moment(bake.from + by)} to ${words.time(bake.until + by)}`,
      ),
    );
  };
  const [today, ...others] = midnights(now, until - 6 * HOUR, time);
  const days = [
    { at: today!, text: 'today' },
    ...others.map((at) => ({ at, text: words.weekday(at) })),
  ];
  return (
    <Panel label="The week" style={styles.panel}>
      {plan.curves.map((curve) => {
        const bake = bakes.find(({ id }) => id === curve.bowl);
        const name =
          curve.bowl === undefined ? nameOf(curve.jar) : `${bake?.name ?? 'Levain'}, in its bowl`;
        const steps = plan.steps.filter(
          ({ jar, bowl, wanted }) =>
            jar === curve.jar && (curve.bowl === undefined ? !bowl : bowl && wanted === curve.bowl),
        );
        const inBowls = new Set(plan.curves.map(({ bowl }) => bowl));
        return (
          <WeekCanopyRow key={`${curve.jar} ${curve.bowl ?? ''}`} name={name}>
            <WeekCanopy
              from={today!}
              now={now}
              until={until}
              heights={curve.heights}
              ripe={curve.ripe}
              away={away}
              wanted={bakes
                .filter(
                  ({ id, jar, until: end }) =>
                    jar === curve.jar &&
                    end > now &&
                    (curve.bowl === undefined ? !inBowls.has(id) : id === curve.bowl),
                )
                .map((wanted) => ({
                  ...wanted,
                  text: (by) =>
                    `${words.moment(wanted.from + by)} to ${words.time(wanted.until + by)}`,
                  onMove: (by) => move(wanted, by),
                }))}
              steps={steps.map(({ at, kind }) => ({
                at,
                main: kind === 'build' || kind === 'topUp' || kind === 'take',
              }))}
              days={days}
              label={`${name}: ${curve.ripe.map(([a, b]) => `${STAGE_WORDS.ripe} ${words.moment(a)} to ${words.time(b)}`).join(', ') || 'not ripe this week'}`}
            />
          </WeekCanopyRow>
        );
      })}
      <Words size="small" tone="quiet">
        Yellow: ripe. Grey: asleep or out. Green frame: levain wanted; drag its grip to move it.
        Marks: steps; the full ones are builds and bakes.
      </Words>
    </Panel>
  );
}

function WeekCanopyRow({
  name,
  children,
}: {
  readonly name: string;
  readonly children: React.ReactNode;
}) {
  return (
    <>
      <Words size="small" strong>
        {name}
      </Words>
      {children}
    </>
  );
}

const styles = StyleSheet.create({
  panel: { paddingHorizontal: 12, gap: 6 },
});
