import { type Plan } from '@core/plan';
import { Button, Notice } from '@kit';
import { selectBakes, useAppDispatch, useAppSelector } from '@state';

import { bakeNames, isUnlikely, useKitchenWords } from '../words';
import { unlikelyWords } from '../words/offerWords';
import { wayOut } from './wayOut';

/** That a bake of a plan is less likely than not, and what would raise its chance; nothing for the others. */
export function UnlikelyNotice({ plan }: { readonly plan: Plan }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const bakes = useAppSelector(selectBakes);
  const unlikely = unlikelyWords(plan, bakeNames(bakes, words), words);
  if (!unlikely) return null;
  return (
    <Notice
      tone="beet"
      title="This may well not work"
      actions={plan.wanted.filter(isUnlikely).flatMap(({ id, raisedBy = [] }) => {
        const bake = bakes.find((one) => one.id === id);
        return raisedBy.map((raise) => {
          const way = bake && wayOut(bake, raise, words);
          return (
            way && (
              <Button key={`${id} ${raise.kind}`} onPress={() => dispatch(way.deed)}>
                {way.text}
              </Button>
            )
          );
        });
      })}
    >
      {unlikely}
    </Notice>
  );
}
