import { type Plan } from '@core/plan';
import { Notice } from '@kit';
import { selectBakes, useAppSelector } from '@state';

import { bakeNames, isUnlikely, useKitchenWords } from '../words';
import { unlikelyWords } from '../words/offerWords';
import { useWaysOut } from './useWaysOut';

/** That a bake of a plan is less likely than not, and what would raise its chance; nothing for the others. */
export function UnlikelyNotice({ plan }: { readonly plan: Plan }) {
  const words = useKitchenWords();
  const waysOut = useWaysOut();
  const bakes = useAppSelector(selectBakes);
  const unlikely = unlikelyWords(plan, bakeNames(bakes, words), words);
  if (!unlikely) return null;
  return (
    <Notice
      tone="beet"
      title="This may well not work"
      actions={plan.wanted
        .filter(isUnlikely)
        .flatMap(({ id, raisedBy = [] }) => waysOut(id, raisedBy))}
    >
      {unlikely}
    </Notice>
  );
}
