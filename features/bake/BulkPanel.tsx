import { useMemo, useState } from 'react';

import { bulkHours, inoculationFor, ripeLevain } from '@core/bench';
import { USUAL_PACE, middlePace } from '@core/ferment';
import { Field, Panel, Button, Slider, Words, parseNumber } from '@kit';
import {
  doughChanged,
  selectJars,
  useAppDispatch,
  useAppSelector,
  selectDough,
  ofJar,
} from '@state';

import { useKitchenWords } from '../words';
import { useKitchenCelsius } from './useKitchenCelsius';

/** How long bulk takes at a temperature, as a guide; or the levain for the hours there are. */
export function BulkPanel() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const { formula, recipe, from, celsius, jar: chosen } = useAppSelector(selectDough);
  const jars = useAppSelector(selectJars);
  const jar = jars.find(({ id }) => id === chosen) ?? jars[0];
  const lesson = useAppSelector((state) => (jar ? ofJar(state.learnt, jar.id) : undefined));
  const pace = useMemo(
    () => (lesson && lesson.learnt.feeds > 0 ? middlePace(lesson.learnt.belief) : USUAL_PACE),
    [lesson],
  );
  const [wanted, setWanted] = useState('');
  const kitchen = useKitchenCelsius();
  const degrees = celsius ?? Math.round(kitchen);
  const asked = useMemo(
    () =>
      from === 'percentages'
        ? formula
        : {
            ...formula,
            hydrationPct: (100 * recipe.waterG) / recipe.flourG,
            saltPct: (100 * recipe.saltG) / recipe.flourG,
            wholePct: 0,
          },
    [from, formula, recipe],
  );
  const levain = useMemo(
    () => ripeLevain(formula.levainHydrationPct),
    [formula.levainHydrationPct],
  );
  const hours = useMemo(
    () => bulkHours(asked, levain, degrees, pace),
    [asked, levain, degrees, pace],
  );
  const wantedH = parseNumber(wanted);
  const share = useMemo(
    () =>
      wantedH > 0 && wantedH <= 36
        ? inoculationFor(wantedH, asked, levain, degrees, pace)
        : undefined,
    [wantedH, asked, levain, degrees, pace],
  );
  return (
    <Panel label="Bulk">
      <Words size="title" level={2}>
        {hours === null
          ? 'Bulk: more than a day and a half'
          : `Bulk: about ${words.span(Math.round(hours * 4) / 4)}`}
      </Words>
      <Words size="small" tone="quiet">
        {`A guide, for a ripe levain${pace === USUAL_PACE ? '' : ` at ${jar!.card.name}’s own pace`}: until the dough has risen by more than half. Watch the dough, not the clock.`}
        {from === 'yeastRecipe' && recipe.sugarG + recipe.fatG > 0
          ? ' Worked out without the sugar and the fat.'
          : ''}
      </Words>
      <Slider
        label="Dough at"
        value={degrees}
        low={14}
        high={32}
        step={1}
        text={words.celsius(degrees)}
        onValue={(to) => dispatch(doughChanged({ celsius: to }))}
      />
      <Field
        label="Hours you have for it"
        text={wanted}
        onText={setWanted}
        numeric
        unit="h"
        problem={
          wanted.trim() !== '' && !(wantedH > 0 && wantedH <= 36) ? 'Up to 36 hours, please.' : null
        }
      />
      {share === null && (
        <Words tone="crust" live>
          No share of levain from 2 to 40 % of the flour makes the dough take that long at this
          temperature. Try a cooler or a warmer place.
        </Words>
      )}
      {typeof share === 'number' && (
        <Button
          onPress={() => {
            dispatch(doughChanged({ formula: { ...formula, inoculationPct: share } }));
            setWanted('');
          }}
        >
          {`Take ${share} % of the flour from levain`}
        </Button>
      )}
    </Panel>
  );
}
