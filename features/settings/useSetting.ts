import {
  type Settings,
  selectSettings,
  settingsChanged,
  useAppDispatch,
  useAppSelector,
} from '@state';

/** The settings, and a way to change one. */
export function useSetting() {
  const settings = useAppSelector(selectSettings);
  const dispatch = useAppDispatch();
  return {
    settings,
    set: (to: Partial<Settings>) => {
      dispatch(settingsChanged(to));
    },
  };
}
