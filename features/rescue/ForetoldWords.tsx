import { type Jar, type ProgrammeId } from '@core/journal';
import { PROGRAMME } from '@core/rescue';
import { Words } from '@kit';
import { selectNow, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { foretoldText } from './foretoldText';
import { useBestPlace, useForetold } from './useForetold';

/** What the model expects of a programme that would begin now. */
export function ForetoldWords({
  jar,
  programme,
}: {
  readonly jar: Jar;
  readonly programme: ProgrammeId;
}) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const foretold = useForetold(jar, programme, null);
  const best = useBestPlace(jar, programme);
  if (!foretold) return null;
  return (
    <Words strong>
      {foretoldText(
        foretold,
        PROGRAMME[programme],
        0,
        now,
        best?.elsewhere ? best.place.name : null,
        words,
      )}
    </Words>
  );
}
