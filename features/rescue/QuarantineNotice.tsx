import { Notice, Button } from '@kit';
import { selectQuarantines, useAppSelector } from '@state';

import { listed } from '../words/listed';
import { useJarName } from '../words/useJarName';

/** That something which came from a jar that was thrown out waits to be looked over; nothing while there is none. */
export function QuarantineNotice() {
  const nameOf = useJarName();
  const quarantines = useAppSelector(selectQuarantines);
  if (quarantines.length === 0) return null;
  const things = quarantines.reduce((sum, { reached }) => sum + reached.length, 0);
  const names = listed(quarantines.map(({ thrownOut }) => nameOf(thrownOut.jar)));
  const split = quarantines.flatMap(({ reached }) =>
    reached.filter(({ what }) => what === 'jar').map(({ of }) => nameOf(of)),
  );
  return (
    <Notice
      title={`${things === 1 ? 'One thing' : `${things} things`} may have the trouble of ${names}`}
      tone="beet"
      actions={<Button href="/larder">Look them over</Button>}
    >
      {split.length > 0
        ? `${listed(split)} ${split.length === 1 ? 'was' : 'were'} split off it. Do not feed or bake from ${split.length === 1 ? 'it' : 'them'} before you have looked.`
        : 'Do not use what came from it before you have looked.'}
    </Notice>
  );
}
