import { StyleSheet, View } from 'react-native';

import { type Place } from '@core/ferment';
import { type Standing } from '@core/journal';
import { JarDrawing, LinkArea, RADIUS, Words, jarPicture, useLook } from '@kit';
import { selectBeingRead, selectNow, selectPlaces, selectWhatNext, useAppSelector } from '@state';

import { useWarmth } from '../parts/useWarmth';
import { jarSentence, shelfWords, useKitchenWords } from '../words';

const JAR_WIDTH = 76;
const BOWL_WIDTH = 58;
const SPOT = 104;

/** The places as shelves, and on them the jars as the model says they stand now. */
export function Shelves({
  standings,
  chosen,
}: {
  readonly standings: readonly Standing[];
  readonly chosen: string | null;
}) {
  const places = useAppSelector(selectPlaces);
  const shelves = places
    .map((place) => ({ place, jars: standings.filter((s) => s.place?.id === place.id) }))
    .filter(({ jars }) => jars.length > 0);
  return (
    <View role="region" aria-label="Shelves" style={styles.stack}>
      {shelves.map(({ place, jars }) => (
        <Shelf key={place.id} place={place} jars={jars} chosen={chosen} />
      ))}
    </View>
  );
}

function Shelf({
  place,
  jars,
  chosen,
}: {
  readonly place: Place;
  readonly jars: readonly Standing[];
  readonly chosen: string | null;
}) {
  const look = useLook();
  const words = useKitchenWords();
  const warmth = useWarmth();
  const now = useAppSelector(selectNow);
  const beingRead = useAppSelector(selectBeingRead);
  const answers = useAppSelector(selectWhatNext);
  const nextOf = (id: string) => answers.find(({ jar }) => jar === id) ?? null;
  const cold = place.kind === 'fridge' || place.kind === 'larder';
  return (
    <View style={styles.stack6}>
      <View style={styles.wrap}>
        {jars.map((standing) => (
          <JarOnShelf
            key={standing.jar.id}
            standing={standing}
            chosen={chosen === standing.jar.id}
          />
        ))}
        <Words lasting strong size="small" tone={cold ? 'rain' : 'rim'} style={styles.words}>
          {place.name}
          <Words strong size="small" tone={cold ? 'rain' : 'rim'}>
            {` ${words.celsius(warmth(place.id, now))}`}
          </Words>
        </Words>
      </View>
      <View
        testID="lasting"
        style={[styles.box, { backgroundColor: cold ? look.rain : look.rim }]}
      />
      <View style={styles.wrap4}>
        {jars.map((standing) => (
          <View key={standing.jar.id} style={styles.centred} aria-hidden>
            <Words lasting strong size="small" center lines={2}>
              {standing.jar.card.name}
            </Words>
            <Words
              size="small"
              center
              tone={standing.stage === 'hooch' || standing.stage === 'hungry' ? 'crust' : 'quiet'}
            >
              {beingRead.has(standing.jar.id)
                ? '…'
                : shelfWords(standing, nextOf(standing.jar.id), words)}
            </Words>
          </View>
        ))}
      </View>
    </View>
  );
}

function JarOnShelf({
  standing,
  chosen,
}: {
  readonly standing: Standing;
  readonly chosen: boolean;
}) {
  const look = useLook();
  const words = useKitchenWords();
  const beingRead = useAppSelector(selectBeingRead).has(standing.jar.id);
  const path = `/jar/${standing.jar.id}` as const;
  return (
    <LinkArea
      href={path}
      label={
        beingRead ? `${standing.jar.card.name}, reading its log` : jarSentence(standing, words)
      }
      current={chosen ? 'true' : undefined}
      style={[styles.centredNarrow, { backgroundColor: chosen ? look.mist : 'transparent' }]}
    >
      <JarDrawing
        picture={jarPicture(standing)}
        width={standing.jar.card.bowl ? BOWL_WIDTH : JAR_WIDTH}
      />
    </LinkArea>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 12 },
  stack6: { gap: 6 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 4 },
  words: { marginLeft: 'auto', paddingLeft: 8, paddingBottom: 6 },
  box: { height: 7, borderRadius: 2 },
  wrap4: { flexDirection: 'row', flexWrap: 'wrap', gap: 4 },
  centred: { width: SPOT, alignItems: 'center' },
  centredNarrow: {
    width: SPOT,
    alignItems: 'center',
    paddingTop: 6,
    borderTopLeftRadius: RADIUS,
    borderTopRightRadius: RADIUS,
  },
});
