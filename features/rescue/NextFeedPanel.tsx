import { useRouter } from 'expo-router';
import { useState } from 'react';

import { cupsText } from '@core/bench';
import { contentOf, standsIn } from '@core/journal';
import { mainFlour, sameBlend } from '@core/measure';
import { Choice, Panel, Button, Words } from '@kit';
import { type JarRun, fillBench, selectNow, useAppDispatch, useAppSelector } from '@state';

import { FeedFigures } from '../parts/FeedFigures';
import { blendWords, useKitchenWords } from '../words';
import { FEED_REASON_WORDS, PROGRAMME_TEXTS } from './programmeWords';
import { useBestPlace, useProgrammeFlours } from './useForetold';

/** The next feed of a programme: when, why, how much, in grams and by spoon. */
export function NextFeedPanel({ run: { jar, begun, run, next } }: { readonly run: JarRun }) {
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const best = useBestPlace(jar, run.programme.id);
  const { programme, feeds } = run;
  const { own, usual } = useProgrammeFlours(jar, begun.programme, begun.at);
  const { medicine } = programme;
  const [picked, setPicked] = useState<'own' | 'medicine' | null>(null);
  const blend = picked === null ? usual : picked === 'own' ? own : (medicine ?? own);
  const due = next.at <= now;
  const outG = Math.round(contentOf(jar).massG) - next.keepG;
  const toBench = () => {
    const other = sameBlend(blend, own) ? null : { flour: blend };
    dispatch(fillBench(jar.id, next, best?.elsewhere ? best.place.id : standsIn(jar), other));
    router.navigate(`/jar/${jar.id}/feed`);
  };
  return (
    <Panel label="Next feed">
      <Words size="title" level={2}>
        {due ? 'Feed it now' : `Feed it ${words.moment(next.at)}`}
      </Words>
      <Words>{FEED_REASON_WORDS[next.because]}</Words>
      {feeds.length === 0 && <Words>{words.inUnits(PROGRAMME_TEXTS[programme.id].begins)}</Words>}
      <FeedFigures {...next} />
      <Words size="small" tone="quiet">
        {`By spoon: ${cupsText(next.keepG, 'starter')} of it, ${next.waterG > 0 ? `${cupsText(next.waterG, 'water')} water, ` : ''}${cupsText(next.flourG, mainFlour(blend))} flour. ${
          outG > 0 ? `About ${words.roughly(outG)} come out.` : 'Nothing comes out.'
        }`}
      </Words>
      <Words size="small" tone="quiet">
        {`Best place: ${words.celsius(programme.warmth[0])} to ${words.celsius(programme.warmth[1])}${best?.elsewhere ? `, so afterwards: ${best.place.name}` : ''}.`}
      </Words>
      {medicine && !sameBlend(medicine, own) && (
        <Choice
          label="Flour"
          options={[
            { is: 'medicine' as const, text: `${blendWords(medicine)}: helps most` },
            { is: 'own' as const, text: `${blendWords(own)}, its own` },
          ]}
          chosen={sameBlend(blend, own) ? 'own' : 'medicine'}
          onChoose={setPicked}
        />
      )}
      <Button kind={due ? 'main' : 'plain'} big={due} onPress={toBench}>
        {due ? 'To the bench' : 'To the bench early'}
      </Button>
    </Panel>
  );
}
