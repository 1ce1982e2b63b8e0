import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { DAY, HOUR, type Instant, type KitchenTime, instantAt } from '@core/measure';
import { wishBake } from '@core/verbs';
import { parseNumber } from '@kit';
import {
  byField,
  done,
  selectJars,
  selectNow,
  selectTime,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { WEEKDAYS, againWords, unnamedBake, useKitchenWords } from '../words';

/** What is asked of a bake, as it was typed and chosen. */
export interface WishFields {
  /** Discard or what can be spared will do: nothing must be ripe. */
  readonly anything: boolean;
  readonly at: string;
  /** Hours that it may be early or late. */
  readonly width: number;
  /** It comes again after so many weeks; `ONCE` when it does not. */
  readonly weeks: number;
  readonly jar: string;
  readonly by: 'mass' | 'loaves';
  readonly grams: string;
  /** `share` is the part of the dough's flour that the levain brings, percent. */
  readonly loaves: { readonly count: string; readonly flourG: string; readonly share: string };
  readonly name: string;
}

export const ONCE = 0;

/** A bake while it is being asked for: its fields, the levain they come to, and what is wrong with them. */
export function useWish() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const time = useAppSelector(selectTime);
  const [wish, setWish] = useState<WishFields>(() => ({
    anything: false,
    at: words.fieldText(nineInTheMorning(now, time)),
    width: 1,
    weeks: ONCE,
    jar: jars[0]!.id,
    by: 'mass',
    grams: '150',
    loaves: { count: '2', flourG: '500', share: '15' },
    name: '',
  }));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  const { ratio } = (jars.find(({ id }) => id === wish.jar) ?? jars[0]!).card;
  const levainG = Math.round(
    wish.by === 'mass'
      ? gramsFromText(wish.grams, 'starter')
      : parseNumber(wish.loaves.count) *
          gramsFromText(wish.loaves.flourG, 'white') *
          (parseNumber(wish.loaves.share) / 100) *
          (1 + ratio.water / ratio.flour),
  );

  /** Writes it down; whether it could be. */
  const add = (): boolean => {
    const { jar, by, width: widthH, anything } = wish;
    const at = words.instantOf(wish.at);
    const weeks = wish.weeks === ONCE ? null : wish.weeks;
    const name =
      wish.name.trim() || (weeks === null ? unnamedBake(at, words) : `${weekdayOf(at, time)} bake`);
    const id = nanoid();
    const objections = dispatch(
      done(
        (clock) => wishBake({ id, name, jar, levainG, at, widthH, weeks, anything }, clock),
        () =>
          `${name} is wanted ${words.moment(at)}${weeks === null ? '' : `, and ${againWords(weeks)}`}`,
      ),
    );
    const { levainG: ofLevain, ...others } = byField(objections);
    // The levain is asked for in one of two ways.
    setProblems({ ...others, ...(ofLevain ? { [by]: ofLevain } : {}) });
    return objections.length === 0;
  };

  return {
    wish,
    change: (to: Partial<WishFields>) => setWish((before) => ({ ...before, ...to })),
    jars,
    levainG,
    problems,
    add,
  };
}

/** What comes back is called after its day of the week. */
const weekdayOf = (at: Instant, time: KitchenTime): string =>
  WEEKDAYS[(new Date(at + time.offset(at)).getUTCDay() + 6) % 7] ?? 'Weekly';

/** Nine in the kitchen's morning, with a day and a half and more to build a levain. */
function nineInTheMorning(now: Instant, time: KitchenTime): Instant {
  const local = now + 1.5 * DAY + time.offset(now);
  return instantAt(Math.ceil(local / DAY) * DAY + 9 * HOUR, time);
}
