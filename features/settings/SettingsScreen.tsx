import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useStore } from 'react-redux';

import { Choice, Field, Page, Panel, Press, Words, parseNumber } from '@kit';
import {
  type Settings,
  type Store,
  logEntries,
  openKitchen,
  selectArchived,
  selectKitchen,
  selectNow,
  selectSettings,
  settingsChanged,
  startDemo,
  useAppDispatch,
  useAppSelector,
} from '@state';
import { useState } from 'react';

import { Exchange } from './Exchange';
import { PlacesPanel } from './PlacesPanel';

/** Units, looks, places, the school, and everything out and in. */
export function SettingsScreen() {
  return (
    <Page narrow>
      <Words size="heading" level={1}>
        Settings
      </Words>
      <PlacesPanel />
      <SchoolPanel />
      <ShownPanel />
      <Exchange />
      <KitchensPanel />
      <ArchivedPanel />
    </Page>
  );
}

function useSetting() {
  const settings = useAppSelector(selectSettings);
  const dispatch = useAppDispatch();
  return {
    settings,
    set: (to: Partial<Settings>) => {
      dispatch(settingsChanged(to));
    },
  };
}

function ShownPanel() {
  const { settings, set } = useSetting();
  return (
    <Panel label="How things are shown">
      <Words size="title" level={2}>
        How things are shown
      </Words>
      <Choice
        label="Theme"
        options={[
          { is: 'system' as const, text: 'As the device' },
          { is: 'light' as const, text: 'Light' },
          { is: 'dark' as const, text: 'Dark' },
        ]}
        chosen={settings.theme}
        onChoose={(theme) => set({ theme })}
      />
      <Choice
        label="Temperature"
        options={[
          { is: 'celsius' as const, text: '°C' },
          { is: 'fahrenheit' as const, text: '°F' },
        ]}
        chosen={settings.temperature}
        onChoose={(temperature) => set({ temperature })}
      />
      <Choice
        label="Clock"
        options={[
          { is: '24' as const, text: '18:20' },
          { is: '12' as const, text: '6:20 pm' },
        ]}
        chosen={settings.clock}
        onChoose={(clock) => set({ clock })}
      />
      <Choice
        label="Weights"
        options={[
          { is: false, text: 'Grams' },
          { is: true, text: 'Grams, with ounces beside' },
        ]}
        chosen={settings.ounces}
        onChoose={(ounces) => set({ ounces })}
      />
    </Panel>
  );
}

/** What a new starter is fed, and how the bench weighs. Each jar's own card goes before this. */
function SchoolPanel() {
  const { settings, set } = useSetting();
  return (
    <Panel label="The school">
      <Words size="title" level={2}>
        The school
      </Words>
      <Words size="small" tone="quiet">
        What a new starter begins with. Each jar has its own feed on its card.
      </Words>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <NumberSetting
          label="Flour to 1 of keep"
          value={settings.parts}
          low={0.25}
          high={20}
          onSet={(parts) => set({ parts })}
        />
        <NumberSetting
          label="Hydration"
          unit="%"
          value={settings.hydrationPct}
          low={40}
          high={200}
          onSet={(hydrationPct) => set({ hydrationPct })}
        />
      </View>
      <Choice
        label="Into the jar"
        options={[
          { is: 'waterFirst' as const, text: 'Water first' },
          { is: 'flourFirst' as const, text: 'Flour first' },
        ]}
        chosen={settings.order}
        onChoose={(order) => set({ order })}
      />
      <Words size="small" tone="quiet">
        Water first is the safer habit: extra flour can be lifted off the top, extra water cannot be
        taken out.
      </Words>
      <Choice
        label="On the scale"
        options={[
          { is: 'tare' as const, text: 'Tare each portion' },
          { is: 'inJar' as const, text: 'Leave it, with the jar' },
        ]}
        chosen={settings.weighing}
        onChoose={(weighing) => set({ weighing })}
      />
    </Panel>
  );
}

function NumberSetting({
  label,
  unit,
  value,
  low,
  high,
  onSet,
}: {
  readonly label: string;
  readonly unit?: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly onSet: (value: number) => void;
}) {
  const [text, setText] = useState(String(value));
  const given = parseNumber(text);
  const good = given >= low && given <= high;
  return (
    <Field
      label={label}
      text={text}
      numeric
      {...(unit ? { unit } : {})}
      onText={(to) => {
        setText(to);
        const next = parseNumber(to);
        if (next >= low && next <= high) onSet(next);
      }}
      problem={good ? null : `Between ${low} and ${high}, please. Until then ${value} stays.`}
    />
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
          ? 'The demo household is open. Your own kitchen waits beside it, and neither touches the other.'
          : 'Your own kitchen is open. The demo household stands beside it, to try things out in.'}
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Press onPress={() => void go(openKitchen(store, name === 'demo' ? 'own' : 'demo'))}>
          {name === 'demo' ? 'Open my kitchen' : 'Open the demo'}
        </Press>
        {name === 'demo' && (
          <Press kind="bare" onPress={() => void go(startDemo(store))}>
            Start the demo afresh
          </Press>
        )}
      </View>
    </Panel>
  );
}

function ArchivedPanel() {
  const archived = useAppSelector(selectArchived);
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  if (archived.length === 0) return null;
  return (
    <Panel label="Archived jars">
      <Words size="title" level={2}>
        Archived jars
      </Words>
      {archived.map((jar) => (
        <View key={jar.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Words style={{ flex: 1 }}>{jar.card.name}</Words>
          <Press
            onPress={() =>
              dispatch(
                logEntries(
                  [
                    {
                      kind: 'described',
                      jar: jar.id,
                      at: new Date(now).toISOString(),
                      card: { ...jar.card, archived: false },
                    },
                  ],
                  `${jar.card.name} is back on the shelf`,
                ),
              )
            }
          >
            Back on the shelf
          </Press>
        </View>
      ))}
    </Panel>
  );
}
