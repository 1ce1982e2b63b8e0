import { View } from 'react-native';

import { type Place, celsiusAt } from '@core/ferment';
import { type Standing } from '@core/journal';
import { JarDrawing, LinkArea, RADIUS, Words, jarPicture, useLook } from '@kit';
import { selectBeingRead, selectNow, selectPlaces, selectTime, useAppSelector } from '@state';

import { jarSentence, shelfWords, useKitchenWords } from '../words';

const JAR_WIDTH = 76;
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
    <View role="region" aria-label="Shelves" style={{ gap: 12 }}>
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
  const time = useAppSelector(selectTime);
  const now = useAppSelector(selectNow);
  const beingRead = useAppSelector(selectBeingRead);
  const cold = place.kind === 'fridge' || place.kind === 'larder';
  return (
    <View style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 4 }}>
        {jars.map((standing) => (
          <JarOnShelf
            key={standing.jar.id}
            standing={standing}
            chosen={chosen === standing.jar.id}
          />
        ))}
        <Words
          lasting
          strong
          size="small"
          tone={cold ? 'rain' : 'rim'}
          style={{ marginLeft: 'auto', paddingLeft: 8, paddingBottom: 6 }}
        >
          {place.name}
          <Words strong size="small" tone={cold ? 'rain' : 'rim'}>
            {` ${words.celsius(celsiusAt(place.temperature, time.hourOfDay(now)))}`}
          </Words>
        </Words>
      </View>
      <View
        testID="lasting"
        style={{ height: 7, backgroundColor: cold ? look.rain : look.rim, borderRadius: 2 }}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 4 }}>
        {jars.map((standing) => (
          <View key={standing.jar.id} style={{ width: SPOT, alignItems: 'center' }} aria-hidden>
            <Words lasting strong size="small" center lines={2}>
              {standing.jar.card.name}
            </Words>
            <Words
              size="small"
              center
              tone={standing.stage === 'hooch' || standing.stage === 'hungry' ? 'crust' : 'quiet'}
            >
              {beingRead.has(standing.jar.id) ? '…' : shelfWords(standing, words)}
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
        beingRead
          ? `${standing.jar.card.name}, its log is being read`
          : jarSentence(standing, words)
      }
      current={chosen ? 'true' : undefined}
      style={{
        width: SPOT,
        alignItems: 'center',
        paddingTop: 6,
        borderTopLeftRadius: RADIUS,
        borderTopRightRadius: RADIUS,
        backgroundColor: chosen ? look.mist : 'transparent',
      }}
    >
      <JarDrawing picture={jarPicture(standing)} width={JAR_WIDTH} />
    </LinkArea>
  );
}
