import { Notice, Button } from '@kit';
import { selectNow, selectRuns, useAppSelector } from '@state';

import { PROGRAMME_WORDS, useKitchenWords } from '../words';

/** That a jar is fed as a programme says, and where that is. */
export function InProgramme({ id }: { readonly id: string }) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const under = useAppSelector(selectRuns).find(({ jar }) => jar.id === id);
  if (!under) return null;
  const { jar, run, next } = under;
  const path = `/jar/${id}/programme` as const;
  return (
    <Notice
      tone="rim"
      title={`Being ${PROGRAMME_WORDS[run.programme.id].doing}, day ${run.day}`}
      actions={<Button href={path}>To the programme</Button>}
    >
      {
        {
          well: `${jar.card.name} is well again: end the programme, and go back to its usual feeds.`,
          useBackup: 'It has had its time: see what to do.',
          going:
            next.at <= now
              ? `Feed it now: ${words.feed(next)}.`
              : `Next feed ${words.moment(next.at)}: ${words.feed(next)}.`,
        }[run.verdict]
      }
    </Notice>
  );
}
