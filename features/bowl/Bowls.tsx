import { useState } from 'react';

import { type Standing } from '@core/journal';
import { HOUR } from '@core/measure';
import { Button, Notice, umbrellaFor } from '@kit';
import { selectBakes, selectBowlStandings, useAppSelector } from '@state';

import { type Remark, RemarkList } from '../parts/RemarkList';
import { ripeWords, useKitchenWords } from '../words';
import { FinishSheet } from './FinishSheet';

const isReady = ({ stage }: Standing) =>
  stage !== 'settled' && stage !== 'waking' && stage !== 'rising' && stage !== 'asleep';

/** Levains that are ripe, or past it: they go into their dough. */
export function ReadyBowls() {
  const ready = useAppSelector(selectBowlStandings).filter(isReady);
  return (
    <>
      {ready.map((standing) => (
        <ReadyBowl key={standing.jar.id} standing={standing} />
      ))}
    </>
  );
}

function ReadyBowl({ standing }: { readonly standing: Standing }) {
  const { jar, stage, outlook } = standing;
  const words = useKitchenWords();
  const [finishing, setFinishing] = useState(false);
  const wish = jar.card.bowl?.wish;
  const bake = useAppSelector(selectBakes).find(({ id }) => id === wish);
  const { ripeUntilH } = outlook.forecast;
  const until = ripeUntilH === null ? null : jar.since + ripeUntilH * HOUR;
  return (
    <Notice
      tone="rim"
      title={
        stage === 'ripe'
          ? `${jar.card.name}: its levain is ripe${until === null ? '' : ` until about ${words.about(until)}`}`
          : `${jar.card.name}: its levain is past its best`
      }
      actions={
        <>
          <Button kind="main" onPress={() => setFinishing(true)}>
            Into the dough
          </Button>
          <Button href={`/jar/${jar.id}`}>The bowl</Button>
        </>
      }
    >
      {bake ? `Wanted ${words.stretch(bake.from, bake.until)}.` : undefined}
      {finishing && <FinishSheet standing={standing} onClose={() => setFinishing(false)} />}
    </Notice>
  );
}

/** Levains on the way to be ripe. */
export function RisingBowls() {
  const words = useKitchenWords();
  const rising = useAppSelector(selectBowlStandings).filter((standing) => !isReady(standing));
  return (
    <RemarkList
      label="Levains"
      remarks={rising.map((standing): Remark => ({
        path: `/jar/${standing.jar.id}`,
        umbrella: umbrellaFor(standing.stage),
        text: `${standing.jar.card.name}, in its bowl: ${ripeWords(standing, words)}`,
      }))}
    />
  );
}
