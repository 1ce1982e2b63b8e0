import { selectNow, selectRuns, useAppSelector } from '@state';

import { PROGRAMME_WORDS, useKitchenWords } from '../words';
import { type Remark, RemarkList } from './RemarkList';

/** Jars that a programme brings back, wakes or begins. */
export function Runs() {
  return <RemarkList label="Under way" remarks={useRunRemarks()} />;
}

const UMBRELLA = { well: 'open', useBackup: 'drooping', going: 'opening' } as const;

function useRunRemarks(): readonly Remark[] {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  return useAppSelector(selectRuns).map(({ jar, run, next }): Remark => ({
    path: `/jar/${jar.id}/programme`,
    umbrella: UMBRELLA[run.verdict],
    text: {
      well: `${jar.card.name} is well again`,
      useBackup: `${jar.card.name} has had long enough: see what to do`,
      going: `${jar.card.name} is being ${PROGRAMME_WORDS[run.programme.id].doing}, day ${run.day}: ${
        next.at <= now ? 'feed it now' : `next feed ${words.moment(next.at)}`
      }`,
    }[run.verdict],
  }));
}
