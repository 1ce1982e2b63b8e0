import { type JournalTable } from '@core/formats/journalTable';
import { type JarEvent, instantOf } from '@core/journal';
import { Panel, Words } from '@kit';

import { useEntryWords, useKitchenWords } from '../words';

/** So many are shown as they were understood. */
const SHOWN = 6;

/** What was understood: how much it is, and the first of it in the words of the journal. */
export function NotesRead({ table }: { readonly table: JournalTable }) {
  const words = useKitchenWords();
  const text = useEntryWords();
  const { count, alreadyHere, dayAloneH, from, until, jars } = table;
  const first = jars
    .flatMap(({ entries }) => entries)
    .sort((a, b) => instantOf(a) - instantOf(b))
    .slice(0, SHOWN);
  const here =
    alreadyHere === 0
      ? ''
      : `${alreadyHere === 1 ? 'One more is' : `${alreadyHere} more are`} in the journal already, or twice in the file.`;
  if (count === 0)
    return (
      <Panel label="What it holds">
        <Words live>All of it is in the journal already.</Words>
      </Panel>
    );
  return (
    <Panel label="What it holds">
      <Words strong live>
        {`${count === 1 ? '1 entry' : `${count} entries`}, ${words.fullDay(from)} to ${words.fullDay(until)}`}
      </Words>
      {here !== '' && <Words>{here}</Words>}
      {dayAloneH !== null && (
        <Words>{`Where a line has a day and no hour, it counts as ${words.hour(dayAloneH)}.`}</Words>
      )}
      <Words size="small" tone="quiet">
        The first of them, as they were understood:
      </Words>
      {first.map((entry, i) => (
        <Words key={i} size="small">
          {`${entry.jar ? `${entry.jar}, ` : ''}${words.dated(instantOf(entry))}: ${text({ flour: {}, ...entry, id: `line ${i}` } as JarEvent)}`}
        </Words>
      ))}
    </Panel>
  );
}
