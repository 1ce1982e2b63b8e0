import { useMemo } from 'react';

import { type Jar, bowlsBegun, instantOf } from '@core/journal';
import { type JarYear, yearOf } from '@core/journal/yearOf';
import { type MonthUse, usesByMonth } from '@core/larder';
import { type Instant } from '@core/measure';
import { ofJar, selectEventsByJar, selectLiveEvents, selectTime, useAppSelector } from '@state';

import { type KitchenWords, bakedWords, paceWords, riseWords, useKitchenWords } from '../words';
import { kilos } from '../words/larderWords';

/** A jar's page of a year. */
export interface YearText {
  readonly jar: string;
  readonly name: string;
  readonly lines: readonly string[];
}

/** The pages of a year, one for each jar that was fed in it. */
export function useYearTexts(
  jars: readonly Jar[],
  span: { readonly from: Instant; readonly until: Instant },
): readonly YearText[] {
  const words = useKitchenWords();
  const byJar = useAppSelector(selectEventsByJar);
  const live = useAppSelector(selectLiveEvents);
  const time = useAppSelector(selectTime);
  const learnt = useAppSelector((state) => state.learnt);
  return useMemo(() => {
    const within = live.filter((e) => instantOf(e) >= span.from && instantOf(e) < span.until);
    const begun = bowlsBegun(live);
    return jars.flatMap(({ id, card }): readonly YearText[] => {
      const year = yearOf(byJar.get(id) ?? [], span, time, begun.get(id));
      if (year.feeds === 0) return [];
      const uses = usesByMonth(within, time, (jar) => jar === id);
      const lesson = ofJar(learnt, id);
      const pace = lesson ? [paceWords(lesson.learnt)] : [];
      return [{ jar: id, name: card.name, lines: [...linesOf(year, uses, words), ...pace] }];
    });
  }, [jars, span, byJar, live, time, learnt, words]);
}

function linesOf(
  { feeds, flourG, looks, usualHour, longestRestH, highest, peaks, bakes }: JarYear,
  uses: readonly MonthUse[],
  words: KitchenWords,
): readonly string[] {
  const sum = (key: keyof Omit<MonthUse, 'month'>) =>
    uses.reduce((total, month) => total + month[key], 0);
  const times = (n: number) => (n === 1 ? 'once' : `${n} times`);
  const outG = sum('bakedG') + sum('keptG') + sum('compostedG') + sum('wastedG');
  const judged = bakes.flatMap(({ outcome }) => (outcome ? [outcome] : []));
  const well = judged.filter(({ rise }) => rise === 'high').length;
  const last = judged[0];
  return [
    `Fed ${times(feeds)}, with ${kilos(flourG)} of flour${usualHour === null ? '' : `, most often about ${words.hour(usualHour)}`}${longestRestH === null ? '' : `; the longest rest was ${words.span(longestRestH)}`}.`,
    looks === 0 ? 'Nobody wrote down a look.' : `Looked at ${times(looks)}.`,
    ...(highest
      ? [`It stood highest on ${words.fullDay(highest.at)}: ${riseWords(highest.height)}.`]
      : []),
    ...(peaks
      ? [
          `${peaks.count === 1 ? 'One peak was' : `${peaks.count} peaks were`} seen, ${peaks.count === 1 ? 'after' : 'most often after'} about ${words.span(peaks.middleH)}${peaks.count > 1 ? `, the quickest after ${words.span(peaks.quickestH)}` : ''}.`,
        ]
      : []),
    ...(outG > 0
      ? [
          `Of ${kilos(outG)} that came out, ${kilos(sum('bakedG'))} went into bakes, ${kilos(sum('keptG'))} were kept as discard, ${kilos(sum('compostedG'))} composted or fed, ${kilos(sum('wastedG'))} binned.`,
        ]
      : []),
    ...(bakes.length > 0
      ? [
          `It went into ${bakes.length === 1 ? 'one bake' : `${bakes.length} bakes`}${judged.length === 0 ? '' : `; of ${judged.length === 1 ? 'the one' : `the ${judged.length}`} written about, ${well === 0 ? 'none' : well} rose well`}.${last ? ` The last: ${bakedWords(last)}.` : ''}`,
        ]
      : []),
  ];
}
