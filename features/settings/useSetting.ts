import { type Settings } from '@core/journal';
import { selectSettings, settingsChanged, useAppDispatch, useAppSelector } from '@state';

/** The settings, and a way to change one. */
export function useSetting() {
  const settings = useAppSelector(selectSettings);
  const dispatch = useAppDispatch();
  return {
    settings,
    set: (to: Partial<Settings>) => {
      dispatch(settingsChanged(to, 'The setting is changed'));
    },
  };
}
