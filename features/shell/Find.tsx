import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { ActionRow, Field, Sheet, Words } from '@kit';
import { selectJars, useAppSelector } from '@state';

import { findableJar, found } from './findable';

/** More are not read through. */
const MOST = 16;

/** Looks for jars, acts, settings, help and words of the craft, from every page. */
export function Find({ onClose }: { readonly onClose: () => void }) {
  const router = useRouter();
  const jars = useAppSelector(selectJars);
  const [typed, setTyped] = useState('');
  const all = found(
    typed,
    jars.flatMap(({ id, card }) => findableJar(id, card.name)),
  );
  return (
    <Sheet title="Find" onClose={onClose}>
      <Field label="A jar, something to do, a setting or a word" text={typed} onText={setTyped} />
      {all.length === 0 ? (
        <Words live>{`Nothing is called “${typed.trim()}” here. Try another word.`}</Words>
      ) : (
        <View role="list" aria-label="Found">
          {all.slice(0, MOST).map(({ title, hint, href }, i) => (
            <View key={`${title} ${hint}`} role="listitem">
              {href === undefined ? (
                <View style={styles.term}>
                  <Words strong>{title}</Words>
                  <Words size="small">{hint}</Words>
                </View>
              ) : (
                <ActionRow
                  title={title}
                  hint={hint}
                  first={i === 0}
                  onPress={() => {
                    onClose();
                    router.navigate(href);
                  }}
                />
              )}
            </View>
          ))}
        </View>
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  term: { paddingVertical: 8 },
});
