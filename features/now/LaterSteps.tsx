import { View } from 'react-native';

import { type Standing } from '@core/journal';
import { type WhatNext } from '@core/next';
import { umbrellaFor } from '@kit';

import { nextTitle, useKitchenWords } from '../words';
import { MarkRow } from '../parts/MarkRow';
import { nextPath } from '../parts/nextPath';

/** What the other jars ask for, in their order. */
export function LaterSteps({
  answers,
  standings,
}: {
  readonly answers: readonly WhatNext[];
  readonly standings: readonly Standing[];
}) {
  const words = useKitchenWords();
  if (answers.length === 0) return null;
  return (
    <View role="region" aria-label="After that">
      {answers.map((next, i) => {
        const standing = standings.find(({ jar }) => jar.id === next.jar)!;
        return (
          <MarkRow
            key={next.jar}
            umbrella={umbrellaFor(standing.stage)}
            text={nextTitle(next, standing.jar.card.name, standing.now, words)}
            path={nextPath(next)}
            first={i === 0}
          />
        );
      })}
    </View>
  );
}
