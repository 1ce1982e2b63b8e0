import { StyleSheet, View } from 'react-native';

import { type Plan } from '@core/plan';
import { Folded, Button, RADIUS, RIM, TOUCH, TouchArea, Words, useLook } from '@kit';
import {
  planChosen,
  selectBakes,
  selectChosen,
  selectJars,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { PLAN_WORDS, bakeNames, planFigures, planLine, useKitchenWords } from '../words';
import { savingWords, unsureWords } from '../words/offerWords';
import { UnlikelyNotice } from './UnlikelyNotice';

/** The plans that were found, side by side: to look at, to compare and to choose. */
export function PlansOffered({
  shown,
  settled,
  onShow,
}: {
  readonly shown: Plan | null;
  /** Chosen when the page was opened: folded until somebody wants another. */
  readonly settled: boolean;
  readonly onShow: (name: string) => void;
}) {
  const dispatch = useAppDispatch();
  const plans = useAppSelector((state) => state.plan.plans);
  const chosen = useAppSelector(selectChosen);
  const words = useKitchenWords();
  const bakes = useAppSelector(selectBakes);
  const jars = useAppSelector(selectJars);
  if (plans.length === 0 || !shown) return null;
  const follows = chosen === shown.name;
  const jarName = (id: string) => jars.find((jar) => jar.id === id)?.card.name ?? id;
  return (
    <Folded
      title="Plans to choose from"
      open={!settled}
      said={`${PLAN_WORDS[shown.name]}, followed. ${planLine(shown, words)}`}
    >
      <View role="radiogroup" aria-label="Plan to look at" style={styles.stack}>
        {plans.map((plan) => (
          <PlanRow
            key={plan.name}
            plan={plan}
            on={plan === shown}
            followed={plan.name === chosen}
            onShow={() => onShow(plan.name)}
          />
        ))}
      </View>
      {!settled && <UnlikelyNotice plan={shown} />}
      {[
        ...unsureWords(shown, bakeNames(bakes, words), words),
        ...savingWords(shown, jarName, words),
      ].map((said) => (
        <Words key={said} size="small" tone="quiet">
          {said}
        </Words>
      ))}
      {follows ? (
        <Button onPress={() => dispatch(planChosen(null, 'No plan is followed'))}>
          Leave this plan
        </Button>
      ) : (
        <Button
          kind="main"
          onPress={() =>
            dispatch(planChosen(shown.name, `Followed: ${PLAN_WORDS[shown.name].toLowerCase()}`))
          }
        >
          {chosen === null ? 'Follow it' : 'Follow this one instead'}
        </Button>
      )}
    </Folded>
  );
}

function PlanRow({
  plan,
  on,
  followed,
  onShow,
}: {
  readonly plan: Plan;
  readonly on: boolean;
  readonly followed: boolean;
  readonly onShow: () => void;
}) {
  const look = useLook();
  const words = useKitchenWords();
  return (
    <TouchArea
      role="radio"
      on={on}
      label={`${PLAN_WORDS[plan.name]}${followed ? ', followed' : ''}. ${planLine(plan, words)}`}
      onPress={onShow}
      style={[
        styles.box,
        { borderColor: on ? look.rim : look.seam, backgroundColor: on ? look.mist : look.enamel },
      ]}
    >
      <Words strong>
        {followed ? `${PLAN_WORDS[plan.name]}, followed` : PLAN_WORDS[plan.name]}
      </Words>
      <View style={styles.row}>
        {planFigures(plan, words).map(([figure, name]) => (
          <View key={name} style={styles.boxNarrow}>
            <Words>{figure}</Words>
            <Words size="small" tone={on ? 'ink' : 'quiet'}>
              {name}
            </Words>
          </View>
        ))}
      </View>
    </TouchArea>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 6 },
  box: {
    minHeight: TOUCH,
    paddingHorizontal: 12,
    paddingVertical: 6,
    borderRadius: RADIUS,
    borderWidth: RIM,
  },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 6, rowGap: 4 },
  boxNarrow: { flexGrow: 1, minWidth: 54 },
});
