import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Pictured, instantOf } from '@core/journal';
import { Button, Sheet, TouchArea, Words } from '@kit';
import { useAppDispatch, withdrawEntries } from '@state';
import { type PictureOf, pictureAdded } from '@state/pictures';

import { useKitchenWords } from '../words';
import { Picture } from './Picture';
import { chooseFile } from './chooseFile';

/** As wide as a thumb likes it; as wide as a telephone has room for. */
const SMALL = 84;
const LARGE = 320;

/** The pictures of an entry, each to be seen large, and the way to add one. */
export function Pictures({
  pictures,
  to,
  of,
}: {
  readonly pictures: readonly Pictured[];
  /** What a new one is put to. */
  readonly to: PictureOf;
  /** What they show, in a few words. */
  readonly of: string;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const [shown, setShown] = useState<Pictured | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const add = async () => {
    setProblem(null);
    const file = await chooseFile(['image/*']);
    if (!file) return;
    setBusy(true);
    setProblem(await dispatch(pictureAdded(file, to, 'The picture is kept')));
    setBusy(false);
  };
  const label = (pictured: Pictured) => `${of}, ${words.dated(instantOf(pictured))}`;
  return (
    <View style={styles.stack}>
      {pictures.length > 0 && (
        <View style={styles.row}>
          {pictures.map((pictured) => (
            <TouchArea
              key={pictured.id}
              label={`See the picture large: ${label(pictured)}`}
              onPress={() => setShown(pictured)}
            >
              <Picture pictured={pictured} label={label(pictured)} width={SMALL} />
            </TouchArea>
          ))}
        </View>
      )}
      <View style={styles.atEdge}>
        <Button kind="bare" icon="plus" disabled={busy} onPress={() => void add()}>
          {busy ? 'Making it smaller …' : 'Add a picture'}
        </Button>
      </View>
      {problem !== null && (
        <Words tone="beet" live>
          {problem}
        </Words>
      )}
      {shown && (
        <Sheet title={of} onClose={() => setShown(null)}>
          <View style={styles.middle}>
            <Picture pictured={shown} label={label(shown)} width={LARGE} />
          </View>
          <Words size="small" tone="quiet">
            {words.dated(instantOf(shown))}
          </Words>
          <Button
            kind="bare"
            onPress={() => {
              dispatch(withdrawEntries([shown.id], 'The picture is taken away'));
              setShown(null);
            }}
          >
            Take it away
          </Button>
        </Sheet>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 6 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
  middle: { alignItems: 'center' },
});
