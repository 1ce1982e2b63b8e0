import { useFocusEffect } from 'expo-router';
import { memo, useCallback, useDeferredValue, useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useStore } from 'react-redux';

import { PageTitle, Page, Button, Sheet, TwoPanes, Words, useWide, Progress } from '@kit';
import {
  type RootState,
  selectFollowed,
  planLookedAt,
  selectJars,
  searchAskedAgain,
  searchStopAsked,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { HandsQuestion } from '../parts/HandsQuestion';
import { NoStarterYet } from '../parts/NoStarterYet';
import { Runs } from '../parts/Runs';
import { BakesPanel } from './BakesPanel';
import { CalendarButton } from '../parts/CalendarButton';
import { HandsPanel } from './HandsPanel';
import { MendedNotice } from './MendedNotice';
import { Obstacles } from './Obstacles';
import { PutOffPanel } from './PutOffPanel';
import { PlansOffered } from './PlansOffered';
import { ReminderOffer } from './ReminderOffer';
import { StepList } from './StepList';
import { UnlikelyNotice } from './UnlikelyNotice';
import { WeekRows } from './WeekRows';

/** My week: bakes wanted, hands, trips; the plans to choose from; the row of canopies; the steps. */
export function PlanScreen() {
  const wide = useWide();
  const jars = useAppSelector(selectJars);
  const plans = useAppSelector((state) => state.plan.plans);
  const followed = useAppSelector(selectFollowed);
  const dispatch = useAppDispatch();
  const [shown, setShown] = useState<string | null>(null);
  const [painting, setPainting] = useState(false);
  const store = useStore<RootState>();
  // As it is when somebody comes to the page: what they settle there stays open under their fingers.
  const [settled, setSettled] = useState(followed !== null);
  useEffect(() => {
    dispatch(planLookedAt(true));
    return () => {
      dispatch(planLookedAt(false));
    };
  }, [dispatch]);
  useFocusEffect(useCallback(() => setSettled(selectFollowed(store.getState()) !== null), [store]));
  const preview = plans.find(({ name }) => name === shown) ?? followed ?? plans[0] ?? null;
  // A plan is much to draw: the page stays quick to the touch while it comes.
  const drawn = useDeferredValue(preview);
  if (jars.length === 0)
    return (
      <Page title="Plan" narrow>
        <PageTitle>Plan</PageTitle>
        <NoStarterYet text="Say what you want to bake and when, and you get the feeds that lead to it, around your sleep and your work. First put a starter on the shelf." />
      </Page>
    );
  const wishes = (
    <>
      <Bakes folds={!wide} />
      <HandsShown folds={!wide} />
    </>
  );
  const offered = <PlansOffered shown={preview} settled={settled} onShow={setShown} />;
  const found = (
    <>
      <HandsQuestion onPaint={() => setPainting(true)} />
      {painting && (
        <Sheet title="When you are home" onClose={() => setPainting(false)}>
          <HandsPanel folds={false} />
        </Sheet>
      )}
      <MendedNotice />
      <ReminderOffer />
      <Obstacles />
      <Runs />
      {/* Of a plan that is followed it stands above the week: what is folded away warns nobody. */}
      {settled && drawn && <UnlikelyNotice plan={drawn} />}
      <Searching />
      {drawn && <Week plan={drawn} />}
      {!settled && offered}
      {drawn && (
        <>
          <PutOffPanel />
          <Steps plan={drawn} />
          {drawn.steps.length > 0 && (
            <CalendarButton steps={drawn.steps} calendar="plan" name="ombrello-plan">
              Steps to my calendar
            </CalendarButton>
          )}
        </>
      )}
      {settled && offered}
    </>
  );
  return (
    <Page title="Plan">
      <PageTitle>Plan</PageTitle>
      {wide ? (
        <TwoPanes left={found} right={wishes} leftShare={0.62} />
      ) : (
        <>
          {found}
          {wishes}
        </>
      )}
    </Page>
  );
}

// What does not depend on the plan that comes is not drawn again with it.
const Week = memo(WeekRows);
const Steps = memo(StepList);
const Bakes = memo(BakesPanel);
const HandsShown = memo(HandsPanel);

/** How far the search has come. Alone in looking at it: it changes many times a second. */
function Searching() {
  const share = useAppSelector((state) => state.plan.searching);
  const stopped = useAppSelector((state) => state.plan.stopped);
  const dispatch = useAppDispatch();
  if (share === null)
    return stopped === null ? null : (
      <View role="status" style={styles.row}>
        <Words tone="quiet" style={styles.fill}>
          {stopped === 'byHand'
            ? 'You stopped the search. There may be more to find.'
            : 'The browser could not look for plans just now.'}
        </Words>
        <Button kind="bare" onPress={() => dispatch(searchAskedAgain())}>
          {stopped === 'byHand' ? 'Go on looking' : 'Try again'}
        </Button>
      </View>
    );
  return (
    <View style={styles.stack}>
      <View role="status" style={styles.row}>
        <Words tone="quiet" style={styles.fill}>
          {`Looking for plans, ${Math.round(share * 100)} %`}
        </Words>
        <Button kind="bare" onPress={() => dispatch(searchStopAsked())}>
          Stop
        </Button>
      </View>
      <Progress label="The search for plans" share={share} />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  fill: { flex: 1 },
});
