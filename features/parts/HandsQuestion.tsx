import { Button, Notice } from '@kit';
import { handsGiven, selectHands, selectHandsGiven, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';

/** Asked once, before anything is planned by hours that nobody gave. */
export function HandsQuestion({ onPaint }: { readonly onPaint?: () => void }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const given = useAppSelector(selectHandsGiven);
  const { upFrom, upUntil } = useAppSelector(selectHands);
  if (given) return null;
  return (
    <Notice
      tone="rim"
      title="When are you home?"
      actions={
        <>
          <Button onPress={() => dispatch(handsGiven(false, 'You are mostly home'))}>
            Mostly home
          </Button>
          <Button onPress={() => dispatch(handsGiven(true, 'You are out on weekdays'))}>
            Out on weekdays
          </Button>
          {onPaint ? (
            <Button onPress={onPaint}>Paint it</Button>
          ) : (
            <Button href="/plan">Say it in the plan</Button>
          )}
        </>
      }
    >
      {`Until you say so only the night is left out, from ${words.hour(Math.floor(upUntil))} to ${words.hour(Math.floor(upFrom))}.`}
    </Notice>
  );
}
