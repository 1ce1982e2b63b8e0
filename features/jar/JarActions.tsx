import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Standing } from '@core/journal';
import { archive as setArchived } from '@core/verbs';
import { Button } from '@kit';
import { doneTo, selectRuns, useAppDispatch, useAppSelector } from '@state';

import { MoveSheet } from '../parts/MoveSheet';
import { WeighSheet } from '../parts/WeighSheet';
import { NoteSheet } from './NoteSheet';
import { RejarSheet } from './RejarSheet';
import { SameAgainSheet } from './SameAgainSheet';
import { TakeSheet } from './TakeSheet';

/** What can be done with a jar. */
export function JarActions({ standing }: { readonly standing: Standing }) {
  const { jar } = standing;
  const dispatch = useAppDispatch();
  const [sheet, setSheet] = useState<'move' | 'take' | 'note' | 'again' | 'rejar' | 'weigh' | null>(
    null,
  );
  const close = () => setSheet(null);
  // A jar in a programme is fed as that says.
  const inProgramme = useAppSelector(selectRuns).some((run) => run.jar.id === jar.id);
  const trouble = `/trouble?jar=${jar.id}` as const;
  const archive = (archived: boolean) =>
    dispatch(
      doneTo(
        jar.id,
        (atHand) => setArchived(atHand, archived),
        archived ? `${jar.card.name} is archived` : `${jar.card.name} is back on the shelf`,
      ),
    );
  if (jar.card.archived) return <Button onPress={() => archive(false)}>Back on the shelf</Button>;
  return (
    <View style={styles.stack}>
      <View style={styles.row}>
        <Button
          kind="main"
          grow
          href={inProgramme ? `/jar/${jar.id}/programme` : `/jar/${jar.id}/feed`}
        >
          Feed
        </Button>
        {!inProgramme && (
          <Button grow onPress={() => setSheet('again')}>
            Same again
          </Button>
        )}
        <Button grow onPress={() => setSheet('take')}>
          Take out
        </Button>
      </View>
      <View style={styles.row}>
        <Button grow icon="swap-vertical" onPress={() => setSheet('move')}>
          Move
        </Button>
        <Button grow onPress={() => setSheet('note')}>
          Note
        </Button>
        <Button grow href={`/compare?a=${jar.id}`}>
          Compare
        </Button>
      </View>
      <View style={styles.apart}>
        <Button kind="bare" icon="pencil-outline" href={`/jar/${jar.id}/edit`}>
          Edit
        </Button>
        <Button kind="bare" href={`/jar/${jar.id}/paper`}>
          Label
        </Button>
        <Button kind="bare" onPress={() => setSheet('rejar')}>
          Jar
        </Button>
        <Button kind="bare" onPress={() => setSheet('weigh')}>
          Weigh
        </Button>
        <Button kind="bare" icon="archive-outline" onPress={() => archive(true)}>
          Archive
        </Button>
      </View>
      <View style={styles.apart}>
        <Button kind="bare" href={trouble}>
          Something is wrong
        </Button>
        <Button kind="bare" href={`/jar/${jar.id}/levain`}>
          Levain
        </Button>
        <Button kind="bare" href="/larder">
          Backup
        </Button>
      </View>
      {sheet === 'move' && <MoveSheet standing={standing} onClose={close} />}
      {sheet === 'take' && <TakeSheet standing={standing} onClose={close} />}
      {sheet === 'again' && <SameAgainSheet standing={standing} onClose={close} />}
      {sheet === 'rejar' && <RejarSheet standing={standing} onClose={close} />}
      {sheet === 'weigh' && <WeighSheet standing={standing} onClose={close} />}
      {sheet === 'note' && <NoteSheet standing={standing} onClose={close} />}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  apart: { flexDirection: 'row', gap: 8, justifyContent: 'space-between' },
});
