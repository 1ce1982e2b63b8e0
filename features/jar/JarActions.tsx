import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { type Standing } from '@core/journal';
import { Press } from '@kit';
import { logEntries, selectNow, useAppDispatch, useAppSelector } from '@state';

import { MoveSheet } from './MoveSheet';
import { NoteSheet } from './NoteSheet';
import { RejarSheet } from './RejarSheet';
import { SameAgainSheet } from './SameAgainSheet';
import { TakeSheet } from './TakeSheet';

/** What can be done with a jar. */
export function JarActions({ standing }: { readonly standing: Standing }) {
  const { jar } = standing;
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const [sheet, setSheet] = useState<'move' | 'take' | 'note' | 'again' | 'rejar' | null>(null);
  const close = () => setSheet(null);
  const trouble = `/trouble?jar=${jar.id}` as const;
  const archive = (archived: boolean) =>
    dispatch(
      logEntries(
        [
          {
            kind: 'described',
            jar: jar.id,
            at: new Date(now).toISOString(),
            card: { ...jar.card, archived },
          },
        ],
        archived ? `${jar.card.name} is archived` : `${jar.card.name} is back on the shelf`,
      ),
    );
  if (jar.card.archived) return <Press onPress={() => archive(false)}>Back on the shelf</Press>;
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Press
          kind="main"
          grow
          href={`/jar/${jar.id}/feed`}
          onPress={() => router.navigate(`/jar/${jar.id}/feed`)}
        >
          Feed
        </Press>
        <Press grow onPress={() => setSheet('again')}>
          Same again
        </Press>
        <Press grow onPress={() => setSheet('take')}>
          Take out
        </Press>
      </View>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Press grow icon="swap-vertical" onPress={() => setSheet('move')}>
          Move
        </Press>
        <Press grow onPress={() => setSheet('note')}>
          Note
        </Press>
        <Press
          grow
          href={`/compare?a=${jar.id}`}
          onPress={() => router.navigate(`/compare?a=${jar.id}`)}
        >
          Compare
        </Press>
      </View>
      <View style={{ flexDirection: 'row', gap: 8, justifyContent: 'space-between' }}>
        <Press
          kind="bare"
          icon="pencil-outline"
          href={`/jar/${jar.id}/edit`}
          onPress={() => router.navigate(`/jar/${jar.id}/edit`)}
        >
          Edit
        </Press>
        <Press
          kind="bare"
          href={`/jar/${jar.id}/paper`}
          onPress={() => router.navigate(`/jar/${jar.id}/paper`)}
        >
          Label
        </Press>
        <Press kind="bare" onPress={() => setSheet('rejar')}>
          Jar
        </Press>
        <Press kind="bare" icon="archive-outline" onPress={() => archive(true)}>
          Archive
        </Press>
      </View>
      <View style={{ flexDirection: 'row', gap: 8, justifyContent: 'space-between' }}>
        <Press kind="bare" href={trouble} onPress={() => router.navigate(trouble)}>
          Something is wrong
        </Press>
        <Press kind="bare" href="/larder" onPress={() => router.navigate('/larder')}>
          Backup
        </Press>
      </View>
      {sheet === 'move' && <MoveSheet standing={standing} onClose={close} />}
      {sheet === 'take' && <TakeSheet standing={standing} onClose={close} />}
      {sheet === 'again' && <SameAgainSheet standing={standing} onClose={close} />}
      {sheet === 'rejar' && <RejarSheet standing={standing} onClose={close} />}
      {sheet === 'note' && <NoteSheet standing={standing} onClose={close} />}
    </View>
  );
}
