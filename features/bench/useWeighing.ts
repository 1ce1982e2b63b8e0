import { useState } from 'react';

import {
  type Landed,
  type Portion,
  gramsFromMeasure,
  gramsFromText,
  portionFromScale,
  scaleTarget,
} from '@core/bench';
import { isPoured, portionOn } from '@core/devices/onTheScale';
import { type Standing, weightObjections } from '@core/journal';

import { useHandsFree } from './LivePortion';
import { ingredientOf } from './ScaleNotes';
import { type Bench, portionsOf } from './useBench';
import { type LiveScale } from './useScale';

/**
 * A portion while it is weighed: what is asked for, what the scale should read, and what really landed, by a scale that
 * speaks or as it was typed.
 *
 * @param onDone called with all that is in by then
 */
export function useWeighing(
  bench: Bench,
  standing: Standing,
  portion: Portion,
  scale: LiveScale,
  onDone: (landed: Landed) => void,
) {
  const { draft, amounts } = bench;
  const { emptyG } = standing.jar.card.vessel;
  const order = portionsOf(draft.order);
  const earlier = order.slice(0, order.indexOf(portion));
  const gramsOf = (of: Portion) => amounts[`${of}G`];
  const before = earlier.reduce((sum, of) => sum + gramsOf(of), 0);
  const reading = (grams: number) => scaleTarget(draft.weighing, emptyG, before, grams);
  const wanted = bench.wantedAfter(earlier)[`${portion}G`];

  const landedEarlier = draft.landed[portion];
  const [text, setText] = useState(
    landedEarlier === undefined ? '' : String(reading(landedEarlier)),
  );
  const [problem, setProblem] = useState<string | null>(null);
  const [byHand, setByHand] = useState(false);

  // Cups and spoons are of the portion alone; a number is what the scale reads.
  const ingredient = ingredientOf(portion, bench);
  const typed = text.trim() === '' ? null : gramsFromText(text, ingredient);
  const live = scale.is === 'live' && !byHand;
  const onScale = portionOn(scale.weighed);
  const byFieldG =
    gramsFromMeasure(text, ingredient) ??
    (typed === null ? wanted : portionFromScale(draft.weighing, emptyG, before, typed));
  // Before anything is on the scale, pressing on means that it is in as asked, as with an empty field.
  const really = live && onScale >= 1 ? onScale : byFieldG;

  const done = () => {
    const objection =
      portion === 'water' && really === 0 ? undefined : weightObjections(portion, really)[0];
    if (objection) {
      const low = draft.weighing === 'inJar' && typed !== null && really <= 0;
      return setProblem(
        low
          ? `The jar and what is already in it weigh ${Math.round(emptyG + before)} g. The scale should read more.`
          : objection.message,
      );
    }
    onDone({
      ...Object.fromEntries(earlier.map((of) => [of, gramsOf(of)])),
      [portion]: Math.round(really * 10) / 10,
    });
  };

  useHandsFree(live && isPoured(scale.weighed, wanted, scale.weighed.shown.at(-1)?.at ?? 0), done);
  // A scale that falls silent leaves in the field what it showed last, unless something was typed there.
  const left = scale.is === 'silent' && onScale >= 1 ? String(Math.round(reading(onScale))) : null;
  const [leftBefore, setLeftBefore] = useState(left);
  const [untouched, setUntouched] = useState('');
  if (left !== leftBefore) {
    setLeftBefore(left);
    if (left !== null && (text === '' || text === untouched)) {
      setText(left);
      setUntouched(left);
    }
  }

  return {
    order,
    /** Grams that are in already. */
    before,
    wanted,
    /** What the scale reads when so much of the portion is in. */
    reading,
    /** Whether a scale says it, and nobody types. */
    live,
    byHand,
    setByHand,
    text,
    type: (to: string) => {
      setText(to);
      setProblem(null);
    },
    problem,
    /** Of the portion, by what was typed; null while nothing was. */
    typedG: typed === null ? null : really,
    /** Of the portion, as it is drawn: pouring, or as it would be if it is pressed on now. */
    inJar: live ? Math.max(0.1, onScale) : really,
    weighAs: (weighing: Bench['draft']['weighing']) => {
      setText('');
      bench.change({ weighing });
    },
    done,
  };
}

export type WeighedPortion = ReturnType<typeof useWeighing>;
