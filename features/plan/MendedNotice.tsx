import { Notice, Button } from '@kit';
import { mendingSeen, useAppDispatch, useAppSelector } from '@state';

/** What changed in the followed plan when things went otherwise; it stands until it is read. */
export function MendedNotice() {
  const dispatch = useAppDispatch();
  const mended = useAppSelector((state) => state.plan.mended);
  if (!mended) return null;
  return (
    <Notice
      title={mended}
      actions={<Button onPress={() => dispatch(mendingSeen())}>All right</Button>}
    />
  );
}
