import { type Learnt } from '@core/calibrate';
import { changeIn } from '@core/calibrate/change';
import { PACE_KEYS, type Pace } from '@core/ferment';
import { ForetoldPlot, Notice, Panel, Words } from '@kit';
import { useAppSelector, ofJar } from '@state';

import { changeWords, foretoldWords, paceWords, useKitchenWords } from '../words';

/** Peaks shown in the plot. */
const SHOWN = 12;

/** What has been learnt of this starter, and how well its peaks were foretold. */
export function LearntPanel({ id }: { readonly id: string }) {
  const words = useKitchenWords();
  const lesson = useAppSelector((state) => ofJar(state.learnt, id));
  if (!lesson) return null;
  const { learnt } = lesson;
  const change = changeIn(learnt);
  const shown = learnt.foretold.slice(-SHOWN);
  const verdict = foretoldWords(shown, learnt.belief.width, words);
  return (
    <>
      {change && <Notice title="It has changed pace">{changeWords(change)}</Notice>}
      <Panel label="What has been learnt">
        <Words size="title" level={2}>
          Its own pace
        </Words>
        <Words>{paceWords(learnt)}</Words>
        <TraitWords learnt={learnt} />
        {verdict && (
          <>
            <ForetoldPlot peaks={shown} label={verdict} />
            <Words size="small" tone="quiet">
              {`Bars: hours to the peak as forecast at the feed. Dots: as you saw it. ${verdict}`}
            </Words>
          </>
        )}
      </Panel>
    </>
  );
}

/** Traits other than the pace, where the log tells them apart from the usual. */
function TraitWords({ learnt }: { readonly learnt: Learnt }) {
  const { mean, factor } = learnt.belief;
  const told = (trait: keyof Pace, more: string, less: string) => {
    const i = PACE_KEYS.indexOf(trait);
    if (Math.abs(mean[i]!) < 1.2 * Math.hypot(...factor[i]!)) return null;
    return mean[i]! > 0 ? more : less;
  };
  const traits = [
    told('lift', 'rises higher than most', 'rises less than most'),
    told('frailty', 'suffers sooner than most when it goes unfed', 'copes well with hunger'),
    told('bend', 'rises late, then quickly', 'rises early'),
    told('reach', 'does not mind a large feed', 'is slow after a large feed'),
    told('tilt', 'speeds up a lot in the warm', 'takes little notice of warmth'),
  ].filter((trait) => trait !== null);
  if (learnt.feeds < 3 || traits.length === 0) return null;
  return <Words tone="quiet">{traits.map((trait) => `It ${trait}.`).join(' ')}</Words>;
}
