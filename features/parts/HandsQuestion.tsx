import { useState } from 'react';

import { Button, Notice } from '@kit';
import {
  WORK,
  handsGiven,
  selectHands,
  selectHandsGiven,
  selectKitchen,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';

/** Asked once, before anything is planned by hours that nobody gave. */
export function HandsQuestion({ onPaint }: { readonly onPaint?: () => void }) {
  const kitchen = useAppSelector(selectKitchen).name;
  return <Question key={kitchen} {...(onPaint ? { onPaint } : {})} />;
}

function Question({ onPaint }: { readonly onPaint?: () => void }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const [given] = useState(useAppSelector(selectHandsGiven));
  const [answered, setAnswered] = useState(false);
  const { upFrom, upUntil } = useAppSelector(selectHands);
  // Hours typed elsewhere on the page do not take it away from under the fingers.
  if (given || answered) return null;
  const answer = (outOnWeekdays: boolean, text: string) => {
    dispatch(handsGiven(outOnWeekdays, text));
    setAnswered(true);
  };
  return (
    <Notice
      tone="rim"
      title="When are you home?"
      actions={
        <>
          <Button onPress={() => answer(false, 'You are mostly home')}>Mostly home</Button>
          <Button
            onPress={() =>
              answer(
                true,
                `You are out on weekdays, ${words.hour(WORK.from)} to ${words.hour(WORK.until)}`,
              )
            }
          >{`Out on weekdays, ${words.hour(WORK.from)} to ${words.hour(WORK.until)}`}</Button>
          {onPaint ? (
            <Button onPress={onPaint}>Paint it</Button>
          ) : (
            <Button href="/plan">Tell it in the plan</Button>
          )}
        </>
      }
    >
      {`Until you say so, plans keep clear of the night alone, from ${words.hour(upUntil)} to ${words.hour(upFrom)}.`}
    </Notice>
  );
}
