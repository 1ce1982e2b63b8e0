import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useStore } from 'react-redux';

import { archive } from '@core/verbs';
import { PageTitle, Page, Panel, Button, Words } from '@kit';
import {
  doneTo,
  type Store,
  openKitchen,
  selectArchived,
  selectKitchen,
  startDemo,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { Exchange } from './Exchange';
import { KeptPanel } from './KeptPanel';
import { PlacesPanel } from './PlacesPanel';
import { RemindersPanel } from './RemindersPanel';
import { SchoolPanel } from './SchoolPanel';
import { ShownPanel } from './ShownPanel';
import { ZonePanel } from './ZonePanel';

/** Units, looks, places, the school, and everything out and in. */
export function SettingsScreen() {
  return (
    <Page title="Settings" narrow>
      <PageTitle>Settings</PageTitle>
      <PlacesPanel />
      <Button icon="tune-variant" href="/devices">
        Scale, thermometer, second device
      </Button>
      <SchoolPanel />
      <ShownPanel />
      <RemindersPanel />
      <ZonePanel />
      <Exchange />
      <KeptPanel />
      <KitchensPanel />
      <ArchivedPanel />
    </Page>
  );
}

function KitchensPanel() {
  const { name } = useAppSelector(selectKitchen);
  const store = useStore() as Store;
  const router = useRouter();
  const go = async (change: Promise<void>) => {
    await change;
    router.navigate('/');
  };
  return (
    <Panel label="Kitchens">
      <Words size="title" level={2}>
        Kitchens
      </Words>
      <Words>
        {name === 'demo'
          ? 'The demo household is open. Your own kitchen is beside it, and neither affects the other.'
          : 'Your own kitchen is open. The demo household is beside it, for trying things out.'}
      </Words>
      <View style={styles.wrap}>
        <Button onPress={() => void go(openKitchen(store, name === 'demo' ? 'own' : 'demo'))}>
          {name === 'demo' ? 'Open my kitchen' : 'Open the demo'}
        </Button>
        {name === 'demo' && (
          <Button kind="bare" onPress={() => void go(startDemo(store))}>
            Start the demo afresh
          </Button>
        )}
      </View>
    </Panel>
  );
}

function ArchivedPanel() {
  const archived = useAppSelector(selectArchived);
  const dispatch = useAppDispatch();
  if (archived.length === 0) return null;
  return (
    <Panel label="Archived jars">
      <Words size="title" level={2}>
        Archived jars
      </Words>
      {archived.map((jar) => (
        <View key={jar.id} style={styles.row}>
          <Words style={styles.fill}>{jar.card.name}</Words>
          <Button
            onPress={() =>
              dispatch(
                doneTo(
                  jar.id,
                  (atHand) => archive(atHand, false),
                  `${jar.card.name} is back on the shelf`,
                ),
              )
            }
          >
            Back on the shelf
          </Button>
        </View>
      ))}
    </Panel>
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flex: 1 },
});
