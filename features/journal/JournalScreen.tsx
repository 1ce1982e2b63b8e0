import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Chapter, type Jar, type JarEvent } from '@core/journal';
import {
  PageTitle,
  Button,
  Choice,
  DayField,
  Field,
  Folded,
  Page,
  Panel,
  TwoPanes,
  Words,
  useWide,
} from '@kit';
import { selectArchived, selectChapters, selectJars, useAppSelector } from '@state';

import { useEntryWords, useKitchenWords } from '../words';
import { useJarName } from '../words/useJarName';
import { NoStarterYet } from '../parts/NoStarterYet';
import { CsvButton } from './CsvButton';
import { DayPanel } from './DayPanel';
import { EntryDetails } from './EntryDetails';
import { EntrySheet } from './EntrySheet';
import { type Sort, sortOf } from './sorts';
import { PeaksPanel } from './PeaksPanel';
import { useTold } from './useTold';

/** So many entries at first, and with each touch on what is earlier. */
const ENTRIES = 60;

const ALL = 'all';

const SORTS: readonly { readonly is: Sort | typeof ALL; readonly text: string }[] = [
  { is: ALL, text: 'Everything' },
  { is: 'feeds', text: 'Feeds' },
  { is: 'looks', text: 'Looks' },
  { is: 'out', text: 'Taken out' },
  { is: 'moves', text: 'Moves' },
  { is: 'bakes', text: 'Bakes' },
  { is: 'notes', text: 'Notes' },
];

/** What was logged, by day and feed by feed, newest first; an entry opens beside it, or over it where there is no room. */
export function JournalScreen({
  of = ALL,
}: {
  /** The jar that it opens on; all of them when not given. */
  readonly of?: string | undefined;
}) {
  const chapters = useAppSelector(selectChapters);
  const jars = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const everyJar = [...jars, ...archived];
  const wide = useWide();
  const [jar, setJar] = useState(of);
  const [sort, setSort] = useState<Sort | typeof ALL>(ALL);
  const [said, setSaid] = useState('');
  const [until, setUntil] = useState('');
  const [wanted, setWanted] = useState(ENTRIES);
  const [chosen, setChosen] = useState<JarEvent | null>(null);
  const told = useToldOf(chapters, { jar, sort, said, until }, wanted);
  const shown = everyJar.find(({ id }) => id === jar);
  const anew = <T,>(set: (to: T) => void) => {
    return (to: T) => {
      set(to);
      setWanted(ENTRIES);
      setChosen(null);
    };
  };
  const close = () => setChosen(null);
  const filters = (
    <>
      <Choice
        label="Show"
        hideLabel
        options={SORTS}
        chosen={sort}
        onChoose={anew<Sort | typeof ALL>(setSort)}
      />
      <View style={styles.row}>
        <Field label="With these words" text={said} onText={anew(setSaid)} />
        <DayField label="Up to the day" text={until} onText={anew(setUntil)} />
      </View>
    </>
  );
  const list = (
    <>
      {wide ? (
        filters
      ) : (
        <Folded title="Narrow it" said={narrowedWords(sort, said, until)} open={false}>
          {filters}
        </Folded>
      )}
      {told.days.map((day) => (
        <DayPanel
          key={day.date}
          day={day}
          named={!shown}
          chosen={wide ? (chosen?.id ?? null) : null}
          onOpen={setChosen}
        />
      ))}
      {told.settled && told.days.length === 0 && (
        <Panel>
          <Words live>Nothing like that was logged.</Words>
        </Panel>
      )}
      {!told.settled && <Words tone="quiet">Looking through the log…</Words>}
      {told.settled && told.more && (
        <Button onPress={() => setWanted(wanted + ENTRIES)}>Earlier days</Button>
      )}
      <CsvButton jar={shown ?? null} />
      <Button kind="bare" href="/notes">
        Bring in notes from a table (CSV)
      </Button>
    </>
  );
  return (
    <Page title="Journal" narrow={chapters.length === 0}>
      <PageTitle>Journal</PageTitle>
      {everyJar.length > 1 && (
        <Choice
          label="Of which jar"
          hideLabel
          options={[
            { is: ALL, text: 'All jars' },
            ...everyJar.map((known) => ({ is: known.id, text: known.card.name })),
          ]}
          chosen={jar}
          onChoose={anew(setJar)}
        />
      )}
      {chapters.length > 0 && (
        <View style={styles.links}>
          <Button kind="bare" href={shown ? `/charts?jar=${shown.id}` : '/charts'}>
            Charts
          </Button>
          <Button kind="bare" href="/year">
            The year on paper
          </Button>
        </View>
      )}
      {chapters.length === 0 ? (
        <NoStarterYet text="Whatever you do at the bench or see in a jar is written down here for you: feeds, looks, moves, what you took out and where it went.">
          <Button href="/notes">Bring in notes you kept elsewhere</Button>
        </NoStarterYet>
      ) : wide ? (
        <TwoPanes
          leftShare={0.58}
          left={list}
          right={
            <Beside
              event={chosen}
              jar={shown ?? everyJar.find(({ id }) => id === chosen?.jar)}
              onDone={close}
            />
          }
        />
      ) : (
        <>
          {list}
          {shown && <PeaksPanel jar={shown} />}
          {chosen && <EntrySheet event={chosen} onClose={close} />}
        </>
      )}
    </Page>
  );
}

/** The entry that was touched, in sight wherever the list is scrolled to. */
function Beside({
  event,
  jar,
  onDone,
}: {
  readonly event: JarEvent | null;
  readonly jar: Jar | undefined;
  readonly onDone: () => void;
}) {
  return (
    <View style={styles.stays}>
      <Panel label="The entry">
        {event ? (
          <EntryDetails key={event.id} event={event} onDone={onDone} />
        ) : (
          <Words tone="quiet">
            Touch an entry to see all of it, put it right or strike it out.
          </Words>
        )}
      </Panel>
      {jar && <PeaksPanel jar={jar} />}
    </View>
  );
}

interface Asked {
  readonly jar: string;
  readonly sort: Sort | typeof ALL;
  readonly said: string;
  readonly until: string;
}

/** The days that hold what is asked for. */
function useToldOf(chapters: readonly Chapter[], asked: Asked, entries: number) {
  const words = useKitchenWords();
  const text = useEntryWords();
  const nameOf = useJarName();
  const said = useDeferredValue(asked.said);
  const { jar, sort, until } = asked;
  const end = /^\d{4}-\d\d-\d\d$/.test(until) ? words.instantOf(`${until}T23:59:59.999`) : Infinity;
  const found = useMemo(
    () => (jar === ALL ? chapters : chapters.filter((chapter) => chapter.jar === jar)),
    [chapters, jar],
  );
  const wanted = useMemo(() => said.toLowerCase().split(/\s+/).filter(Boolean), [said]);
  const ofChapter = useCallback(
    (chapter: Chapter): readonly JarEvent[] => {
      if (chapter.at > end) return [];
      const sorted =
        sort === ALL ? chapter.entries : chapter.entries.filter((event) => sortOf(event) === sort);
      if (wanted.length === 0) return sorted;
      const name = nameOf(chapter.jar);
      return sorted.filter((event) => {
        const line = `${name} ${text(event)}`.toLowerCase();
        return wanted.every((word) => line.includes(word));
      });
    },
    [end, sort, wanted, nameOf, text],
  );
  const dateOf = useCallback((at: number) => words.fieldText(at).slice(0, 10), [words]);
  return useTold(found, ofChapter, dateOf, entries);
}

const narrowedWords = (sort: Sort | typeof ALL, said: string, until: string): string =>
  [
    SORTS.find(({ is }) => is === sort && is !== ALL)?.text,
    said.trim() && `“${said.trim()}”`,
    until && 'up to a day',
  ]
    .filter(Boolean)
    .join(', ') || 'Everything is shown';

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  links: { flexDirection: 'row', gap: 8, marginLeft: -8 },
  stays: { gap: 16, position: 'sticky' as 'relative', top: 28 },
});
