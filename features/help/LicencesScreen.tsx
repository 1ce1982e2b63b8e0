import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { PageTitle, Page, Panel, TouchArea, Words } from '@kit';

import NOTICES from './licences.json';

/** Who made what this is made with, and on what terms: libraries, fonts and icons. */
export function LicencesScreen() {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <Page title="Licences" narrow>
      <PageTitle>Licences</PageTitle>
      <Words tone="quiet">
        {`Ombrello contains the work of others: ${NOTICES.length} libraries, fonts and icon sets. Tap one to read its terms.`}
      </Words>
      <Panel label="What it contains" style={styles.list}>
        {NOTICES.map(({ name, version, licence, by, text }) => (
          <View key={`${name} ${version}`}>
            <TouchArea
              open={open === name + version}
              onPress={() => setOpen(open === name + version ? null : name + version)}
              style={styles.row}
            >
              <Words style={styles.name}>{`${name} ${version}`}</Words>
              <Words tone="quiet">{licence}</Words>
            </TouchArea>
            {open === name + version && (
              <Words size="small" style={styles.text}>
                {text || `${licence}${by ? `, ${by}` : ''}`}
              </Words>
            )}
          </View>
        ))}
      </Panel>
    </Page>
  );
}

const styles = StyleSheet.create({
  list: { gap: 0, paddingVertical: 8 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 48 },
  name: { flex: 1 },
  text: { paddingBottom: 12 },
});
