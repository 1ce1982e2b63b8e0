import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Page, Panel, Button, Words, reload, goTo, saveFile } from '@kit';
import { type KitchenName, type RawStore, keepOpenName, openName, rawStore } from '@state';

/** In place of a page that could not be shown: what happened, and what can still be done. It needs the raw store only. */
export function RescuePage({
  fault,
  onAgain,
}: {
  readonly fault: Error;
  readonly onAgain: () => void;
}) {
  // Of which kitchen this is, is asked of the store whenever something is done to it: a wrong one would lose its entry.
  const [other, setOther] = useState<KitchenName | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  useEffect(() => {
    void openName().then((open) => setOther(open === 'demo' ? 'own' : 'demo'));
  }, []);
  /** Does something with the store, and says so when even that fails. */
  const attempt = (task: (store: RawStore) => Promise<void>) => () =>
    void openName()
      .then((open) => task(rawStore(open ?? 'own')))
      .catch(() => setSaid('The browser’s store does not answer. Reload the page.'));
  return (
    <Page title="This page could not be shown" narrow>
      <Words size="heading" level={1}>
        This page could not be shown
      </Words>
      <Panel label="What happened">
        <Words>{whatHappened(fault)}</Words>
        <Words>What you entered is not lost: it is in the browser’s store as it was.</Words>
        <Button
          kind="main"
          onPress={attempt(async (store) => {
            await store.forget();
            onAgain();
          })}
        >
          Try again
        </Button>
      </Panel>
      <Panel label="If that does not help">
        <Words size="title" level={2}>
          If that does not help
        </Words>
        <View style={styles.wrap}>
          <Button
            onPress={attempt(async (store) =>
              saveFile('ombrello-raw.txt', await store.text(), 'text/plain'),
            )}
          >
            Export the raw journal
          </Button>
          <Button
            onPress={attempt(async (store) => {
              const line = await store.setNewestAside();
              setSaid(
                line === null
                  ? 'There is no entry to set aside.'
                  : `Set aside, and kept for export: ${line.slice(0, 140)}`,
              );
            })}
          >
            Set the newest entry aside
          </Button>
          {other && (
            <Button
              onPress={attempt(async () => {
                await keepOpenName(other);
                goTo(homePath());
              })}
            >
              {other === 'demo' ? 'Open the demo' : 'Open my kitchen'}
            </Button>
          )}
          <Button onPress={() => reload()}>Reload</Button>
        </View>
        {said && <Words live>{said}</Words>}
        <Words size="small" tone="quiet">
          It is often the newest entry that a page cannot show. Set aside, it no longer counts, and
          you can still export it from the settings. Reload after that.
        </Words>
      </Panel>
    </Page>
  );
}

const homePath = () => `${process.env.EXPO_BASE_URL ?? ''}/`;

/** What happened, in a sentence. */
function whatHappened({ message }: Error): string {
  return /loading|import|fetch|chunk|module/i.test(message)
    ? 'A part of Ombrello could not be fetched. Open it once with a network, and from then on it works without.'
    : `Something in it did not add up: ${message.replace(/\.?$/, '.')}`;
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
