import { type Href } from 'expo-router';
import { useState } from 'react';
import { StyleSheet } from 'react-native';

import { type Standing } from '@core/journal';
import { archive as setArchived } from '@core/verbs';
import { ActionRow, Button, Panel } from '@kit';
import { doneTo, useAppDispatch } from '@state';

import { MoveSheet, WeighSheet } from '../parts/sheets';
import { NoteSheet, RejarSheet, TakeSheet } from './sheets';

type SheetName = 'move' | 'take' | 'note' | 'rejar' | 'weigh';

interface Action {
  readonly title: string;
  readonly hint: string;
  readonly does?: SheetName | 'archive';
  readonly href?: Href;
}

/** In the order in which they are wanted most. */
const actionsFor = (id: string): readonly Action[] => [
  { title: 'Take out', hint: 'for a bake, for pancakes or for the bin', does: 'take' },
  { title: 'Move', hint: 'to another place, now or later', does: 'move' },
  {
    title: 'Something is wrong',
    hint: 'mould, liquid, an odd smell, no rise',
    href: `/trouble?jar=${id}`,
  },
  { title: 'Build a levain', hint: 'in a bowl of its own', href: `/jar/${id}/levain` },
  { title: 'Write a note', hint: 'into its journal', does: 'note' },
  { title: 'Make a backup', hint: 'dried, frozen or as a stiff ball', href: '/larder' },
  { title: 'Weigh it', hint: 'so that the log knows what is there', does: 'weigh' },
  { title: 'Compare', hint: 'with another jar, side by side', href: `/compare?a=${id}` },
  { title: 'Change its card', hint: 'name, usual feed, rhythm, glass', href: `/jar/${id}/edit` },
  { title: 'Put it into another jar', hint: 'and weigh or measure that one', does: 'rejar' },
  { title: 'Print', hint: 'a label, or a card for a friend', href: `/jar/${id}/paper` },
  { title: 'Archive', hint: 'off the shelf; its journal is kept', does: 'archive' },
];

/** What else can be done with a jar. */
export function JarActions({ standing }: { readonly standing: Standing }) {
  const { jar } = standing;
  const dispatch = useAppDispatch();
  const [sheet, setSheet] = useState<SheetName | null>(null);
  const close = () => setSheet(null);
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
    <Panel label="What else" style={styles.panel}>
      {actionsFor(jar.id).map(({ does, ...row }, i) => (
        <ActionRow
          key={row.title}
          {...row}
          first={i === 0}
          {...(does && { onPress: () => (does === 'archive' ? archive(true) : setSheet(does)) })}
        />
      ))}
      {sheet === 'move' && <MoveSheet standing={standing} onClose={close} />}
      {sheet === 'take' && <TakeSheet standing={standing} onClose={close} />}
      {sheet === 'rejar' && <RejarSheet standing={standing} onClose={close} />}
      {sheet === 'weigh' && <WeighSheet standing={standing} onClose={close} />}
      {sheet === 'note' && <NoteSheet standing={standing} onClose={close} />}
    </Panel>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 0, paddingVertical: 8 },
});
