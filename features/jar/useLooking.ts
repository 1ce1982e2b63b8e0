import { useState } from 'react';

import { heightRise, volumeRise } from '@core/bench';
import { heightAt } from '@core/ferment';
import { type Between, type Standing, doubtOf, hasHeights } from '@core/journal';
import { HOUR } from '@core/measure';
import { look } from '@core/verbs';
import { bandVolume, jarPicture, riseFromText, useRestingText } from '@kit';
import { byField, doneTo, useAppDispatch, withdrawEntries } from '@state';

import { upWords, useKitchenWords } from '../words';
import { NOTHING_ELSE, hasMore } from './seen';

/** A height that contradicts the forecast: what was said, and what was expected. */
export interface DoubtedHeight {
  readonly said: string;
  /** Against the band, as it was written down. */
  readonly height: number;
  readonly expected: Between;
}

/**
 * A look at a jar while it is being said: its height, which is the forecast's for the hour of the look until somebody says
 * another, and what else was seen. Heights are asked for and told as they stand in this jar; what is written down is volume, which in a tapered jar is
 * something else.
 *
 * @param askSmell whether a smell goes with the height, and not instead of it
 */
export function useLooking(standing: Standing, askSmell: boolean) {
  const { jar, moment } = standing;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const [rise, setRise] = useState<string | null>(null);
  const [seen, setSeen] = useState(NOTHING_ELSE);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [doubted, setDoubted] = useState<DoubtedHeight | null>(null);

  const heights = hasHeights(jar);
  const { vessel } = jar.card;
  const fill = bandVolume(jar);
  const at = seen.at === '' ? standing.now : words.instantOf(seen.at);
  const seenH = (at - jar.since) / HOUR;
  // Before this feed, or after now, there is nothing to expect: such an hour is refused.
  const earlier = seenH >= 0 && seenH < standing.hours;
  const expectedHeight = heightRise(
    vessel,
    fill,
    earlier ? heightAt(standing.outlook.forecast.curve, seenH) : moment.height,
  );
  const foretold = useRestingText(String(Math.round((expectedHeight - 1) * 100)));
  const shown = rise ?? foretold.text;
  const pct = riseFromText(shown);
  const height = Number.isNaN(pct) ? expectedHeight : 1 + pct / 100;
  const volumeOf = (risePct: number) => volumeRise(vessel, fill, 1 + risePct / 100);

  /** Writes it down; what is wrong with it, by its field, where it cannot be. */
  const log = (): Readonly<Record<string, string>> => {
    const measured = heights && (rise !== null || askSmell || !hasMore(seen));
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) =>
          look(atHand, {
            at: seen.at === '' ? atHand.now : at,
            rise: measured ? volumeOf(pct) : undefined,
            ...(seen.streak.trim() === '' ? {} : { streak: volumeOf(riseFromText(seen.streak)) }),
            ...(seen.sign ? { sign: seen.sign } : {}),
            ...(seen.smell ? { smell: seen.smell } : {}),
            ...(seen.bubbles ? { bubbles: seen.bubbles } : {}),
            ...(seen.liquid ? { liquid: seen.liquid } : {}),
            ...(seen.floats === null ? {} : { floats: seen.floats }),
            note: seen.note,
          }),
        measured ? `Look logged: ${upWords(pct)}` : 'Look logged',
      ),
    );
    const found = byField(objections);
    setProblems(found);
    if (objections.length > 0) return found;
    const forecast = measured ? doubtOf(standing, volumeOf(pct), at) : null;
    const inJar = (volume: number) => heightRise(vessel, fill, volume);
    setDoubted(
      forecast && {
        said: shown,
        height: volumeOf(pct),
        expected: { low: inJar(forecast.low), high: inJar(forecast.high) },
      },
    );
    setRise(null);
    foretold.release();
    setSeen(NOTHING_ELSE);
    return found;
  };

  /** A look that was doubted is withdrawn, and stands in the field to be said otherwise. */
  const takeBack = ({ said, height: written }: DoubtedHeight) => {
    const doubtful = jar.looks.findLast((one) => one.height === written);
    if (doubtful) dispatch(withdrawEntries([doubtful.id], 'The look is taken back'));
    setRise(said);
    setDoubted(null);
  };

  return {
    /** Whether a height is asked for at all. */
    heights,
    /** The rise in this jar, percent, as it stands in the field; give `field` to it. */
    rise: shown,
    field: { onEnter: foretold.onEnter, onLeave: foretold.onLeave },
    setRise,
    /** Against the band, in this jar. */
    height,
    /** The same by volume, where a tapered jar makes that another number; null where not. */
    volume:
      vessel.taper !== undefined && vessel.taper !== 1 ? volumeRise(vessel, fill, height) : null,
    picture: jarPicture(standing),
    seen,
    setSeen,
    problems,
    log,
    doubted,
    isRight: () => setDoubted(null),
    takeBack,
  };
}
