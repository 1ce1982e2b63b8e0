import { Notice, Button, askLeave, reminderLeave } from '@kit';
import {
  selectFollowed,
  selectNow,
  selectSettings,
  settingsChanged,
  useAppDispatch,
  useAppSelector,
} from '@state';

/** Asks once, when a plan is followed and has something to remind of. */
export function ReminderOffer() {
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const { reminders } = useAppSelector(selectSettings);
  const plan = useAppSelector(selectFollowed);
  const useful = plan?.steps.some(({ at }) => at > now);
  if (!useful || reminders !== 'ask' || reminderLeave() === 'denied') return null;
  const answer = async (yes: boolean) => {
    const on = yes && (await askLeave());
    dispatch(settingsChanged({ reminders: on ? 'on' : 'off' }));
  };
  return (
    <Notice
      tone="rim"
      title="Should the browser tell you when a step is due?"
      actions={
        <>
          <Button onPress={() => void answer(true)}>Yes, tell me</Button>
          <Button kind="bare" onPress={() => void answer(false)}>
            No
          </Button>
        </>
      }
    >
      Only while Ombrello is open. You can change this in the settings.
    </Notice>
  );
}
