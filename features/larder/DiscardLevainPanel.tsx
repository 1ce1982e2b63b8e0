import { useMemo, useState } from 'react';

import { UNKNOWN_CELSIUS } from '@core/journal';
import { type Lot, discardLevain } from '@core/larder';
import { HOUR } from '@core/measure';
import { spendLots } from '@core/verbs';
import { Panel, Button, Words } from '@kit';
import { done, selectNow, selectPlaces, useAppDispatch, useAppSelector } from '@state';

import { useWarmth } from '../parts/useWarmth';
import { ripeWords, useKitchenWords } from '../words';
import { WeightNumber } from '../parts/WeightNumber';

const MOST_G = 2000;

/** Some discard fed as a levain: how much of it, with what, and when it is ripe. */
export function DiscardLevainPanel({ lots }: { readonly lots: readonly Lot[] }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const warmth = useWarmth();
  const [wanted, setWanted] = useState(150);
  // The freshest has the most life; the oldest goes into pans.
  const freshest = lots[lots.length - 1];
  const room = places.find(({ kind }) => kind === 'counter') ?? places[0];
  const levain = useMemo(
    () =>
      freshest
        ? discardLevain(freshest, wanted, (h) =>
            room ? warmth(room.id, now + h * HOUR) : UNKNOWN_CELSIUS,
          )
        : null,
    [freshest, wanted, room, warmth, now],
  );
  if (!freshest || !levain) return null;
  const { seedG, waterG, flourG } = levain;
  const lacks = seedG > freshest.grams;
  return (
    <Panel label="As a levain">
      <Words size="title" level={2}>
        Or fed, as a levain
      </Words>
      <WeightNumber
        of="starter"
        label="Levain wanted"
        value={wanted}
        low={20}
        high={MOST_G}
        onValue={setWanted}
      />
      <Words>
        {`${words.grams(seedG)} of the freshest discard, ${words.grams(waterG)} water and ${words.grams(flourG)} flour: ${
          levain.forecast.ripeFromH === null
            ? 'not ripe within three days. Wake it with a feed first'
            : `${ripeWords(levain.forecast, now, words)} in the room`
        }.`}
      </Words>
      {lacks ? (
        <Words tone="crust">{`Only ${words.grams(freshest.grams)} of the freshest are there.`}</Words>
      ) : (
        <Button
          onPress={() =>
            dispatch(
              done(
                (clock) =>
                  spendLots([freshest], { grams: seedG, to: 'bake', note: 'a levain' }, clock),
                `${words.grams(seedG)} of discard taken for a levain`,
              ),
            )
          }
        >
          {`Take ${words.grams(seedG)} for it`}
        </Button>
      )}
    </Panel>
  );
}
