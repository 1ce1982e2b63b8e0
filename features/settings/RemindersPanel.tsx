import { useState } from 'react';

import { Choice, Panel, Words, askLeave } from '@kit';
import { selectSettings, settingsChanged, useAppDispatch, useAppSelector } from '@state';

/** Who says when a planned step is due. */
export function RemindersPanel() {
  const dispatch = useAppDispatch();
  const { reminders, calendarAlarms } = useAppSelector(selectSettings);
  const [refused, setRefused] = useState(false);
  const choose = async (on: boolean) => {
    const allowed = on && (await askLeave());
    setRefused(on && !allowed);
    dispatch(settingsChanged({ reminders: allowed ? 'on' : 'off' }));
  };
  return (
    <Panel label="Reminders">
      <Words size="title" level={2}>
        Reminders
      </Words>
      <Choice
        label="When a step is due, while Ombrello is open"
        options={[
          { is: true, text: 'The browser says so' },
          { is: false, text: 'Quiet' },
        ]}
        chosen={reminders === 'on'}
        onChoose={(on) => void choose(on)}
      />
      {refused && (
        <Words size="small" tone="beet" live>
          The browser does not allow it. You can change that in its own settings for this page.
        </Words>
      )}
      <Choice
        label="Steps in a calendar"
        options={[
          { is: true, text: 'Ring' },
          { is: false, text: 'Do not ring' },
        ]}
        chosen={calendarAlarms}
        onChoose={(alarms) => dispatch(settingsChanged({ calendarAlarms: alarms }))}
      />
    </Panel>
  );
}
