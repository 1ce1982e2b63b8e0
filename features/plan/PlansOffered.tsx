import { View } from 'react-native';

import { Panel, Press, Words } from '@kit';
import { planChosen, useAppDispatch, useAppSelector } from '@state';

import { PLAN_WORDS, planLine, useKitchenWords } from '../words';

/** The plans that were found, to look at and to choose. */
export function PlansOffered({
  shown,
  onShow,
}: {
  readonly shown: string | null;
  readonly onShow: (name: string) => void;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const { plans, chosen } = useAppSelector((state) => state.plan);
  if (plans.length === 0) return null;
  return (
    <View role="region" aria-label="Plans to choose from" style={{ gap: 10 }}>
      {plans.map((plan) => {
        const follows = chosen === plan.name;
        return (
          <Panel key={plan.name} style={{ paddingVertical: 12, gap: 8 }}>
            <Words strong level={2}>
              {follows ? `${PLAN_WORDS[plan.name]}, followed` : PLAN_WORDS[plan.name]}
            </Words>
            <Words size="small" tone="quiet">
              {planLine(plan, words)}
            </Words>
            <View style={{ flexDirection: 'row', gap: 8 }}>
              <Press grow disabled={shown === plan.name} onPress={() => onShow(plan.name)}>
                {shown === plan.name ? 'Shown below' : 'Look at it'}
              </Press>
              {follows ? (
                <Press onPress={() => dispatch(planChosen(null))}>Leave it</Press>
              ) : (
                <Press
                  kind={chosen === null ? 'main' : 'plain'}
                  grow
                  onPress={() => {
                    dispatch(planChosen(plan.name));
                    onShow(plan.name);
                  }}
                >
                  Follow it
                </Press>
              )}
            </View>
          </Panel>
        );
      })}
    </View>
  );
}
