import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Standing } from '@core/journal';
import { PageTitle, Page, Panel, Button, Words, printDrawings, printText, saveFile } from '@kit';
import { labelSvg } from '@kit/labelSvg';
import { selectNextOf, selectStanding, useAppSelector, useContextOf } from '@state';

import { useCopy } from '../parts/useCopy';
import { useKitchenWords } from '../words';
import { careText, labelText } from '../words/paperWords';
import { SplitSheet } from './SplitSheet';
import { NoSuchJar } from '../parts/NoSuchJar';

/** So many labels are on a sheet. */
const ON_A_SHEET = 18;

/** A jar on paper: its label, and a card for whoever is given a part of it. */
export function PaperScreen({ id }: { readonly id: string }) {
  const standing = useAppSelector((state) => selectStanding(state, id));
  return (
    <Page title={standing ? `On paper: ${standing.jar.card.name}` : 'No such jar'} narrow>
      {standing ? <Paper standing={standing} /> : <NoSuchJar />}
    </Page>
  );
}

function Paper({ standing }: { readonly standing: Standing }) {
  const words = useKitchenWords();
  const { id, card } = standing.jar;
  const [splitting, setSplitting] = useState(false);
  const next = useAppSelector((state) => selectNextOf(state, id));
  const { pace } = useContextOf(id);
  const label = useMemo(() => labelText(standing, next, words), [standing, next, words]);
  const svg = useMemo(() => labelSvg(label), [label]);
  const care = useMemo(() => careText(standing, next, pace, words), [standing, next, pace, words]);
  const copy = useCopy();
  return (
    <>
      <PageTitle back={{ to: `/jar/${id}`, name: card.name }}>{`${card.name} on paper`}</PageTitle>
      <Panel label="Label">
        <Words size="title" level={2}>
          Label
        </Words>
        <img
          src={`data:image/svg+xml,${encodeURIComponent(svg)}`}
          alt={`Label: ${[label.name, ...label.lines].join(', ')}`}
          style={styles.box}
        />
        <Button kind="main" onPress={() => printDrawings([svg])}>
          Print one
        </Button>
        <View style={styles.row}>
          <Button grow onPress={() => printDrawings(Array.from({ length: ON_A_SHEET }, () => svg))}>
            Print a sheet
          </Button>
          <Button grow onPress={() => saveFile(`${card.name}-label.svg`, svg, 'image/svg+xml')}>
            Save as SVG
          </Button>
        </View>
      </Panel>
      <Panel label="Care card">
        <Words size="title" level={2}>
          For whoever gets a part of it
        </Words>
        <Words>{care}</Words>
        <View style={styles.row}>
          <Button grow onPress={() => printText(card.name, care)}>
            Print the card
          </Button>
          <Button onPress={() => copy(care, 'The card is copied as text')}>Copy</Button>
        </View>
        {!standing.jar.card.archived && (
          <Button onPress={() => setSplitting(true)}>Split off a part as a jar of its own</Button>
        )}
        {splitting && <SplitSheet standing={standing} onClose={() => setSplitting(false)} />}
      </Panel>
    </>
  );
}

const styles = StyleSheet.create({
  box: { width: '100%', maxWidth: 340, height: 'auto' },
  row: { flexDirection: 'row', gap: 8 },
});
