import { StyleSheet, View } from 'react-native';

import { type Standing, contentOf, isAnybodysGuess } from '@core/journal';
import { mainFlour } from '@core/measure';
import { PageTitle, UmbrellaMark, Words, umbrellaFor } from '@kit';
import { selectNow, selectStanding, useAppSelector } from '@state';

import { useWarmth } from '../parts/useWarmth';
import { BowlActions } from '../bowl';
import { STAGE_WORDS, blendWords, hydrationWords, useKitchenWords } from '../words';
import { CanopyPanel } from './CanopyPanel';
import { JarActions } from './JarActions';
import { JarLog } from './JarLog';
import { JarNext } from './JarNext';
import { JarNumbers } from './JarNumbers';
import { LearntPanel } from './LearntPanel';
import { LookPanel } from './LookPanel';
import { WhatIfPanel } from './WhatIfPanel';
import { NoSuchJar } from '../parts/NoSuchJar';
import { Promises } from '../parts/Promises';

/** Everything about one jar: its canopy, its numbers, a look to log, what to do with it, what was logged. */
export function JarPane({
  id,
  back,
  told = false,
}: {
  readonly id: string;
  readonly back?: boolean;
  /** What is next for it is told beside this pane. */
  readonly told?: boolean;
}) {
  const standing = useAppSelector((state) => selectStanding(state, id));
  if (!standing) return <NoSuchJar />;
  const { archived } = standing.jar.card;
  const bowl = standing.jar.card.bowl !== undefined;
  return (
    <>
      <JarHeader standing={standing} back={!!back} />
      <Promises jar={id} />
      {!bowl && !archived && <JarNext key={`next ${id}`} standing={standing} told={told} />}
      <CanopyPanel standing={standing} />
      {bowl && <BowlActions standing={standing} />}
      <LookPanel key={`${id} ${standing.jar.since}`} standing={standing} />
      {!bowl && <JarActions standing={standing} />}
      {!archived && !bowl && <WhatIfPanel key={`if ${id}`} standing={standing} />}
      <JarNumbers standing={standing} />
      {!bowl && <LearntPanel id={id} />}
      <JarLog id={id} />
    </>
  );
}

function JarHeader({ standing, back }: { readonly standing: Standing; readonly back: boolean }) {
  const words = useKitchenWords();
  const warmth = useWarmth();
  const now = useAppSelector(selectNow);
  const { jar, stage, place } = standing;
  // Of what nobody knows, the look of it tells and not a guess.
  const stands = !isAnybodysGuess(jar) && (
    <>
      <UmbrellaMark umbrella={umbrellaFor(stage)} size={34} />
      <Words strong>
        {jar.card.archived ? (jar.card.bowl ? 'finished' : 'archived') : STAGE_WORDS[stage]}
      </Words>
    </>
  );
  return (
    <View style={styles.stack}>
      {back ? (
        <PageTitle beside={stands} back={{ to: '/', name: 'Shelves' }}>
          {jar.card.name}
        </PageTitle>
      ) : (
        // Beside the shelves, whose page it is.
        <View style={styles.row}>
          <Words size="heading" level={1} style={styles.fill}>
            {jar.card.name}
          </Words>
          {stands}
        </View>
      )}
      <Words size="small" tone="quiet">
        {[
          jar.card.bowl && 'a levain in its bowl',
          blendWords(
            jar.fedMix.flour,
            // By its own name, while that is what is in it.
            mainFlour(jar.fedMix.flour) === mainFlour(jar.card.flour)
              ? jar.card.flourCalled
              : undefined,
          ),
          hydrationWords(contentOf(jar).hydrationPct),
          place && `${place.name.toLowerCase()} ${words.celsius(warmth(place.id, now))}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 2 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  fill: { flex: 1 },
});
