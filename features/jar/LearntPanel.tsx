import { type Learnt } from '@core/calibrate';
import { changeIn } from '@core/calibrate/change';
import { ForetoldPlot, Notice, Panel, Words } from '@kit';
import { useAppSelector, ofJar } from '@state';

import { changeWords, foretoldWords, paceWords, useKitchenWords } from '../words';

/** Peaks shown in the plot. */
const SHOWN = 12;

/** What was learnt of this starter, and how well its peaks were foretold. */
export function LearntPanel({ id }: { readonly id: string }) {
  const words = useKitchenWords();
  const lesson = useAppSelector((state) => ofJar(state.learnt, id));
  if (!lesson) return null;
  const { learnt } = lesson;
  const change = changeIn(learnt);
  const shown = learnt.foretold.slice(-SHOWN);
  const verdict = foretoldWords(shown, words);
  return (
    <>
      {change && <Notice title="Its pace has changed">{changeWords(change)}</Notice>}
      <Panel label="What was learnt">
        <Words size="title" level={2}>
          Its own pace
        </Words>
        <Words>{paceWords(learnt)}</Words>
        <TraitWords learnt={learnt} />
        {verdict && (
          <>
            <ForetoldPlot peaks={shown} label={verdict} />
            <Words size="small" tone="quiet">
              {`Bars: peak as foretold before the feed, hours after it. Dots: as seen. ${verdict}`}
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
  const sure = (i: number) => Math.abs(mean[i]!) > 1.2 * Math.hypot(...factor[i]!);
  const traits = [
    sure(2) && (mean[2]! > 0 ? 'rises higher than most' : 'rises less high than most'),
    sure(4) && (mean[4]! > 0 ? 'suffers sooner when it goes unfed' : 'bears hunger well'),
  ].filter(Boolean);
  if (learnt.feeds < 3 || traits.length === 0) return null;
  return <Words tone="quiet">{`It ${traits.join(', and ')}.`}</Words>;
}
