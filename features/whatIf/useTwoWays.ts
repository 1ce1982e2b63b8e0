import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';

import { middlePace } from '@core/ferment';
import {
  type Setup,
  USUAL_SETUP,
  courseDifference,
  followSetup,
  setupFrom,
  setupText,
} from '@core/whatIf';
import { pageUrl } from '@kit';
import { selectBelief, selectJars, selectPlaces, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { differenceWords } from './courseWords';
import { setupOf } from './setupOf';

export const DAYS_OFFERED = [2, 4, 7, 14, 28] as const;
/** From nothing: the usual starter of nobody. */
export const NOBODY = '';
/** The address follows what is slid once the hand rests, ms. */
const REST = 500;

/** What the address says, as it stands there. */
export interface AskedWays {
  readonly jar?: string | undefined;
  /** The two set-ups as texts. */
  readonly a?: string | undefined;
  readonly b?: string | undefined;
  readonly days?: string | undefined;
}

/** The other way differs in one thing at first, so that there is something to see. */
const otherOf = (setup: Setup): Setup => ({ ...setup, parts: setup.parts < 4 ? 5 : 2 });

/** Days in which a way of keeping shows what it comes to: two feeds at least, and four days. */
const daysFor = ({ everyH }: Setup): number =>
  DAYS_OFFERED.find((days) => days >= 4 && 24 * days >= 2 * everyH) ?? 28;

/** The set-ups and days of an address; what cannot be read is left out, and told. */
function readAsked({ a, b, days }: AskedWays) {
  const [one, other] = [a, b].map((text) => (text ? setupFrom(text) : null));
  const wanted = Number(days);
  return {
    a: one ?? null,
    b: other ?? null,
    days: DAYS_OFFERED.find((offered) => offered === wanted) ?? null,
    unread: (!!a && !one) || (!!b && !other),
  };
}

/** Two ways of keeping a starter, their courses over some days, and the address that tells of them. */
export function useTwoWays(asked: AskedWays) {
  const words = useKitchenWords();
  const router = useRouter();
  const jars = useAppSelector(selectJars);
  const places = useAppSelector(selectPlaces);
  const [whose, setWhose] = useState(asked.jar ?? NOBODY);
  const jar = jars.find(({ id }) => id === whose);
  const belief = useAppSelector((state) => selectBelief(state, whose));
  const begun = useMemo(
    () => (jar ? setupOf(jar, places, middlePace(belief)) : USUAL_SETUP),
    [jar, places, belief],
  );
  const [{ unread, ...first }] = useState(() => readAsked(asked));
  // Until something is changed both ways follow the jar: its pace may still be read.
  const [changed, setPair] = useState<readonly [Setup, Setup] | null>(
    first.a || first.b ? [first.a ?? begun, first.b ?? otherOf(first.a ?? begun)] : null,
  );
  const pair = useMemo(() => changed ?? ([begun, otherOf(begun)] as const), [changed, begun]);
  const [chosenDays, setDays] = useState<number | null>(first.days);
  const days = chosenDays ?? daysFor(pair[0]);

  const [a, b] = pair.map(setupText) as [string, string];
  const untouched = changed === null && chosenDays === null;
  useEffect(() => {
    if (untouched) return;
    const timer = setTimeout(() => router.setParams({ a, b, days: String(days) }), REST);
    return () => clearTimeout(timer);
  }, [router, a, b, days, untouched]);

  const { courses, said } = useMemo(() => {
    const both = [followSetup(pair[0], days), followSetup(pair[1], days)] as const;
    const difference = courseDifference(both, [pair[0].everyH, pair[1].everyH], days);
    return {
      courses: both,
      said: difference
        ? differenceWords(difference, pair, words)
        : 'So few days are over before the first of them is fed again.',
    };
  }, [pair, days, words]);

  return {
    jars,
    whose,
    /** Both ways anew from a jar, or from the usual starter. */
    beginWith: (id: string) => {
      setWhose(id);
      setPair(null);
      setDays(null);
    },
    pair,
    setPair,
    days,
    setDays,
    courses,
    /** What tells them apart, in a sentence. */
    said,
    link: pageUrl(`/what-if?${new URLSearchParams({ a, b, days: String(days) })}`),
    /** Whether an address was followed that holds no two ways. */
    unread,
  };
}
