import { copyText } from '@kit';
import { noticed, useAppDispatch } from '@state';

/** Puts a text where it can be pasted from, and says so; or that this browser does not let it. */
export function useCopy(): (text: string, said: string) => void {
  const dispatch = useAppDispatch();
  return (text, said) =>
    void copyText(text).then((copied) =>
      dispatch(
        noticed({ text: copied ? said : 'This browser does not let it be copied', undo: [] }),
      ),
    );
}
