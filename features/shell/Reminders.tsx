import { remind, reminderLeave } from '@kit';
import { useEffect } from 'react';
import { useStore } from 'react-redux';

import { HOUR, type Instant } from '@core/measure';
import { type FeedReason } from '@core/next';
import {
  selectBowlStandings,
  selectDrying,
  selectFollowed,
  selectNow,
  selectPromises,
  selectRuns,
  selectSettings,
  selectStandings,
  selectWhatNext,
  useAppSelector,
} from '@state';

import {
  nextReason,
  nextTitle,
  plannedName,
  slackWords,
  useKitchenWords,
  usePlaceName,
} from '../words';
import { useJarName } from '../words/useJarName';
import { useStepWords } from '../words/useStepWords';

/** A step that was due longer ago is seen on the page; no need to call for it. */
const FRESH = HOUR / 2;

/** What has moved by less since it was told is not told again: a plan is mended, a forecast learns. */
const ANEW = HOUR;

/** What a jar asks for at an hour; what it has asked for long is no news. */
const CALLS: ReadonlySet<FeedReason> = new Set(['ripe', 'ripens', 'rhythm', 'warming']);

const toldIn = new WeakMap<object, Map<string, Instant>>();

/** When what was told was due, by its tag: kept with the store, since the page may be drawn anew. */
function useTold(): Map<string, Instant> {
  const store = useStore();
  const told = toldIn.get(store) ?? new Map<string, Instant>();
  toldIn.set(store, told);
  return told;
}

/** While the application is open, the browser says when a jar is to be fed, a step of the followed plan is due, or flakes may snap, if that is wanted. */
export function Reminders() {
  const { reminders } = useAppSelector(selectSettings);
  return reminders === 'on' ? <Calling /> : null;
}

/** Looks at every jar there is, which a page that shows one need not do before it is seen. */
function Calling(): null {
  const words = useKitchenWords();
  const placeName = usePlaceName();
  const stepWords = useStepWords();
  const now = useAppSelector(selectNow);
  const nameOf = useJarName();
  const plan = useAppSelector(selectFollowed);
  const drying = useAppSelector(selectDrying);
  const runs = useAppSelector(selectRuns);
  const promises = useAppSelector(selectPromises);
  const bowls = useAppSelector(selectBowlStandings);
  const answers = useAppSelector(selectWhatNext);
  const standings = useAppSelector(selectStandings);
  const told = useTold();
  useEffect(() => {
    if (reminderLeave() !== 'granted') return;
    const tell = (due: Instant, tag: string, title: string, body: string) => {
      const before = told.get(tag) ?? -Infinity;
      if (due > now || due < now - FRESH || due < before + ANEW) return;
      told.set(tag, due);
      remind(title, body, tag);
    };
    for (const { id, jar, snapsFrom } of drying)
      tell(
        snapsFrom,
        id,
        `${nameOf(jar)} lies drying`,
        'Try whether a piece snaps; if it bends, give it a day.',
      );
    for (const { jar, entry, from, place } of promises)
      tell(from, entry, `Put ${nameOf(jar)} away: ${placeName(place)}`, 'As you said at its feed.');
    for (const { jar, outlook } of bowls) {
      const { ripeFromH } = outlook.forecast;
      if (ripeFromH !== null)
        tell(
          jar.since + ripeFromH * HOUR,
          `${jar.id} ripe`,
          `${jar.card.name}: its levain is ripe`,
          'It stands in its bowl, ready for the dough.',
        );
    }
    for (const { jar, run, next } of runs)
      if (run.verdict === 'going')
        tell(
          next.at,
          `${jar.id} programme ${run.feeds.length}`,
          `Feed ${jar.card.name}`,
          `${words.feed(next)}: day ${run.day} of its programme.`,
        );
    for (const next of answers) {
      const standing = standings.find(({ jar }) => jar.id === next.jar);
      const { because, from, by } = next;
      if (!standing || because.is !== 'feed' || !CALLS.has(because.reason)) continue;
      const { name } = standing.jar.card;
      tell(
        because.reason === 'rhythm' ? by! : from,
        `${next.jar} fed ${standing.jar.since}`,
        nextTitle(next, name, now, words),
        nextReason(next, standing, words),
      );
    }
    for (const step of plan?.steps ?? []) {
      const name = nameOf(step.jar);
      const slack = slackWords(step, words);
      tell(
        step.at,
        `${step.jar} ${step.kind} ${step.place ?? ''} ${step.wanted ?? ''}`,
        plannedName(step, name),
        `${stepWords(step)}${slack ? `, ${slack}` : ''}`,
      );
    }
  }, [
    now,
    plan,
    drying,
    runs,
    promises,
    bowls,
    answers,
    standings,
    nameOf,
    words,
    placeName,
    stepWords,
    told,
  ]);
  return null;
}
