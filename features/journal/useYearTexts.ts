import { useMemo } from 'react';

import { type Jar, bowlsBegun, instantOf } from '@core/journal';
import { type JarYear, yearOf } from '@core/journal/yearOf';
import { type MonthUse, usesByMonth } from '@core/larder';
import { type Instant } from '@core/measure';
import { ofJar, selectEventsByJar, selectLiveEvents, selectTime, useAppSelector } from '@state';

import { type KitchenWords, bakedWords, paceWords, riseWords, useKitchenWords } from '../words';
import { cameOutWords, kilos } from '../words/larderWords';
import { timesWords } from '../words/listed';

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
  const often = feeds > 1;
  const cameOut = cameOutWords(uses);
  const last = bakes.find(({ outcome }) => outcome)?.outcome;
  const middle = peaks && words.span(peaks.middleH);
  const quickest = peaks && words.span(peaks.quickestH);
  return [
    `Fed ${timesWords(feeds)}, with ${kilos(flourG)} of flour${!often || usualHour === null ? '' : `, most often about ${words.hour(usualHour)}`}${!often || longestRestH === null ? '' : `; the longest rest was ${words.span(longestRestH)}`}.`,
    looks === 0 ? 'Nobody wrote down a look.' : `Looked at ${timesWords(looks)}.`,
    ...(highest
      ? [`It stood highest on ${words.fullDay(highest.at)}: ${riseWords(highest.height)}.`]
      : []),
    ...(peaks
      ? [
          `${peaks.count === 1 ? 'One peak was' : `${peaks.count} peaks were`} seen, ${peaks.count === 1 ? 'after' : 'most often after'} about ${middle}${peaks.count > 1 && quickest !== middle ? `, the quickest after ${quickest}` : ''}.`,
        ]
      : []),
    ...(cameOut ? [cameOut] : []),
    ...(bakes.length > 0
      ? [
          `It went into ${bakes.length === 1 ? 'one bake' : `${bakes.length} bakes`}${roseWords(bakes)}.${last ? ` The last: ${bakedWords(last)}.` : ''}`,
        ]
      : []),
  ];
}

/** "; of the 4 whose rise was written down, 3 rose well": nobody's silence counts for or against a bake. */
function roseWords(bakes: JarYear['bakes']): string {
  const rises = bakes.flatMap(({ outcome }) => (outcome?.rise ? [outcome.rise] : []));
  const well = rises.filter((rise) => rise === 'high').length;
  if (rises.length === 0) return '';
  if (rises.length === 1 && bakes.length === 1) return well ? ', which rose well' : '';
  return `; of the ${rises.length === 1 ? 'one' : rises.length} whose rise was written down, ${well === 0 ? 'none' : well} rose well`;
}
