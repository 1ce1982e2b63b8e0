import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { amountsAfter } from '@core/bench';
import { type Standing, ifFed } from '@core/journal';
import { feedFlour } from '@core/larder';
import { HOUR } from '@core/measure';
import { Canopy, Choice, Panel, Button, Slider, Words } from '@kit';
import {
  fillBench,
  jarLeftAlone,
  selectBelief,
  selectNow,
  selectPlaces,
  selectTubs,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { useWarmth } from '../parts/useWarmth';
import { ripeWords, useKitchenWords } from '../words';
import { canopyOf } from './canopyOf';

/** Hours from a feed that are looked at, where it is warm and where it is cold. */
const LOOK_AHEAD = 60;
const LOOK_AHEAD_COLD = 240;
const COLD = 12;
/** Hours ahead that a feed may be thought of. */
const LATEST = 36;
/** From so many hours on it is not now. */
const LATER = 0.25;

/** What happens if the jar is fed: slide the hour, the ratio and the warmth, and the canopy follows. */
export function WhatIfPanel({ standing }: { readonly standing: Standing }) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Button icon="tune-variant" onPress={() => setOpen(true)}>
        What happens if I feed it
      </Button>
    );
  return <WhatIf standing={standing} onClose={() => setOpen(false)} />;
}

function WhatIf({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const { ratio } = jar.card;
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const belief = useAppSelector((state) => selectBelief(state, jar.id));
  const context = useContextOf(jar.id);
  const tubs = useAppSelector(selectTubs);
  const flour = useMemo(() => feedFlour(jar, tubs).flour, [jar, tubs]);
  const [inHours, setInHours] = useState(0);
  const [parts, setParts] = useState(ratio.flour);
  const [placeId, setPlaceId] = useState(
    () => (places.find(({ kind }) => kind === 'counter') ?? standing.place ?? places[0]!).id,
  );
  const [celsius, setCelsius] = useState<number | null>(null);

  const at = now + inHours * HOUR;
  const place = places.find(({ id }) => id === placeId) ?? places[0]!;
  const usual = useWarmth()(place.id, at);
  const keepG = Math.max(1, Math.min(jar.card.keepG, Math.floor(jar.massG)));
  const { flourG, waterG } = amountsAfter(
    { keepG, ratio: { flour: parts, water: (parts * ratio.water) / ratio.flour } },
    {},
  );
  const then = useMemo(() => {
    const there =
      celsius === null ? place : { ...place, temperature: { kind: 'constant' as const, celsius } };
    const hours = (celsius ?? usual) < COLD ? LOOK_AHEAD_COLD : LOOK_AHEAD;
    const feed = { at, keepG, flourG, waterG, flour, place: there };
    return ifFed(jar, feed, context, belief, hours);
  }, [jar, at, keepG, flourG, waterG, flour, place, celsius, usual, context, belief]);

  const when = inHours < LATER ? 'now' : words.moment(at);
  const title = ripeWords(then.outlook.forecast, then.jar.since, words);
  const take = () => {
    dispatch(fillBench(jar.id, { keepG, flourG, waterG }, placeId));
    if (inHours < LATER) {
      router.navigate(`/jar/${jar.id}/feed`);
      return;
    }
    dispatch(
      jarLeftAlone(
        { jar: jar.id, from: now, until: at + 1, butAt: at },
        `These grams are on the bench, and ${jar.card.name} is left alone until ${when}`,
      ),
    );
    onClose();
  };
  return (
    <Panel label="What happens if" style={styles.panel}>
      <Words strong level={2}>
        {`If fed ${when}: ${title}`}
      </Words>
      <Canopy
        {...canopyOf(then, words)}
        now={{ hours: 0, text: inHours < LATER ? 'fed now' : `fed ${words.time(at)}` }}
        height={190}
        label={`If fed ${when}: ${title}`}
      />
      <Slider
        label="Fed"
        value={inHours}
        low={0}
        high={LATEST}
        step={LATER}
        text={when}
        onValue={setInHours}
      />
      <Slider
        label="Keep, water, flour"
        value={parts}
        low={0.5}
        high={12}
        step={0.5}
        text={`${keepG} + ${waterG} + ${flourG} g`}
        onValue={setParts}
      />
      <Choice
        label="Then it stands"
        options={places.map(({ id: is, name: text }) => ({ is, text }))}
        chosen={placeId}
        onChoose={(id) => {
          setPlaceId(id);
          setCelsius(null);
        }}
      />
      <Slider
        label="Which is"
        value={celsius ?? Math.round(usual * 2) / 2}
        low={2}
        high={34}
        step={0.5}
        text={
          celsius === null
            ? `${words.celsius(usual)}, as it is`
            : `${words.celsius(celsius)} all day`
        }
        onValue={setCelsius}
      />
      <Button kind="bare" href={`/what-if?jar=${jar.id}`}>
        Two ways over days, in the what-if room
      </Button>
      <View style={styles.row}>
        <Button grow onPress={onClose}>
          Close
        </Button>
        <Button grow kind="main" onPress={take}>
          Do this
        </Button>
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  panel: { paddingHorizontal: 12, gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
});
