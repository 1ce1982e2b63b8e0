import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useStore } from 'react-redux';

import { type Reading } from '@core/devices/contract';
import { PageTitle, Button, Field, Notice, Page, Panel, Words, pageUrl, pageFragment } from '@kit';
import { type Store } from '@state';
import { type Hub, setHubKey } from '@state/hub';
import { keepHub } from '@state/hubKeeper';

import { useCopy } from '../parts/useCopy';
import { useHub } from '../parts/useHub';
import { useKitchenWords } from '../words';
import { HangsAt, SitsOn } from './DeviceRoles';
import { PairPanel } from './PairPanel';
import { PlayPanel } from './PlayPanel';

const LINE_WORDS: Readonly<Record<Hub['line'], string>> = {
  none: 'Not joined.',
  live: 'Joined: what your devices say comes in here.',
  broken: 'The line is broken. It is tried again by itself.',
  refused: 'The hub does not know this key, or there is none at this address. It is tried again.',
};

/** A scale, a thermometer or a lid of the kitchen: joined by the key of the hub, and what each says. */
export function DevicesScreen({ given }: { readonly given?: string | undefined }) {
  const hub = useHub();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const router = useRouter();
  const store = useStore() as Store;
  useEffect(() => keepHub(store), [store]);
  // The code of another device stands behind the #, where no server sees it.
  const [offered] = useState(() => /^pair=(.+)$/.exec(pageFragment())?.[1] ?? null);
  useEffect(() => {
    if (given) void setHubKey(given);
    // Neither need stand where somebody could look over a shoulder; the router keeps what is behind the # by that name.
    if (given || offered) router.setParams({ key: undefined, '#': '' });
  }, [given, offered, router]);
  const join = () => {
    // The whole line of the server may be pasted as well.
    const key = (/[?&]key=([\w-]+)/.exec(text)?.[1] ?? text).trim();
    if (!/^[\w-]{8,}$/.test(key)) return setProblem('That is no key: eight letters and digits or more.'); // oxfmt-ignore
    setProblem(null);
    setText('');
    void setHubKey(key);
  };
  return (
    <Page title="Devices" narrow>
      <PageTitle>Devices</PageTitle>
      <Panel label="The hub">
        {hub.key === null ? (
          <>
            <Words>
              A scale at the bench fills in its own numbers, and the bench goes on by itself. The
              program that serves this page is the hub: it prints its key when it starts.
            </Words>
            <Field
              label="Key of the hub"
              text={text}
              onText={(to) => {
                setText(to);
                setProblem(null);
              }}
              problem={problem}
              onSubmit={join}
            />
            <Button kind="main" onPress={join}>
              Join the hub
            </Button>
          </>
        ) : (
          <>
            <Words strong live>
              {LINE_WORDS[hub.line]}
            </Words>
            <Button kind="bare" onPress={() => void setHubKey(null)}>
              Leave the hub
            </Button>
          </>
        )}
      </Panel>
      {hub.line === 'refused' && hub.key !== null && (
        <Notice title="The hub here has another key.">
          Leave the hub, and join again with the key in the line that the server prints when it
          starts.
        </Notice>
      )}
      {hub.key !== null && (
        <>
          <Known hub={hub} />
          <PairPanel hubKey={hub.key} offered={offered} />
          <PlayPanel />
          <HomeMade address={pageUrl('/hub/readings')} hubKey={hub.key} />
        </>
      )}
    </Page>
  );
}

function Known({ hub }: { readonly hub: Hub }) {
  const all = [...hub.devices.values()];
  return (
    <Panel label="What they say">
      <Words size="title" level={2}>
        What they say
      </Words>
      {all.length === 0 && <Words tone="quiet">Nothing has said anything yet.</Words>}
      {all.map((reading) => (
        <View
          key={reading.device}
          style={styles.device}
          // Of two lids both have the same fields.
          role="group"
          aria-label={reading.name}
        >
          <DeviceRow reading={reading} />
          {reading.kind === 'thermometer' && <HangsAt device={reading.device} />}
          {reading.kind === 'lid' && <SitsOn device={reading.device} mm={reading.mm} />}
        </View>
      ))}
    </Panel>
  );
}

function DeviceRow({ reading }: { readonly reading: Reading }) {
  const words = useKitchenWords();
  const said =
    reading.kind === 'scale'
      ? reading.off
        ? 'switched itself off'
        : words.grams(reading.grams)
      : reading.kind === 'thermometer'
        ? `${words.celsius(reading.celsius)}${reading.min === undefined || reading.max === undefined ? '' : `, ${words.celsius(reading.min)} to ${words.celsius(reading.max)}`}`
        : `${Math.round(reading.mm)} mm to the surface`;
  const battery = reading.battery;
  return (
    <View style={styles.row}>
      <Words style={styles.fill}>{reading.name}</Words>
      <Words strong>{said}</Words>
      {battery !== undefined && battery < 20 && (
        <Words tone="crust">{`battery ${battery} %`}</Words>
      )}
    </View>
  );
}

/** What somebody who builds a device needs. */
function HomeMade({ address, hubKey }: { readonly address: string; readonly hubKey: string }) {
  const copy = useCopy();
  return (
    <Panel label="A device of your own">
      <Words size="title" level={2}>
        A device of your own
      </Words>
      <Words>
        It posts its readings as JSON, with the key in its Authorization header. The format is in
        docs/formats/hub.md.
      </Words>
      <Words size="small" tone="quiet">
        {address}
      </Words>
      <Button
        kind="bare"
        onPress={() =>
          copy(
            `curl -X POST ${address} -H "Authorization: Bearer ${hubKey}" -H "Content-Type: application/json" -d '{"device":"my-scale","kind":"scale","readings":[{"seq":1,"grams":412}]}'`,
            'A command that posts one reading is copied',
          )
        }
      >
        Copy a command that posts one
      </Button>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12, alignItems: 'baseline' },
  fill: { flex: 1 },
  device: { gap: 8, marginBottom: 16 },
});
