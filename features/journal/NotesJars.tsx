import { type JournalTable, type NamedJar } from '@core/formats/journalTable';
import { type Jar } from '@core/journal';
import { FLOUR_KINDS } from '@core/measure';
import { Choice, Panel, Words } from '@kit';
import { type NotesChoice } from '@state/notes';

import { FLOUR_WORDS } from '../words';

const NEW = 'new';
const NOWHERE = 'nowhere';
const FLOURS = FLOUR_KINDS.map((is) => ({ is, text: FLOUR_WORDS[is] }));

interface NotesJarsProps {
  readonly table: JournalTable;
  readonly here: readonly Jar[];
  readonly choiceOf: (notes: NamedJar) => NotesChoice;
  readonly onChoose: (notes: NamedJar, to: NotesChoice) => void;
}

/** Where the notes of each jar go. */
export function NotesJars({ table, ...rest }: NotesJarsProps) {
  return (
    <Panel label="Where it goes">
      {table.jars.map((notes) => (
        <OneJar key={notes.name} notes={notes} {...rest} />
      ))}
    </Panel>
  );
}

function OneJar({
  notes,
  here,
  choiceOf,
  onChoose,
}: Omit<NotesJarsProps, 'table'> & { readonly notes: NamedJar }) {
  const { name, entries } = notes;
  const count = entries.length === 1 ? '1 entry' : `${entries.length} entries`;
  const fresh = name || 'Starter';
  const to = choiceOf(notes);
  const noFlour = entries.some((entry) => entry.kind === 'fed' && !entry.flour);
  return (
    <>
      <Choice
        label={name ? `${name}, ${count}: to` : `${count}, of no jar by name: to`}
        options={[
          ...here.map(({ id, card }) => ({ is: id, text: card.name })),
          { is: NEW, text: `a new jar, ${fresh}` },
          { is: NOWHERE, text: 'nowhere' },
        ]}
        chosen={to.is === 'jar' ? to.jar : to.is}
        onChoose={(is) =>
          onChoose(
            notes,
            is === NEW
              ? { is: 'new', name: fresh, flour: 'white' }
              : is === NOWHERE
                ? { is: 'nowhere' }
                : { is: 'jar', jar: is },
          )
        }
      />
      {to.is === 'new' && noFlour && (
        <Choice
          label={`${fresh} is fed, where it does not say,`}
          options={FLOURS}
          chosen={to.flour}
          onChoose={(flour) => onChoose(notes, { ...to, flour })}
        />
      )}
      {to.is === 'new' && (
        <Words size="small" tone="quiet">
          {`${fresh} stands on the counter. Its glass and its usual feed are guessed from its feeds: look at its card afterwards.`}
        </Words>
      )}
    </>
  );
}
