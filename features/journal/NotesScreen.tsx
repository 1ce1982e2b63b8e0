import { useRouter } from 'expo-router';
import { useState } from 'react';

import { type JournalTable, type NamedJar } from '@core/formats/journalTable';
import { type TableAsked } from '@core/formats/tableSense';
import { PageTitle, Button, Page, Panel, Words } from '@kit';
import { selectArchived, selectJars, useAppDispatch, useAppSelector } from '@state';
import { type NotesChoice, notesTaken, readNotes } from '@state/notes';

import { FileProblems } from '../parts/FileProblems';
import { useTable } from '../parts/useTable';
import { NotesJars } from './NotesJars';
import { NotesOtherwise } from './NotesOtherwise';
import { NotesRead } from './NotesRead';

/** Notes that were kept in a table come into the journal: looked at first, every guess to be put right. */
export function NotesScreen() {
  const reading = useTable(readNotes, AS_GUESSED);
  const { table, busy, problem } = reading;
  return (
    <Page title="Bring your notes in" narrow>
      <PageTitle back={{ to: '/journal', name: 'Journal' }}>Bring your notes in</PageTitle>
      <Panel label="The file">
        <Words>
          A table with a line for each feed or look: a day, and what you wrote down of it, in grams,
          ounces or cups. Save it as CSV from your spreadsheet. You see what is understood before
          anything is changed, and one touch takes it back.
        </Words>
        <Button
          kind={table ? 'plain' : 'main'}
          disabled={busy}
          onPress={() => void reading.choose()}
        >
          {table ? 'Choose another file' : 'Choose the file'}
        </Button>
        {busy && <Words live>Reading the file …</Words>}
        {problem !== null && (
          <Words tone="beet" live>
            {problem}
          </Words>
        )}
      </Panel>
      {table && <Understood key={reading.name} table={table} reading={reading} />}
    </Page>
  );
}

/** What was understood of the notes, and the last word on them. */
function Understood({
  table,
  reading,
}: {
  readonly table: JournalTable;
  readonly reading: {
    readonly busy: boolean;
    readonly ask: (asked: TableAsked) => Promise<void>;
    readonly leave: () => void;
  };
}) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const jars = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const [chosen, setChosen] = useState<Readonly<Record<string, NotesChoice>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const choiceOf = (notes: NamedJar): NotesChoice =>
    chosen[notes.name] ??
    (notes.id !== null
      ? { is: 'jar', jar: notes.id }
      : notes.name === '' && jars.length > 0
        ? { is: 'jar', jar: jars[0]!.id }
        : { is: 'new', name: notes.name || 'Starter', flour: 'white' });
  const coming = table.jars.filter((notes) => choiceOf(notes).is !== 'nowhere');
  const count = coming.reduce((sum, { entries }) => sum + entries.length, 0);
  const take = () => {
    const [objection] = dispatch(
      notesTaken(
        table.jars.map((notes) => [notes, choiceOf(notes)]),
        `${count} entries taken in`,
      ),
    );
    setProblem(objection?.message ?? null);
    if (!objection) router.navigate('/journal');
  };
  return (
    <>
      <NotesRead table={table} />
      {table.jars.length > 0 && (
        <NotesJars
          table={table}
          here={[...jars, ...archived]}
          choiceOf={choiceOf}
          onChoose={(notes, to) => setChosen({ ...chosen, [notes.name]: to })}
        />
      )}
      <FileProblems problems={table.problems} count={table.unread} />
      <NotesOtherwise table={table} onAsk={(asked) => void reading.ask(asked)} />
      {problem !== null && (
        <Words tone="beet" live>
          {problem}
        </Words>
      )}
      {table.jars.length > 0 && (
        <Button kind="main" big disabled={reading.busy || count === 0} onPress={take}>
          {table.unread > 0 ? `Take in the ${count} that can be read` : `Take in ${count} entries`}
        </Button>
      )}
      <Button onPress={reading.leave}>Leave it</Button>
    </>
  );
}

const AS_GUESSED: TableAsked = {};
