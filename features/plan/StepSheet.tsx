import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { HOUR } from '@core/measure';
import { type Step } from '@core/plan';
import { MomentField, Button, Sheet, Words } from '@kit';
import {
  bakeDropped,
  bakeMoved,
  jarLeftAlone,
  selectBakes,
  selectJar,
  selectNow,
  selectTime,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { FeedFigures } from '../parts/FeedFigures';
import { plannedName, slackWords, useKitchenWords, usePlaceName } from '../words';
import { useStepWords } from '../words/useStepWords';
import { putOff, skipped } from './putOff';
import { useStep } from './useStep';

/** A step of the plan: what it asks for, and to do it, skip it, or have it at another time. */
export function StepSheet({
  step,
  steps,
  onClose,
}: {
  readonly step: Step;
  /** All steps of its plan. */
  readonly steps: readonly Step[];
  readonly onClose: () => void;
}) {
  const words = useKitchenWords();
  const placeName = usePlaceName();
  const stepWords = useStepWords();
  const name = useAppSelector((state) => selectJar(state, step.jar))?.card.name ?? step.jar;
  const { open, openText } = useStep(step);
  const slack = slackWords(step, words);
  return (
    <Sheet title={plannedName(step, name)} onClose={onClose}>
      <Words strong>{`${words.moment(step.at)}${slack ? `, ${slack}` : ''}`}</Words>
      {step.keepG === undefined ? (
        <Words>{stepWords(step)}</Words>
      ) : (
        <>
          <FeedFigures keepG={step.keepG} waterG={step.waterG!} flourG={step.flourG!} />
          <Words size="small" tone="quiet">
            {`${step.discardG ? `${words.grams(step.discardG)} is discard. ` : ''}Then it goes to: ${placeName(step.place!)}.`}
          </Words>
        </>
      )}
      <Outlook step={step} />
      <Button
        kind="main"
        onPress={() => {
          onClose();
          open();
        }}
      >
        {step.keepG === undefined ? openText : 'Go to the bench'}
      </Button>
      <Otherwise step={step} steps={steps} name={name} onDone={onClose} />
    </Sheet>
  );
}

/** What the step is for, when it is for a bake. */
function Outlook({ step }: { readonly step: Step }) {
  const words = useKitchenWords();
  const bakes = useAppSelector(selectBakes);
  const plans = useAppSelector((state) => state.plan.plans);
  const bake = bakes.find(({ id }) => id === step.wanted);
  const prospect = plans
    .find(({ steps }) => steps.includes(step))
    ?.wanted.find(({ id }) => id === step.wanted);
  if (!bake || !prospect) return null;
  return (
    <Words size="small">
      {`For ${bake.name}, ripe ${words.moment(bake.from)} to ${words.time(bake.until)}: ${Math.round(prospect.chance * 100)}\u00a0% likely. It should peak ${words.about(prospect.peakAt)}, ${words.between(prospect.low, prospect.high)}.`}
    </Words>
  );
}

/** Skips a step, or has it at another time. For a bake itself: gives it up, or moves it. */
function Otherwise({
  step,
  steps,
  name,
  onDone,
}: {
  readonly step: Step;
  readonly steps: readonly Step[];
  readonly name: string;
  readonly onDone: () => void;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const time = useAppSelector(selectTime);
  const bake = useAppSelector(selectBakes).find(({ id }) => id === step.wanted);
  const [text, setText] = useState(() => words.fieldText(Math.max(now, step.at + HOUR)));
  const [problem, setProblem] = useState<string | null>(null);
  const title = plannedName(step, name);
  const endOfDay = step.at + (24 - time.hourOfDay(step.at)) * HOUR;
  const taking = step.kind === 'take' ? bake : undefined;

  const skip = () => {
    if (taking) dispatch(bakeDropped(taking.id, `${taking.name} is off`));
    else dispatch(jarLeftAlone(skipped(step, steps, now, endOfDay), `${title}: skipped`));
    onDone();
  };
  const shift = () => {
    const to = words.instantOf(text);
    const last = steps[steps.length - 1]!.at;
    if (Number.isNaN(to)) return setProblem('Give a day and a time.');
    if (to < now) return setProblem('That is over.');
    if (to > last + 24 * HOUR) return setProblem('The plan does not look that far ahead.');
    dispatch(
      taking
        ? bakeMoved(taking.id, to - taking.from, `${taking.name} is wanted ${words.moment(to)}`)
        : jarLeftAlone(putOff(step, steps, now, to), `${title}: ${words.at(to)}`),
    );
    onDone();
  };
  return (
    <View style={styles.stack}>
      <MomentField
        label={taking ? 'Wanted from' : 'At another time'}
        text={text}
        onText={setText}
        problem={problem}
      />
      <View style={styles.row}>
        <Button grow onPress={skip}>
          {taking ? 'Not this bake' : 'Skip it'}
        </Button>
        <Button grow onPress={shift}>
          {taking ? 'Move the bake' : 'Shift it'}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 10 },
  row: { flexDirection: 'row', gap: 8 },
});
