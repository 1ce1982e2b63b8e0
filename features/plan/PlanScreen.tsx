import { useEffect, useState } from 'react';
import { View } from 'react-native';

import { Notice, Page, Panel, Press, TwoPanes, Words, useWide } from '@kit';
import {
  followedPlan,
  planLookedAt,
  selectJars,
  stopPlanning,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { impossibleWords, useKitchenWords } from '../words';
import { BakesPanel } from './BakesPanel';
import { CalendarButton } from './CalendarButton';
import { HandsPanel } from './HandsPanel';
import { PlansOffered } from './PlansOffered';
import { StepList } from './StepList';
import { WeekRows } from './WeekRows';

/** My week: bakes wanted, hands, trips; the plans to choose from; the row of canopies; the steps. */
export function PlanScreen() {
  const wide = useWide();
  const jars = useAppSelector(selectJars);
  const plan = useAppSelector((state) => state.plan);
  const dispatch = useAppDispatch();
  const [shown, setShown] = useState<string | null>(null);
  useEffect(() => {
    dispatch(planLookedAt(true));
    return () => {
      dispatch(planLookedAt(false));
    };
  }, [dispatch]);
  const followed = followedPlan(plan);
  const preview =
    plan.plans.find(({ name }) => name === shown) ?? followed ?? plan.plans[0] ?? null;
  if (jars.length === 0)
    return (
      <Page narrow>
        <Words size="heading" level={1}>
          Plan
        </Words>
        <Panel>
          <Words>
            Name a bake and its hour, and the feeds that lead to it are found here, around your
            sleep and your work. First put a starter on the shelf.
          </Words>
        </Panel>
      </Page>
    );
  const wishes = (
    <>
      <BakesPanel />
      <HandsPanel />
    </>
  );
  const found = (
    <>
      {plan.mended && <Notice title={plan.mended} />}
      <Obstacles />
      {plan.searching !== null && <Searching share={plan.searching} />}
      <PlansOffered shown={preview?.name ?? null} onShow={setShown} />
      {preview && (
        <>
          <WeekRows plan={preview} />
          <StepList plan={preview} />
          {preview.steps.length > 0 && <CalendarButton plan={preview} />}
        </>
      )}
    </>
  );
  return (
    <Page>
      <Words size="heading" level={1}>
        Plan
      </Words>
      {wide ? (
        <TwoPanes left={wishes} right={found} leftShare={0.38} />
      ) : (
        <>
          <BakesPanel />
          {found}
          <HandsPanel />
        </>
      )}
    </Page>
  );
}

function Searching({ share }: { readonly share: number }) {
  return (
    <View role="status" style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Words tone="quiet" style={{ flex: 1 }}>
        {`Looking for plans, ${Math.round(share * 100)} %`}
      </Words>
      <Press kind="bare" onPress={stopPlanning}>
        Stop
      </Press>
    </View>
  );
}

/** Bakes that cannot be had, why, and what comes nearest. */
function Obstacles() {
  const words = useKitchenWords();
  const { impossible, bakes } = useAppSelector((state) => state.plan);
  return impossible.map((obstacle) => {
    const name = bakes.find(({ id }) => id === obstacle.wanted)?.name ?? 'This bake';
    const [reason, ...nearest] = impossibleWords(obstacle, name, words);
    return (
      <Notice key={obstacle.wanted} tone="beet" title={reason!}>
        {nearest.join(' ')}
      </Notice>
    );
  });
}
